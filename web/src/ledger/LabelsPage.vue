<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, onVersion } from '../api/client'
import { keys, outdate, useLabels } from '../api/queries'
import type { Label, LabelSort } from '../api/types'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import PageHead from '../shared/PageHead.vue'
import { useDeed } from '../shared/useDeed'
import { LABEL_NAMES } from './ledgerWords'
import { facetOf } from './useLedger'

/** The team's collections, projects and tags: made, renamed, nested, removed. */
const { data, error, refetch } = useLabels()
const { say, attempt } = useNotices()
const { refused, run } = useDeed()

const SORTS: [LabelSort, string, string][] = [
  [
    'COLLECTION',
    'Collections',
    'What belongs together for good; a collection may stand in another.',
  ],
  ['PROJECT', 'Projects', 'What the work is for.'],
  ['TAG', 'Tags', 'Whatever else one looks for.'],
]
const fresh = ref<Record<LabelSort, string>>({ COLLECTION: '', PROJECT: '', TAG: '' })
const renaming = ref<string | null>(null)
const name = ref('')

const renew = () => outdate(keys.labels, keys.ledger, keys.shelf)

/** Collections with those that stand in them behind them. */
const ordered = computed(() => (sort: LabelSort) => {
  const own = (data.value ?? []).filter((l) => l.sort === sort)
  const outer = own.filter((l) => l.parentId === null)
  return outer.flatMap((l) => [l, ...own.filter((inner) => inner.parentId === l.id)])
})

function parents(of: Label) {
  const nests = data.value?.some((l) => l.parentId === of.id)
  return nests
    ? []
    : (data.value ?? []).filter(
        (l) => l.sort === 'COLLECTION' && l.parentId === null && l.id !== of.id,
      )
}

async function add(sort: LabelSort) {
  const done = await run(() =>
    answer(api.POST('/api/labels', { body: { sort, name: fresh.value[sort], parentId: null } })),
  )
  if (done) fresh.value[sort] = ''
  await renew()
}

async function change(label: Label, facts: Partial<Pick<Label, 'name' | 'parentId'>>) {
  const done = await run(() =>
    answer(
      api.PUT('/api/labels/{id}', {
        params: { path: { id: label.id }, header: onVersion(label.version) },
        body: { sort: label.sort, name: label.name, parentId: label.parentId, ...facts },
      }),
    ),
  )
  if (done) renaming.value = null
  await renew()
}

async function putBack(label: Label, folios: number[]) {
  const { sort, name, parentId } = label
  const made = await answer(api.POST('/api/labels', { body: { sort, name, parentId } }))
  await answer(
    api.POST('/api/ledger/shelving', {
      body: { folios, fitting: null, ofArchived: false, put: made.id, take: null, archived: null },
    }),
  )
  await renew()
}

async function remove(label: Label) {
  await attempt(
    answer(api.DELETE('/api/labels/{id}', { params: { path: { id: label.id } } })).then(
      ({ folios }) => {
        say(`${label.name} is removed.`, { undo: () => void attempt(putBack(label, folios)) })
      },
    ),
  )
  await renew()
}

function rename(label: Label) {
  renaming.value = label.id
  name.value = label.name
}
</script>

<template>
  <div class="page">
    <PageHead title="Collections, projects and tags">
      What folios and reference notes are filed under. Filing is done on a folio, or in the ledger
      for many at once.
    </PageHead>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <p v-if="refused" class="red" role="alert">{{ refused }}</p>
    <div v-if="data" class="columns">
      <section v-for="[sort, heading, why] in SORTS" :key="sort" :aria-label="heading">
        <h2 class="section-head">{{ heading }}</h2>
        <p class="small">{{ why }}</p>
        <ul>
          <li v-for="l in ordered(sort)" :key="l.id" :class="{ within: l.parentId }">
            <form
              v-if="renaming === l.id"
              @submit.prevent="change(l, { name })"
              @keydown.esc="renaming = null"
            >
              <input v-model="name" class="field" required maxlength="80" aria-label="Name" />
              <button class="btn go" type="submit">Keep</button>
            </form>
            <template v-else>
              <RouterLink :to="{ path: '/ledger', query: { facet: facetOf(sort, l.id) } }">
                {{ l.name }}
              </RouterLink>
              <span class="acts">
                <select
                  v-if="sort === 'COLLECTION' && (parents(l).length || l.parentId)"
                  class="field"
                  :aria-label="`${l.name} stands in`"
                  :value="l.parentId ?? ''"
                  @change="
                    change(l, { parentId: ($event.target as HTMLSelectElement).value || null })
                  "
                >
                  <option value="">stands alone</option>
                  <option v-for="p in parents(l)" :key="p.id" :value="p.id">in {{ p.name }}</option>
                </select>
                <button
                  class="btn quiet"
                  type="button"
                  :aria-label="`Rename ${l.name}`"
                  @click="rename(l)"
                >
                  Rename
                </button>
                <button
                  class="btn quiet"
                  type="button"
                  :aria-label="`Remove ${l.name}`"
                  @click="remove(l)"
                >
                  Remove
                </button>
              </span>
            </template>
          </li>
        </ul>
        <form @submit.prevent="add(sort)">
          <input
            v-model="fresh[sort]"
            class="field"
            required
            maxlength="80"
            :aria-label="`New ${LABEL_NAMES[sort]}`"
            :placeholder="`New ${LABEL_NAMES[sort]}`"
          />
          <button class="btn" type="submit">Make</button>
        </form>
      </section>
    </div>
  </div>
</template>

<style scoped>
.page {
  padding: 30px 40px 50px;
}

.columns {
  display: grid;
  grid-template-columns: 1.3fr 1fr 1fr;
  gap: 40px;
  margin-top: 24px;
}

ul {
  margin: 8px 0;
}

li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 2px 10px;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}

.within {
  padding-left: 22px;
}

li a {
  color: inherit;
  font: 16px/1.4 var(--serif);
  overflow-wrap: anywhere;
}

.acts {
  display: flex;
  align-items: center;
}

form {
  display: flex;
  gap: 8px;
}

@media (max-width: 900px) {
  .page {
    padding: 20px 16px;
  }

  .columns {
    grid-template-columns: 1fr;
    gap: 26px;
  }
}
</style>
