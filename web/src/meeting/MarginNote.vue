<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { onBeforeUnmount, ref, watch } from 'vue'
import { answer, api, onVersion } from '../api/client'
import { messageOf, Problem } from '../api/problem'
import type { Margin } from '../api/types'
import CitesList from '../citations/CitesList.vue'
import ErrorNote from '../shared/ErrorNote.vue'

/** One's own notes beside a meeting; saved as they are typed, shown to nobody else. */
const props = defineProps<{ meetingId: string }>()

const AFTER_MS = 600
const path = { path: { id: props.meetingId } }

const { data, error, refetch } = useQuery({
  queryKey: ['margin', props.meetingId],
  queryFn: () => answer(api.GET('/api/meetings/{id}/margin', { params: path })),
  refetchOnWindowFocus: false,
  gcTime: 0,
})

const text = ref('')
const state = ref('')
const trouble = ref('')
let version = 0
let kept = ''
let saving = false
let timer: ReturnType<typeof setTimeout> | undefined

watch(data, (margin) => {
  if (!margin || text.value !== kept) return
  version = margin.version
  text.value = kept = margin.text
})

function typed() {
  state.value = 'saving …'
  clearTimeout(timer)
  timer = setTimeout(() => void save(), AFTER_MS)
}

async function save() {
  if (saving || text.value === kept) return
  saving = true
  const sent = text.value
  try {
    const margin = await answer(
      api.PUT('/api/meetings/{id}/margin', {
        params: { ...path, header: onVersion(version) },
        body: { text: sent },
      }),
    )
    version = margin.version
    kept = sent
    trouble.value = ''
    state.value = 'saved'
  } catch (thrown) {
    meet(thrown)
  } finally {
    saving = false
  }
  if (text.value !== kept) typed()
}

/** Another window of one's own wrote here: both are kept, one below the other. */
function meet(thrown: unknown) {
  if (thrown instanceof Problem && thrown.isStale) {
    const other = thrown.current as Margin
    version = other.version
    text.value = `${other.text}\n\n${text.value}`
    return
  }
  trouble.value = `Not saved yet. ${messageOf(thrown)}`
}

onBeforeUnmount(() => {
  clearTimeout(timer)
  void save()
})
</script>

<template>
  <section aria-label="Private margin">
    <h2 class="section-head">
      Private margin <span role="status">{{ trouble ? '' : state }}</span>
    </h2>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <textarea
      v-else
      v-model="text"
      rows="7"
      maxlength="100000"
      aria-label="Your own notes beside this meeting"
      placeholder="Your own talking points. Nobody else ever sees them."
      :disabled="!data"
      @input="typed"
      @blur="save"
    />
    <CitesList :of="data?.id" />
    <p v-if="trouble" class="red small" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
textarea {
  display: block;
  width: 100%;
  margin-top: 8px;
  padding: 8px 10px;
  border: 1px dashed var(--rule-strong);
  border-radius: 3px;
  background: var(--paper-2);
  font: 14.5px/1.5 var(--serif);
  resize: vertical;
  field-sizing: content;
  min-height: 150px;
  max-height: 60vh;
}
</style>
