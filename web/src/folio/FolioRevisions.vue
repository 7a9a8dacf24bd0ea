<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Person, Revision } from '../api/types'
import { arrival, longDay } from '../shared/dates'
import { cited } from '../shared/folioNumbers'
import { useNotices } from '../shared/notices'
import { count } from '../shared/words'
import { changesOf } from './revisionChanges'

const props = defineProps<{ folio: number; people: Person[]; filedBy: string; filedAt: string }>()
const { attempt } = useNotices()

const { data } = useQuery({
  queryKey: [keys.folio, props.folio, 'revisions'],
  queryFn: () =>
    answer(
      api.GET('/api/folios/{number}/revisions', { params: { path: { number: props.folio } } }),
    ),
})

const wording = {
  person: (id: string) => props.people.find((p) => p.id === id)?.name ?? 'somebody',
  day: longDay,
}

async function restore(revision: Revision) {
  const path = { number: props.folio, revision: revision.number }
  const undone = api.POST('/api/folios/{number}/revisions/{revision}/undoing', { params: { path } })
  if (await attempt(answer(undone))) await outdate(keys.folio)
}
</script>

<template>
  <section v-if="data?.length" class="revisions no-print" aria-label="Revisions">
    <h2 class="section-head">
      Revisions <span>{{ data.length + 1 }}</span>
    </h2>
    <details v-for="(revision, i) in data" :key="revision.number" :open="i === 0">
      <summary>
        <b>Revision {{ revision.number }}</b>
        {{ revision.by }}, {{ arrival(revision.at) }} ·
        {{ count(revision.changes.length, 'change') }}
      </summary>
      <table>
        <thead>
          <tr>
            <th scope="col">Line</th>
            <th scope="col">Before</th>
            <th scope="col">Since then</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(change, n) in revision.changes" :key="n">
            <th scope="row" class="figures">
              {{ change.line === null ? change.person : cited(folio, change.line) }}
            </th>
            <td>
              <p v-for="said in changesOf(change, wording).was" :key="said">{{ said }}</p>
            </td>
            <td>
              <p v-for="said in changesOf(change, wording).became" :key="said">{{ said }}</p>
            </td>
          </tr>
        </tbody>
      </table>
      <button data-writes class="btn" type="button" @click="restore(revision)">
        Restore what stood before
      </button>
    </details>
    <p class="small">Revision 1: filed by {{ filedBy }}, {{ arrival(filedAt) }}.</p>
  </section>
</template>

<style scoped>
.revisions {
  margin-top: 34px;
}

details {
  border-bottom: 1px solid var(--rule);
  padding: 8px 0;
}

summary {
  cursor: pointer;
  font-size: 13.5px;
}

table {
  width: 100%;
  table-layout: fixed;
  border-collapse: collapse;
  margin: 8px 0 10px;
}

th,
td {
  text-align: left;
  vertical-align: top;
  padding: 4px 12px 4px 0;
}

th:first-child {
  width: 92px;
}

thead th {
  font: 600 12px/1.4 var(--sans);
  color: var(--ink-2);
}

tbody th {
  font: 500 12.5px/1.7 var(--sans);
}

td p {
  font: 15px/1.45 var(--serif);
  overflow-wrap: anywhere;
}

td p + p {
  font: 12.5px/1.5 var(--sans);
  color: var(--ink-2);
}

p.small {
  margin-top: 8px;
}
</style>
