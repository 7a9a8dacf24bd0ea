<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys, useLabels, usePeople } from '../api/queries'
import type { LineKind } from '../api/types'
import { provideCitationsAt } from '../citations/useCitations'
import { facetOf, useLedgerFacets } from '../ledger/useLedger'
import DayField from '../shared/DayField.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import { count } from '../shared/words'
import RegisterEntry from './RegisterEntry.vue'
import { plainRollUp } from './plainRollUp'

/** Chosen kinds of lines over a collection, a series, a period, on one page. */
const route = useRoute()
const router = useRouter()
const { say, attempt } = useNotices()

const HEADINGS = new Map<LineKind, string>([
  ['DECISION', 'Decisions'],
  ['ACTION', 'Actions'],
  ['RISK', 'Risks'],
  ['QUESTION', 'Open questions'],
  ['HIGHLIGHT', 'Highlights'],
  ['LOWLIGHT', 'Lowlights'],
])

const list = (q: unknown) =>
  (Array.isArray(q) ? q : [q]).filter((v): v is string => typeof v === 'string')
const kinds = computed(() => {
  const asked = list(route.query.kind)
  const some = [...HEADINGS.keys()].filter((kind) => asked.includes(kind))
  return some.length ? some : (['DECISION', 'ACTION', 'RISK'] satisfies LineKind[])
})
const facets = computed(() => list(route.query.facet))
const open = computed(() => route.query.all === undefined)
const from = computed(() => list(route.query.from)[0])
const to = computed(() => list(route.query.to)[0])

const wanted = computed(() => ({
  kind: kinds.value,
  open: open.value,
  facet: facets.value,
  from: from.value,
  to: to.value,
}))
const { data, error, refetch } = useQuery({
  queryKey: [keys.registers, 'roll-up', wanted],
  queryFn: () => answer(api.GET('/api/roll-up', { params: { query: wanted.value } })),
  placeholderData: keepPreviousData,
})
const { data: people } = usePeople()
const { data: labels } = useLabels()
const { data: ledger } = useLedgerFacets(ref({ facets: [], archived: false }))
const series = computed(
  () => ledger.value?.values.filter((v) => v.facet === 'SERIES').map((v) => v.value) ?? [],
)
provideCitationsAt(
  computed(() => (data.value ?? []).flatMap((r) => r.entries).map((e) => e.lineId)),
)

type Query = Record<string, string | string[] | undefined>
let turning: Promise<unknown> = Promise.resolve()

/** One change after the other: each begins with what the one before made of the address. */
function show(change: () => Query) {
  turning = turning.then(() => router.push({ query: { ...route.query, ...change() } }))
}

function toggleKind(kind: LineKind) {
  show(() => {
    const on = kinds.value.includes(kind)
    const next = on ? kinds.value.filter((k) => k !== kind) : [...kinds.value, kind]
    return next.length ? { kind: next } : {}
  })
}

/** The one value of a facet that is chosen; another takes its place. */
function chosenOf(facet: string): string {
  return facets.value.find((f) => f.startsWith(`${facet}:`)) ?? ''
}

function choose(facet: string, value: string) {
  show(() => {
    const others = facets.value.filter((f) => !f.startsWith(`${facet}:`))
    return { facet: value ? [...others, value] : others }
  })
}

async function copy() {
  const text = plainRollUp(data.value ?? [], HEADINGS, people.value ?? [])
  if (await attempt(navigator.clipboard.writeText(text))) say('The page is copied as text.')
}

function print() {
  globalThis.print()
}
</script>

<template>
  <div class="roll-up">
    <header>
      <div class="acts no-print">
        <button class="btn" type="button" @click="copy">Copy as text</button>
        <button class="btn" type="button" @click="print">Print</button>
      </div>
      <h1>Roll-up</h1>
      <div class="choices no-print" role="group" aria-label="What is rolled up">
        <button
          v-for="[kind, name] in HEADINGS"
          :key="kind"
          class="btn"
          type="button"
          :aria-pressed="kinds.includes(kind)"
          @click="toggleKind(kind)"
        >
          {{ name }}
        </button>
        <button
          class="btn"
          type="button"
          :aria-pressed="open"
          @click="show(() => ({ all: open ? '' : undefined }))"
        >
          Only what is open or stands
        </button>
      </div>
      <div class="choices no-print">
        <label>
          <span class="unseen">Collection</span>
          <select
            class="field"
            :value="chosenOf('COLLECTION')"
            @change="choose('COLLECTION', ($event.target as HTMLSelectElement).value)"
          >
            <option value="">Every collection</option>
            <option
              v-for="l in labels?.filter((x) => x.sort === 'COLLECTION')"
              :key="l.id"
              :value="facetOf('COLLECTION', l.id)"
            >
              {{ l.name }}
            </option>
          </select>
        </label>
        <label>
          <span class="unseen">Series</span>
          <select
            class="field"
            :value="chosenOf('SERIES')"
            @change="choose('SERIES', ($event.target as HTMLSelectElement).value)"
          >
            <option value="">Every series</option>
            <option v-for="s in series" :key="s" :value="facetOf('SERIES', s)">{{ s }}</option>
          </select>
        </label>
        <span class="day">
          <label for="roll-up-from">from</label>
          <DayField
            :model-value="from ?? null"
            class="field"
            input-id="roll-up-from"
            @update:model-value="show(() => ({ from: $event ?? undefined }))"
          />
        </span>
        <span class="day">
          <label for="roll-up-to">to</label>
          <DayField
            :model-value="to ?? null"
            class="field"
            input-id="roll-up-to"
            @update:model-value="show(() => ({ to: $event ?? undefined }))"
          />
        </span>
      </div>
    </header>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <div v-else-if="data">
      <section v-for="r in data" :key="r.kind" :aria-label="HEADINGS.get(r.kind)">
        <h2 class="section-head">
          {{ HEADINGS.get(r.kind) }}
          <span class="figures">{{ count(r.entries.length, 'line') }}</span>
        </h2>
        <ul v-if="r.entries.length">
          <RegisterEntry v-for="e in r.entries" :key="e.lineId" :entry="e" :people="people ?? []" />
        </ul>
        <p v-else class="small">None.</p>
        <p v-if="r.more" class="small">There are more; narrow the page to see them.</p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.roll-up {
  max-width: 960px;
  margin: 0 auto;
  padding: 30px 40px 60px;
}

header {
  border-bottom: 2px solid var(--ink);
  padding-bottom: 14px;
}

h1 {
  font-size: 28px;
  margin-bottom: 10px;
}

.acts {
  display: flex;
  gap: 8px;
  float: right;
}

.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.choices + .choices {
  margin-top: 8px;
}

.btn[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}

.day {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  font-size: 13px;
  color: var(--ink-2);
}

section {
  margin-top: 24px;
}

@media (max-width: 620px) {
  .roll-up {
    padding: 20px 16px;
  }
}
</style>
