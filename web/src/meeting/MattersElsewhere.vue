<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { Matter } from '../api/types'
import { shortDay } from '../shared/dates'
import { cited } from '../shared/folioNumbers'

const props = defineProps<{ meetingId: string }>()
const emit = defineEmits<{ pull: [matter: Matter] }>()

const words = ref('')
const { data: offered } = useQuery({
  queryKey: [keys.matters, props.meetingId, 'elsewhere', words],
  queryFn: () =>
    answer(
      api.GET('/api/meetings/{id}/matters/elsewhere', {
        params: { path: { id: props.meetingId }, query: { words: words.value } },
      }),
    ),
  placeholderData: keepPreviousData,
})
</script>

<template>
  <div class="elsewhere">
    <label>
      <span class="label">Open actions of other meetings with these words</span>
      <input v-model="words" class="field" type="search" />
    </label>
    <ul v-if="offered?.length">
      <li v-for="matter in offered" :key="matter.lineId">
        <span class="figures small">{{ cited(matter.folio, matter.number) }}</span>
        <span>{{ matter.text }}</span>
        <span class="small">{{ matter.due && shortDay(matter.due) }}</span>
        <button
          class="btn"
          type="button"
          :aria-label="`Pull in ${cited(matter.folio, matter.number)}`"
          @click="emit('pull', matter)"
        >
          Pull in
        </button>
      </li>
    </ul>
    <p v-else-if="offered" class="small">No open action of another meeting has these words.</p>
  </div>
</template>

<style scoped>
.elsewhere {
  margin-top: 8px;
  padding: 12px;
  background: var(--paper-2);
  border: 1px solid var(--rule);
  border-radius: 3px;
}

ul {
  max-height: 260px;
  overflow: auto;
  margin-top: 8px;
}

li {
  display: grid;
  grid-template-columns: 36px 1fr auto auto;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
  font: 14.5px/1.4 var(--serif);
}

p {
  margin-top: 8px;
}
</style>
