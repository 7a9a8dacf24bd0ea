<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import RegisterList from '../registers/RegisterList.vue'
import { longDay } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import { folioAddress } from '../shared/folioNumbers'
import TimeChart from '../shared/TimeChart.vue'
import { facetOf } from '../ledger/useLedger'

/** One person across the ledger: attendance, what they promised and kept, how much they spoke. */
const id = String(useRoute().params.id)
const { data, error, refetch } = useQuery({
  queryKey: [keys.portraits, 'person', id],
  queryFn: () => answer(api.GET('/api/people/{id}/portrait', { params: { path: { id } } })),
})

const figures = computed(() => {
  const c = data.value?.commitments
  return c
    ? [
        { name: 'kept', n: c.kept },
        { name: 'put off at least once', n: c.slipped },
        { name: 'open', n: c.open },
        { name: 'overdue', n: c.overdue, red: c.overdue > 0 },
        { name: 'dropped', n: c.dropped },
      ]
    : []
})
/** Where a transcript tells how much of the talk was theirs, earliest first. */
const shares = computed(() =>
  (data.value?.meetings ?? [])
    .filter((m) => m.present && m.share > 0)
    .map((m) => ({
      day: m.date,
      value: m.share * 100,
      label: `${Math.round(m.share * 100)}%`,
    }))
    .reverse(),
)
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <article v-else-if="data" class="portrait">
    <header>
      <h1>{{ data.name }}</h1>
      <p class="small">{{ [data.role, data.email].filter(Boolean).join(' · ') }}</p>
    </header>
    <section aria-label="Commitments">
      <h2 class="section-head">Commitments</h2>
      <dl>
        <div v-for="f in figures" :key="f.name">
          <dd class="figures" :class="{ red: f.red }">{{ f.n }}</dd>
          <dt>{{ f.name }}</dt>
        </div>
      </dl>
      <RegisterList register="actions" :shown="{ open: true, overdue: false, owner: id }">
        Nothing is open that {{ data.name }} has to do.
      </RegisterList>
    </section>
    <section v-if="shares.length > 1" aria-label="Share of the talk">
      <h2 class="section-head">Share of the talk</h2>
      <TimeChart :points="shares" :from="0" title="Share of the words spoken, by meeting" />
    </section>
    <section aria-label="Attendance">
      <h2 class="section-head">Attendance</h2>
      <p class="small">
        At {{ data.present }} of {{ data.present + data.absent }} meetings.
        <RouterLink :to="{ path: '/ledger', query: { facet: facetOf('PERSON', id) } }">
          In the ledger
        </RouterLink>
      </p>
      <table v-if="data.meetings.length">
        <thead>
          <tr>
            <th scope="col">Date</th>
            <th scope="col">Meeting</th>
            <th scope="col">There</th>
            <th scope="col" class="num">Share of talk</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="m in data.meetings" :key="m.folio">
            <td class="figures">{{ longDay(m.date) }}</td>
            <th scope="row">
              <RouterLink :to="folioAddress(m.folio)">
                <span class="folio-no">{{ m.folio }}</span> {{ m.title }}
              </RouterLink>
            </th>
            <td>{{ m.present === null ? 'not known' : m.present ? 'there' : 'absent' }}</td>
            <td class="num figures">{{ m.share > 0 ? `${Math.round(m.share * 100)}%` : '' }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </article>
</template>

<style scoped>
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 44px;
  margin: 12px 0 8px;
}

dd {
  margin: 0;
  font: 600 26px/1.1 var(--serif);
}

dt {
  font: 12.5px/1.4 var(--sans);
  color: var(--ink-2);
}

table {
  width: 100%;
  border-collapse: collapse;
  margin-top: 8px;
}

thead th {
  font: 600 12.5px/1.3 var(--sans);
  color: var(--ink-2);
}

th,
td {
  text-align: left;
  padding: 6px 14px 6px 0;
  border-bottom: 1px solid var(--rule);
}

tbody th {
  font: 15.5px/1.4 var(--serif);
}

th a {
  color: inherit;
  text-decoration: none;
}

th a:hover {
  text-decoration: underline;
}

th.num,
.num {
  text-align: right;
}
</style>
