<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import { shortDay } from '../shared/dates'
import { KIND_NAMES } from '../shared/words'

/** A line to try the marks and abbreviations on, as notes of today would be read. */
const text = ref('')
const { data: read } = useQuery({
  queryKey: [keys.shorthand, 'tried', text],
  queryFn: () => answer(api.POST('/api/shorthand/tried', { body: { text: text.value } })),
  enabled: computed(() => text.value.trim() !== ''),
  placeholderData: keepPreviousData,
})

const says = computed(() => {
  const r = read.value
  if (!r || !text.value.trim()) return []
  const done = r.mark === 'DONE' ? 'Done already: no line of its own' : null
  const kind = r.kind ? KIND_NAMES[r.kind] : (done ?? 'No mark: read with the rest of the notes')
  return [
    kind,
    r.kind === 'ACTION' ? (r.owner ?? 'owner open') : null,
    r.due ? shortDay(r.due) : null,
    r.writtenOut ? `“${r.writtenOut}”` : null,
  ].filter((part): part is string => part !== null)
})
</script>

<template>
  <section aria-label="Try a line">
    <label>
      <span class="label">Try a line</span>
      <input
        v-model="text"
        class="field"
        maxlength="1000"
        placeholder="A: Tom to ring the yard by Friday"
      />
    </label>
    <p role="status" class="small">{{ says.join(' · ') }}</p>
  </section>
</template>

<style scoped>
section {
  margin-top: 26px;
  max-width: 640px;
}

p {
  min-height: 24px;
  padding-top: 6px;
}
</style>
