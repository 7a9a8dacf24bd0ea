<script setup lang="ts">
import { computed } from 'vue'
import type { AnswerPlace, LampAnswer } from '../api/types'
import { longDay } from '../shared/dates'
import { count } from '../shared/words'
import { homeAddress, wordsAddress } from './placeAddress'

/** The words an answer rests on, by meeting. */
const props = defineProps<{ answer: LampAnswer }>()

interface Meeting {
  home: string
  title: string
  date: string
  places: AnswerPlace[]
}

const meetings = computed(() => {
  const found = new Map<string, Meeting>()
  for (const place of props.answer.statements.flatMap((s) => s.citations)) {
    if (!place.quote) continue
    const home = homeAddress(place)
    const meeting = found.get(home) ?? { home, title: place.title, date: place.date, places: [] }
    if (!meeting.places.some((p) => p.quote === place.quote)) meeting.places.push(place)
    found.set(home, meeting)
  }
  return [...found.values()]
})

const folio = (m: Meeting) => {
  const number = m.places[0]?.folio
  return number ? `folio ${number}` : 'a draft'
}
</script>

<template>
  <aside v-if="meetings.length" aria-label="The words it rests on">
    <h2 class="section-head">Said in {{ count(meetings.length, 'meeting') }}</h2>
    <section v-for="m in meetings" :key="m.home" :aria-label="m.title">
      <h3>
        <RouterLink :to="m.home">{{ m.title }}</RouterLink>
        <span class="small figures">{{ folio(m) }} · {{ longDay(m.date) }}</span>
      </h3>
      <p v-for="place in m.places" :key="place.quote">
        <RouterLink :to="wordsAddress(place)"
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
