<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { Label, Shelf } from '../api/types'
import LabelChoice from '../ledger/LabelChoice.vue'
import { LABEL_NAMES } from '../ledger/ledgerWords'
import { facetOf } from '../ledger/useLedger'
import { useShelving } from '../ledger/useShelving'
import { longDay } from '../shared/dates'
import { folioAddress } from '../shared/folioNumbers'
import { useNotices } from '../shared/notices'

/** What a folio or reference note is filed under, may be filed under, is about, and which others are about the same. */
const props = defineProps<{ folio: number }>()

const { data: shelf } = useQuery({
  queryKey: [keys.shelf, props.folio],
  queryFn: () =>
    answer(api.GET('/api/folios/{number}/shelf', { params: { path: { number: props.folio } } })),
})
const { attempt } = useNotices()
const { put, take, archive, make } = useShelving()
const adding = ref(false)
const meant = computed(() => ({ folios: [props.folio] }))

function add(label: Label) {
  adding.value = false
  void put(meant.value, label)
}

async function follow(s: Shelf['suggestions'][number]) {
  await attempt(
    s.label === null
      ? make(s.sort, s.name).then((label) => put(meant.value, label))
      : put(meant.value, { id: s.label, name: s.name }),
  )
}

function inLedger(label: Label) {
  return { path: '/ledger', query: { facet: facetOf(label.sort, label.id) } }
}
</script>

<template>
  <section v-if="shelf" class="shelf no-print" aria-label="In the ledger">
    <h2 class="section-head">In the ledger</h2>
    <div class="labels">
      <p v-if="shelf.archived" class="small">
        Archived: it is out of sight in the ledger.
        <button data-writes class="btn quiet" type="button" @click="archive(meant, false)">
          Bring back
        </button>
      </p>
      <ul aria-label="Filed under">
        <li v-for="l in shelf.labels" :key="l.id" class="label">
          <RouterLink :to="inLedger(l)" :title="LABEL_NAMES[l.sort]">{{ l.name }}</RouterLink>
          <button
            data-writes
            type="button"
            :aria-label="`Take out of ${l.name}`"
            @click="take(meant, l)"
          >
            ×
          </button>
        </li>
        <li>
          <LabelChoice
            v-if="adding"
            :not="shelf.labels.map((l) => l.id)"
            @chosen="add"
            @done="adding = false"
          />
          <button v-else data-writes class="btn quiet" type="button" @click="adding = true">
            File under
          </button>
        </li>
        <li v-if="!shelf.archived">
          <button data-writes class="btn quiet" type="button" @click="archive(meant, true)">
            Archive
          </button>
        </li>
      </ul>
      <ul v-if="shelf.suggestions.length" class="suggestions" aria-label="Might be filed under">
        <li v-for="s in shelf.suggestions" :key="s.sort + s.name">
          <button data-writes type="button" @click="follow(s)">
            <span aria-hidden="true">+</span> {{ s.label ? '' : 'new ' }}{{ LABEL_NAMES[s.sort] }}
            <b>{{ s.name }}</b>
          </button>
          <span class="small">{{ s.why }}</span>
        </li>
      </ul>
    </div>
    <p v-if="shelf.subjects.length" class="subjects">
      <span class="small">About</span>
      <RouterLink
        v-for="s in shelf.subjects"
        :key="s"
        :to="{ path: '/strand', query: { about: s } }"
        >{{ s }}</RouterLink
      >
    </p>
    <template v-if="shelf.related.length">
      <h3>About the same</h3>
      <ul>
        <li v-for="r in shelf.related" :key="r.folio" class="related">
          <RouterLink :to="folioAddress(r.folio)">
            <span class="folio-no">{{ r.folio }}</span> {{ r.title }}
          </RouterLink>
          <span class="small">{{ longDay(r.date) }} · {{ r.words.slice(0, 4).join(', ') }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.shelf {
  margin-top: 34px;
}

h3 {
  font: italic 500 15px/1.4 var(--serif);
  color: var(--ink-2);
  margin: 12px 0 2px;
}

ul[aria-label] {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  margin-top: 8px;
}

.label {
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
  padding: 1px 2px 1px 9px;
}

.label a {
  display: inline-block;
  min-height: 24px;
  color: inherit;
  text-decoration: none;
}

.label a:hover {
  text-decoration: underline;
}

.label button,
.suggestions button {
  min-width: 24px;
  min-height: 24px;
  border: 0;
  background: none;
  cursor: pointer;
  color: var(--pencil);
}

ul.suggestions {
  display: grid;
  gap: 0;
}

.suggestions button {
  border-bottom: 1px dotted var(--pencil);
  padding: 2px 0;
  margin-right: 10px;
}

.suggestions button:hover {
  color: var(--ink);
}

.subjects a {
  min-height: 24px;
}

.subjects {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
  margin-top: 12px;
  font: 15px/1.5 var(--serif);
}

.related {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
  padding: 3px 0;
}

.related a {
  color: inherit;
  text-decoration: none;
  font: 15px/1.5 var(--serif);
}

.related a:hover {
  text-decoration: underline;
}
</style>
