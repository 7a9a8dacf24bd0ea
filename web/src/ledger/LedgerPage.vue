<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { count } from '../shared/words'
import LedgerFacet from './LedgerFacet.vue'
import LedgerTable from './LedgerTable.vue'

const route = useRoute()
const router = useRouter()

const series = computed(() => (route.query.series ? String(route.query.series) : undefined))
const person = computed(() => (route.query.person ? String(route.query.person) : undefined))
const filtered = computed(() => series.value !== undefined || person.value !== undefined)

const { data, error, refetch } = useQuery({
  queryKey: [keys.ledger, series, person],
  queryFn: () =>
    answer(
      api.GET('/api/ledger', {
        params: { query: { series: series.value, person: person.value } },
      }),
    ),
  placeholderData: keepPreviousData,
})

const ofSeries = computed(() =>
  (data.value?.series ?? []).map((s) => ({ id: s.name, name: s.name, folios: s.folios })),
)

/** Filters stand in the address, so that they can be kept and shared. */
function filter(name: 'series' | 'person', value: string | undefined) {
  void router.push({ query: { ...route.query, [name]: value } })
}
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <div v-else-if="data" class="ledger">
    <aside aria-label="Filters" tabindex="0">
      <LedgerFacet
        heading="Series"
        :entries="ofSeries"
        :chosen="series"
        @choose="filter('series', $event)"
      />
      <LedgerFacet
        heading="People who attended"
        :entries="data.people"
        :chosen="person"
        @choose="filter('person', $event)"
      />
    </aside>
    <section aria-labelledby="ledger-title">
      <div class="head">
        <h1 id="ledger-title">Ledger</h1>
        <span class="small figures" role="status">{{ count(data.rows.length, 'folio') }}</span>
        <RouterLink v-if="filtered" class="btn" to="/ledger">Show all</RouterLink>
      </div>
      <LedgerTable v-if="data.rows.length" :rows="data.rows" />
      <EmptyState v-else-if="filtered" title="No folio fits">
        No filed meeting belongs to that series and was attended by that person.
        <template #next><RouterLink class="btn go" to="/ledger">Show all</RouterLink></template>
      </EmptyState>
      <EmptyState v-else title="Nothing is filed yet">
        Minutes that were reviewed and filed stand here, each under its meeting’s date.
        <template #next><RouterLink class="btn go" to="/tray">To the in-tray</RouterLink></template>
      </EmptyState>
    </section>
  </div>
</template>

<style scoped>
.ledger {
  display: grid;
  grid-template-columns: 236px 1fr;
  min-height: 726px;
  background: linear-gradient(
    90deg,
    var(--paper-2) 235px,
    var(--rule-strong) 235px 236px,
    transparent 236px
  );
}

aside {
  padding: 28px 20px 30px 26px;
  position: sticky;
  top: 0;
  align-self: start;
  max-height: 100vh;
  overflow-y: auto;
  scrollbar-width: thin;
}

section {
  padding: 22px 28px 20px;
  min-width: 0;
}

.head {
  display: flex;
  align-items: baseline;
  gap: 14px;
  margin-bottom: 14px;
}

.head .btn {
  margin-left: auto;
  align-self: center;
}

@media (max-width: 820px) {
  .ledger {
    grid-template-columns: 1fr;
    background: none;
  }

  aside {
    position: static;
    max-height: 190px;
    background: var(--paper-2);
    border-bottom: 1px solid var(--rule-strong);
    padding: 14px 18px;
  }

  section {
    padding: 16px;
  }
}
</style>
