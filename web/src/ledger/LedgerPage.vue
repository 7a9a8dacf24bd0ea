<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { LedgerOrder } from '../api/types'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { count } from '../shared/words'
import LedgerBar from './LedgerBar.vue'
import LedgerCalendar from './LedgerCalendar.vue'
import LedgerFacets from './LedgerFacets.vue'
import LedgerTable from './LedgerTable.vue'
import LedgerViews from './LedgerViews.vue'
import { valueName } from './ledgerWords'
import ReferenceDrop from './ReferenceDrop.vue'
import {
  facetOf,
  type LedgerGroups,
  useLedgerFacets,
  useLedgerMonth,
  useLedgerPages,
  useLedgerShown,
} from './useLedger'

const { shown, show, toggle } = useLedgerShown()
const { rows, error, refetch, hasNextPage, fetchNextPage, isFetchingNextPage } =
  useLedgerPages(shown)
const { data: facets } = useLedgerFacets(shown)
const { data: month } = useLedgerMonth(shown)

const total = computed(() => facets.value?.total ?? 0)
const chosen = ref(new Set<number>())
const allChosen = ref(false)
const filtered = computed(() => shown.value.facets.length > 0 || shown.value.archived)

const GROUP_NAMES: Record<LedgerGroups, string> = {
  NONE: 'Not grouped',
  MONTH: 'By month',
  SERIES: 'By series',
  KIND: 'By kind',
}

/** What is filtered by, to be seen and let go of above the table. */
const narrowings = computed(() =>
  shown.value.facets.map((facet) => {
    const value = facets.value?.values.find((v) => facetOf(v.facet, v.value) === facet)
    return { facet, name: value ? valueName(value) : decodeURIComponent(facet.split(':')[1] ?? '') }
  }),
)

watch(
  () => [shown.value.facets.join(), shown.value.archived],
  () => {
    chosen.value = new Set()
    allChosen.value = false
  },
)

function choose(folios: number[], on: boolean) {
  const next = new Set(chosen.value)
  for (const folio of folios) {
    if (on) next.add(folio)
    else next.delete(folio)
  }
  chosen.value = next
  allChosen.value = false
}

function sort(by: LedgerOrder) {
  const again = shown.value.by === by
  const groups = shown.value.groups === 'MONTH' && by !== 'DATE' ? undefined : shown.value.groups
  show({
    by: by === 'DATE' ? undefined : by,
    up: again && shown.value.descending ? '' : undefined,
    groups: groups === 'NONE' ? undefined : groups,
  })
}

function further() {
  if (hasNextPage.value && !isFetchingNextPage.value) void fetchNextPage()
}

function unchoose() {
  chosen.value = new Set()
  allChosen.value = false
}
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <div v-else-if="rows && facets" class="ledger">
    <aside aria-label="Views and filters" tabindex="0">
      <LedgerViews />
      <LedgerFacets :values="facets.values" :chosen="shown.facets" @toggle="toggle" />
      <p class="small links">
        <RouterLink data-writes to="/labels">Collections, projects and tags</RouterLink>
        <RouterLink data-writes to="/imports">Bring in old papers</RouterLink>
      </p>
    </aside>
    <section class="folios" aria-labelledby="ledger-title">
      <div class="head">
        <h1 id="ledger-title">{{ shown.archived ? 'Archive' : 'Ledger' }}</h1>
        <span class="small figures" role="status">{{ count(total, 'folio') }}</span>
        <div class="tools">
          <label>
            <span class="unseen">Grouped</span>
            <select
              class="field"
              :value="shown.groups"
              :disabled="shown.calendar"
              @change="
                show({
                  groups:
                    ($event.target as HTMLSelectElement).value === 'NONE'
                      ? undefined
                      : ($event.target as HTMLSelectElement).value,
                })
              "
            >
              <option v-for="(name, g) in GROUP_NAMES" :key="g" :value="g">{{ name }}</option>
            </select>
          </label>
          <button
            class="btn"
            type="button"
            :aria-pressed="shown.calendar"
            @click="show({ calendar: shown.calendar ? undefined : '' })"
          >
            Calendar
          </button>
          <button
            class="btn"
            type="button"
            :aria-pressed="shown.archived"
            @click="show({ archived: shown.archived ? undefined : '' })"
          >
            Archive
          </button>
          <ReferenceDrop />
        </div>
      </div>
      <ul v-if="narrowings.length" class="narrowings" aria-label="Filtered by">
        <li v-for="n in narrowings" :key="n.facet">
          <button type="button" :aria-label="`No longer only ${n.name}`" @click="toggle(n.facet)">
            {{ n.name }} <span aria-hidden="true">×</span>
          </button>
        </li>
        <li><RouterLink class="small" to="/ledger">Show all</RouterLink></li>
      </ul>
      <LedgerCalendar
        v-if="shown.calendar"
        :month="shown.month"
        :rows="month ?? []"
        @month="show({ month: $event })"
      />
      <template v-else-if="rows.length">
        <LedgerTable
          :rows="rows"
          :total="total"
          :shown="shown"
          :chosen="chosen"
          @choose="choose"
          @sort="sort"
          @further="further"
        />
        <LedgerBar
          v-if="chosen.size"
          :chosen="[...chosen]"
          :all="allChosen"
          :total="total"
          :facets="shown.facets"
          :archived="shown.archived"
          @all="allChosen = true"
          @none="unchoose"
        />
      </template>
      <EmptyState v-else-if="shown.archived && !shown.facets.length" title="Nothing is archived">
        Folios that are done with can be put here: out of sight, and still there.
        <template #next
          ><RouterLink class="btn go" to="/ledger">To the ledger</RouterLink></template
        >
      </EmptyState>
      <EmptyState v-else-if="filtered" title="No folio fits">
        Nothing that is filed has all of what you chose.
        <template #next><RouterLink class="btn go" to="/ledger">Show all</RouterLink></template>
      </EmptyState>
      <EmptyState v-else title="Nothing is filed yet">
        Minutes that were reviewed and filed stand here, each under its meeting’s date. Old ones can
        be brought in.
        <template #next>
          <RouterLink data-writes class="btn go" to="/tray">To the in-tray</RouterLink>
          <RouterLink data-writes class="btn" to="/imports">Bring in old papers</RouterLink>
        </template>
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

.links {
  display: grid;
  gap: 6px;
  margin-top: 26px;
  padding-top: 12px;
  border-top: 1px solid var(--rule-strong);
}

.folios {
  padding: 22px 28px 20px;
  min-width: 0;
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 8px 14px;
  margin-bottom: 12px;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-left: auto;
  align-items: center;
}

.btn[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}

.narrowings {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  margin-bottom: 10px;
}

.narrowings button {
  min-height: 26px;
  border: 1px solid var(--ink-2);
  border-radius: 3px;
  background: none;
  padding: 2px 9px;
  cursor: pointer;
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

  .folios {
    padding: 16px;
  }
}
</style>
