<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { Strand } from '../api/types'
import { isoDay, longDay } from '../shared/dates'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { cited, folioAddress } from '../shared/folioNumbers'
import { count, KIND_NAMES } from '../shared/words'
import StrandFigures from './StrandFigures.vue'

/** A subject through time: every place that speaks of it, and the figures said about it. */
const route = useRoute()
const router = useRouter()
const about = computed(() => (typeof route.query.about === 'string' ? route.query.about : ''))
const words = ref(about.value)
const talk = ref(false)
watch(about, (a) => (words.value = a))

const { data, error, refetch } = useQuery({
  queryKey: [keys.strand, about],
  queryFn: () => answer(api.GET('/api/strand', { params: { query: { about: about.value } } })),
  enabled: computed(() => about.value.trim() !== ''),
  placeholderData: keepPreviousData,
})

type Place = Strand['places'][number]

/** Places by folio, earliest first; talk behind the record, or left out. */
const folios = computed(() => {
  const groups = new Map<number, { title: string; date: string; places: Place[] }>()
  for (const place of data.value?.places ?? []) {
    if (place.line === null && !talk.value) continue
    const { title, date } = place
    const group = groups.get(place.folio) ?? { title, date, places: [] }
    group.places.push(place)
    groups.set(place.folio, group)
  }
  return [...groups].map(([folio, group]) => ({ folio, ...group }))
})
const said = computed(() => data.value?.places.filter((p) => p.line === null).length ?? 0)

function where(place: Place) {
  return place.line === null
    ? {
        path: `/folio/${place.folio}/source`,
        query: { source: place.sourceId, passage: String(place.passage) },
      }
    : folioAddress(place.folio, place.line)
}

function follow() {
  void router.push({ query: { about: words.value.trim() } })
}

/** What a date of a figure is called. */
function named(value: number) {
  return longDay(isoDay(new Date(value * 86_400_000)))
}
</script>

<template>
  <div class="strand">
    <form role="search" @submit.prevent="follow">
      <label for="strand-about" class="small">Strand</label>
      <input
        id="strand-about"
        v-model="words"
        class="field"
        required
        maxlength="120"
        placeholder="A subject, such as charging mast"
      />
      <button class="btn" type="submit">Follow</button>
    </form>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <template v-else-if="data && about">
      <header>
        <h1>{{ data.about }}</h1>
        <p class="small figures" role="status">
          {{ count(data.places.length - said, 'line') }} of record in
          {{ count(new Set(data.places.map((p) => p.folio)).size, 'folio') }}, said
          {{ count(said, 'time') }}
          <template v-if="data.more">; there is more than is shown</template>
        </p>
      </header>
      <EmptyState v-if="!data.places.length" title="The ledger does not say">
        No line and no passage of what is filed holds all these words.
        <template #next>
          <RouterLink class="btn go" :to="{ path: '/lamp', query: { q: data.about } }">
            Look with the lamp
          </RouterLink>
        </template>
      </EmptyState>
      <StrandFigures
        v-for="course in data.courses"
        :key="course.kind + course.unit"
        :course="course"
        :places="data.places"
        :named="named"
      />
      <template v-if="data.places.length">
        <h2 class="section-head">
          Course
          <button
            v-if="said"
            class="btn quiet"
            type="button"
            :aria-pressed="talk"
            @click="talk = !talk"
          >
            {{ talk ? 'Only what is of record' : 'With what was said' }}
          </button>
        </h2>
        <ol>
          <li v-for="f in folios" :key="f.folio">
            <p class="when">
              <span class="figures">{{ longDay(f.date) }}</span>
              <RouterLink :to="folioAddress(f.folio)">
                <span class="folio-no">{{ f.folio }}</span> {{ f.title }}
              </RouterLink>
            </p>
            <ul>
              <li v-for="p in f.places" :key="p.id" :class="{ said: p.line === null }">
                <RouterLink class="figures" :to="where(p)">
                  {{ p.line === null ? p.speaker || 'said' : cited(p.folio, p.line) }}
                </RouterLink>
                <p>{{ p.text }}</p>
                <span class="small">{{ p.kind ? KIND_NAMES[p.kind] : '' }}</span>
              </li>
            </ul>
          </li>
        </ol>
        <p v-if="!folios.length" class="small">Nothing of record speaks of it; it was only said.</p>
      </template>
    </template>
    <EmptyState v-else title="Which subject?">
      A strand shows a subject through time: every folio, decision and action about it, and how its
      figures moved.
    </EmptyState>
  </div>
</template>

<style scoped>
.strand {
  max-width: 880px;
  margin: 0 auto;
  padding: 28px 40px 60px;
}

form {
  display: flex;
  gap: 8px;
  align-items: center;
}

form .field {
  flex: 0 1 340px;
}

header {
  margin: 22px 0 14px;
  padding-bottom: 12px;
  border-bottom: 2px solid var(--ink);
}

h1 {
  font-size: 28px;
}

h2 {
  margin-top: 28px;
}

ol > li {
  display: grid;
  grid-template-columns: 210px 1fr;
  gap: 0 18px;
  padding: 10px 0;
  border-bottom: 1px solid var(--rule);
}

.when {
  display: grid;
  align-content: start;
  gap: 2px;
}

.when a {
  color: inherit;
  text-decoration: none;
  font: 15px/1.4 var(--serif);
}

.when a:hover {
  text-decoration: underline;
}

.when .figures {
  color: var(--ink-2);
  font-size: 12.5px;
}

ul li {
  display: grid;
  grid-template-columns: minmax(44px, auto) 1fr auto;
  gap: 0 12px;
  align-items: baseline;
  padding: 2px 0;
}

ul a {
  display: inline-block;
  min-height: 24px;
}

ul p {
  font: 15.5px/1.5 var(--serif);
  overflow-wrap: anywhere;
}

.said p {
  color: var(--ink-2);
  font-style: italic;
}

@media (max-width: 720px) {
  .strand {
    padding: 20px 16px;
  }

  ol > li,
  ul li {
    grid-template-columns: 1fr;
  }
}
</style>
