<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api, onVersion } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { LineLink, Person } from '../api/types'
import { longDay, shortDay } from '../shared/dates'
import { cited, folioAddress } from '../shared/folioNumbers'
import { STATE_SIGNS } from '../shared/lineStates'
import { useNotices } from '../shared/notices'
import { EFFECT_VERBS, EFFECT_WORDS } from '../registers/registerWords'

/** What a folio says of earlier ones, to be inked or dismissed, and what later ones say of it. */
const props = defineProps<{ folio: number; people: Person[] }>()

const { say, attempt } = useNotices()
const { data } = useQuery({
  queryKey: [keys.links, props.folio],
  queryFn: () =>
    answer(api.GET('/api/folios/{number}/links', { params: { path: { number: props.folio } } })),
})

const says = computed(() => (data.value?.says ?? []).filter((l) => l.state !== 'STRUCK'))
const dismissed = computed(() => (data.value?.says ?? []).filter((l) => l.state === 'STRUCK'))
const said = computed(() => data.value?.said ?? [])

const earlier = (link: LineLink) => cited(link.earlier.folio, link.earlier.number)
const person = (id: string | null) => props.people.find((p) => p.id === id)?.name

/** @param told what is said of it once it is done, with the way back */
async function turn(link: LineLink, state: LineLink['state'], told = '') {
  const turning = async () => {
    const turned = await answer(
      api.PUT('/api/links/{id}', {
        params: { path: { id: link.id }, header: onVersion(link.version) },
        body: { state },
      }),
    )
    if (told) say(told, { undo: () => void turn(turned, link.state) })
  }
  await attempt(turning())
  await outdate(keys.links, keys.registers, keys.matters)
}

const ink = (link: LineLink) =>
  turn(link, 'INK', `${earlier(link)} is ${EFFECT_WORDS[link.effect]}.`)
const dismiss = (link: LineLink) =>
  turn(link, 'STRUCK', `What this folio says of ${earlier(link)} is dismissed.`)
</script>

<template>
  <section v-if="says.length || dismissed.length" aria-label="What it says of earlier folios">
    <h2 class="section-head">Of earlier folios</h2>
    <ul>
      <li v-for="link in says" :key="link.id" :class="link.state.toLowerCase()">
        <p class="verb">
          <i v-if="link.state !== 'INK'" aria-hidden="true">{{ STATE_SIGNS[link.state] }}</i>
          {{ EFFECT_VERBS[link.effect] }}
          <RouterLink
            class="folio-no"
            :to="folioAddress(link.earlier.folio, link.earlier.number)"
            >{{ earlier(link) }}</RouterLink
          >
          <span v-if="link.state !== 'INK'" class="unseen">, not confirmed</span>
        </p>
        <div>
          <p class="text">{{ link.earlier.text }}</p>
          <p v-for="(e, i) in link.evidence.slice(0, 2)" :key="i" class="small quote">
            “{{ e.quote }}”
            <RouterLink
              :to="{
                path: `/folio/${folio}/source`,
                query: { source: e.sourceId, passage: String(e.passage) },
              }"
              >{{ e.speaker ?? 'in its source' }}</RouterLink
            >
          </p>
          <p v-if="link.due || link.ownerId" class="small">
            <template v-if="link.due">now due {{ shortDay(link.due) }}</template>
            <template v-if="link.ownerId">now {{ person(link.ownerId) }}’s</template>
          </p>
        </div>
        <div class="acts no-print">
          <template v-if="link.state !== 'INK'">
            <button
              data-writes
              class="btn"
              type="button"
              :aria-label="`Ink: ${EFFECT_VERBS[link.effect]} ${earlier(link)}`"
              @click="ink(link)"
            >
              Ink
            </button>
            <button
              data-writes
              class="btn quiet"
              type="button"
              :aria-label="`Dismiss: ${EFFECT_VERBS[link.effect]} ${earlier(link)}`"
              @click="dismiss(link)"
            >
              Dismiss
            </button>
          </template>
          <button
            v-else
            data-writes
            class="btn quiet"
            type="button"
            :aria-label="`Back to pencil: ${earlier(link)}`"
            @click="turn(link, 'PENCIL')"
          >
            Back to pencil
          </button>
        </div>
      </li>
    </ul>
    <details v-if="dismissed.length" class="small no-print">
      <summary>{{ dismissed.length }} dismissed</summary>
      <p v-for="link in dismissed" :key="link.id">
        {{ EFFECT_VERBS[link.effect] }} {{ earlier(link) }}: {{ link.earlier.text }}
        <button data-writes class="btn quiet" type="button" @click="turn(link, 'POSSIBLE')">
          Restore
        </button>
      </p>
    </details>
  </section>
  <section v-if="said.length" aria-label="What later folios say of it">
    <h2 class="section-head">In later folios</h2>
    <ul>
      <li v-for="link in said" :key="link.id" class="short" :class="link.state.toLowerCase()">
        <p class="verb">
          <i v-if="link.state !== 'INK'" aria-hidden="true">{{ STATE_SIGNS[link.state] }}</i>
          <span class="folio-no">{{ earlier(link) }}</span> {{ EFFECT_WORDS[link.effect] }}
          <span v-if="link.state !== 'INK'" class="unseen">, not confirmed</span>
        </p>
        <p>
          <RouterLink :to="folioAddress(link.later.folio, link.later.number)">{{
            link.later.number
              ? cited(link.later.folio, link.later.number)
              : `folio ${link.later.folio}`
          }}</RouterLink>
          <span class="small"> {{ link.later.title }} · {{ longDay(link.later.date) }}</span>
        </p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: 34px;
}

li {
  display: grid;
  grid-template-columns: 132px 1fr auto;
  gap: 0 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
  align-items: baseline;
}

li.short {
  grid-template-columns: 190px 1fr;
}

.verb {
  font: 600 13px/1.5 var(--sans);
  color: var(--ink-2);
}

.verb i {
  font-style: normal;
}

.text {
  font: 15.5px/1.45 var(--serif);
}

.pencil .text,
.possible .text {
  color: var(--pencil);
  text-decoration: underline dotted 1px;
  text-underline-offset: 4px;
}

.possible .text {
  font-style: italic;
}

.quote {
  overflow-wrap: anywhere;
}

.acts {
  display: flex;
  gap: 4px;
}

summary {
  cursor: pointer;
  min-height: 24px;
  margin-top: 6px;
}

@media (max-width: 620px) {
  li,
  li.short {
    grid-template-columns: 1fr;
  }
}
</style>
