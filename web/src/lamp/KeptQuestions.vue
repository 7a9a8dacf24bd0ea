<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { KeptQuestion } from '../api/types'
import { longDay } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import { partInWords } from './where'

/** The questions the team keeps, to be asked again. */
const { say, attempt } = useNotices()
const { data, error, refetch } = useQuery({
  queryKey: [keys.kept],
  queryFn: () => answer(api.GET('/api/kept')),
})

const of = (kept: KeptQuestion) => partInWords(kept.asked.where)

async function letGo(kept: KeptQuestion) {
  const path = { id: kept.id }
  if (await attempt(answer(api.DELETE('/api/kept/{id}', { params: { path } })))) {
    say('The question is kept no longer.')
  }
  await outdate(keys.kept)
}
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <section v-else-if="data?.length" aria-label="Kept questions">
    <h2 class="section-head">
      Kept questions <span>{{ data.length }}</span>
    </h2>
    <ul class="entries">
      <li v-for="kept in data" :key="kept.id">
        <div>
          <RouterLink :to="{ path: '/lamp', query: { kept: kept.id } }">
            {{ kept.asked.question }}
          </RouterLink>
          <p class="small">
            <template v-if="of(kept)">of {{ of(kept) }} · </template>
            {{ kept.answered ? 'answered' : 'the ledger did not say' }} on
            {{ longDay(kept.askedOn) }} · kept by {{ kept.keptBy }}
          </p>
        </div>
        <button
          data-writes
          class="btn quiet"
          type="button"
          :aria-label="`Let go of “${kept.asked.question}”`"
          @click="letGo(kept)"
        >
          Let go
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
a {
  font: 600 16px/1.4 var(--serif);
  overflow-wrap: anywhere;
}
</style>
