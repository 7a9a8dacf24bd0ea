<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import { facetOf } from '../ledger/useLedger'
import RegisterList from '../registers/RegisterList.vue'
import { longDay, shortDay } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import { folioAddress } from '../shared/folioNumbers'
import { count } from '../shared/words'

/** One series across the ledger: its meetings, who came, what is open, what stands. */
const route = useRoute()
const name = computed(() => String(route.query.name ?? ''))
const { data, error, refetch } = useQuery({
  queryKey: [keys.portraits, 'series', name],
  queryFn: () => answer(api.GET('/api/series', { params: { query: { name: name.value } } })),
})

const dateOfFolio = (folio: number) =>
  data.value?.occurrences.find((o) => o.folio === folio)?.date ?? ''
const SIGNS = { true: '●', false: '○', null: '' }
const WORDS = { true: 'there', false: 'absent', null: 'not expected' }
const key = (there: boolean | null) => String(there) as keyof typeof SIGNS
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <article v-else-if="data" class="portrait">
    <header>
      <p class="small">Series</p>
      <h1>{{ data.name }}</h1>
      <p class="small">
        {{ count(data.occurrences.length, 'meeting') }} ·
        <RouterLink :to="{ path: '/ledger', query: { facet: facetOf('SERIES', name) } }">
          its folios in the ledger
        </RouterLink>
        ·
        <RouterLink :to="{ path: '/roll-up', query: { facet: facetOf('SERIES', name) } }">
          roll up
        </RouterLink>
      </p>
    </header>
    <section aria-label="Open matters">
      <h2 class="section-head">Open matters</h2>
      <RegisterList
        register="actions"
        :shown="{ open: true, overdue: false, owner: undefined, series: name }"
      >
        No action of this series is open.
      </RegisterList>
      <RegisterList
        register="questions"
        :shown="{ open: true, overdue: false, owner: undefined, series: name }"
      />
    </section>
    <section aria-label="Decisions that stand">
      <h2 class="section-head">Decisions that stand</h2>
      <RegisterList
        register="decisions"
        :shown="{ open: true, overdue: false, owner: undefined, series: name }"
      >
        No decision of this series stands.
      </RegisterList>
    </section>
    <section v-if="data.grid.length" aria-label="Attendance">
      <h2 class="section-head">Attendance</h2>
      <div class="scroll" tabindex="0" role="group" aria-label="Attendance, by meeting">
        <table>
          <thead>
            <tr>
              <th scope="col">Who</th>
              <th v-for="folio in data.grid" :key="folio" scope="col">
                <RouterLink :to="folioAddress(folio)" :aria-label="`Folio ${folio}`">
                  <span class="figures">{{ shortDay(dateOfFolio(folio)).slice(4) }}</span>
                </RouterLink>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in data.attendance" :key="row.name">
              <th scope="row">
                <RouterLink v-if="row.personId" :to="`/people/${row.personId}`">{{
                  row.name
                }}</RouterLink>
                <template v-else>{{ row.name }}</template>
              </th>
              <td v-for="(there, i) in row.present" :key="i">
                <span aria-hidden="true">{{ SIGNS[key(there)] }}</span>
                <span class="unseen">{{ WORDS[key(there)] }}</span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="small">● there &nbsp; ○ absent</p>
    </section>
    <section aria-label="Meetings">
      <h2 class="section-head">Meetings</h2>
      <ul>
        <li v-for="o in data.occurrences" :key="o.meetingId">
          <span class="figures">{{ longDay(o.date) }}</span>
          <RouterLink v-if="o.folio !== null" :to="folioAddress(o.folio)">
            <span class="folio-no">{{ o.folio }}</span> {{ o.title }}
          </RouterLink>
          <RouterLink v-else :to="`/meeting/${o.meetingId}`">{{ o.title }}</RouterLink>
          <span class="small">{{
            o.calledOff ? 'called off' : o.folio === null ? 'no minutes filed' : ''
          }}</span>
        </li>
      </ul>
    </section>
  </article>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  margin: 8px 0;
}

th,
td {
  text-align: center;
  padding: 5px 10px;
  border-bottom: 1px solid var(--rule);
  white-space: nowrap;
  font-weight: 500;
}

th:first-child {
  text-align: left;
  padding-left: 0;
}

thead th {
  font: 600 12.5px/1.3 var(--sans);
  color: var(--ink-2);
}

th a,
li a {
  color: inherit;
  text-decoration: none;
}

th a:hover,
li a:hover {
  text-decoration: underline;
}

li {
  display: grid;
  grid-template-columns: 140px 1fr auto;
  gap: 10px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}

li a {
  font: 15.5px/1.4 var(--serif);
}

@media (max-width: 620px) {
  li {
    grid-template-columns: 1fr;
  }
}
</style>
