<script setup lang="ts">
import { computed } from 'vue'
import type { AnswerPlace, LampAnswer } from '../api/types'
import { longDay } from '../shared/dates'
import { folioAddress } from '../shared/folioNumbers'
import { count } from '../shared/words'

/** The words an answer rests on, by meeting. */
const props = defineProps<{ answer: LampAnswer }>()

interface Meeting {
  folio: number
  title: string
  date: string
  places: AnswerPlace[]
}

const meetings = computed(() => {
  const found = new Map<number, Meeting>()
  for (const place of props.answer.statements.flatMap((s) => s.citations)) {
    if (!place.quote) continue
    const { folio, title, date } = place
    const meeting = found.get(folio) ?? { folio, title, date, places: [] }
    if (!meeting.places.some((p) => p.quote === place.quote)) meeting.places.push(place)
    found.set(folio, meeting)
  }
  return [...found.values()]
})

function where(place: AnswerPlace) {
  return place.sourceId === null
    ? folioAddress(place.folio, place.line)
    : {
        path: `/folio/${place.folio}/source`,
        query: { source: place.sourceId, passage: String(place.passage) },
      }
}
</script>

<template>
  <aside v-if="meetings.length" aria-label="The words it rests on">
    <h2 class="section-head">Said in {{ count(meetings.length, 'meeting') }}</h2>
    <section v-for="m in meetings" :key="m.folio" :aria-label="m.title">
      <h3>
        <RouterLink :to="folioAddress(m.folio)">{{ m.title }}</RouterLink>
        <span class="small figures">folio {{ m.folio }} · {{ longDay(m.date) }}</span>
      </h3>
      <p v-for="place in m.places" :key="place.quote">
        <RouterLink :to="where(place)"
          ><span class="lit">{{ place.quote }}</span></RouterLink
        >
      </p>
    </section>
  </aside>
</template>

<style scoped>
section {
  padding: 10px 0;
  border-bottom: 1px solid var(--rule-strong);
}

h3 {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
  font: 600 13px/1.4 var(--sans);
}

h3 a {
  color: inherit;
  text-decoration: none;
  overflow-wrap: anywhere;
}

h3 a:hover {
  text-decoration: underline;
}

h3 span {
  margin-left: auto;
  font-weight: 400;
}

p {
  margin-top: 6px;
  font: 14.5px/1.6 var(--serif);
  overflow-wrap: anywhere;
}

p a {
  color: inherit;
  text-decoration: none;
}

p a:hover {
  text-decoration: underline;
}
</style>
