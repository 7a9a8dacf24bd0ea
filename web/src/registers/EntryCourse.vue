<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { CourseStep, Person } from '../api/types'
import { longDay, shortDay } from '../shared/dates'
import { folioAddress } from '../shared/folioNumbers'
import { ACT_WORDS, EFFECT_WORDS } from './registerWords'

/** What was recorded, said of it and done about it, in order. */
const props = defineProps<{ lineId: string; people: Person[] }>()

const { data } = useQuery({
  queryKey: [keys.registers, 'course', props.lineId],
  queryFn: () =>
    answer(api.GET('/api/lines/{id}/course', { params: { path: { id: props.lineId } } })),
})

function what(step: CourseStep): string {
  const name = props.people.find((p) => p.id === step.ownerId)?.name
  const to = [step.due && `to ${shortDay(step.due)}`, name && `to ${name}`]
    .filter(Boolean)
    .join(' ')
  if (step.act)
    return [ACT_WORDS[step.act], to, step.by && `by ${step.by}`].filter(Boolean).join(' ')
  if (step.effect === null) return 'recorded'
  const sure = step.state === 'INK' ? '' : ', not confirmed'
  return `${EFFECT_WORDS[step.effect]}${to ? ` ${to}` : ''}${sure}`
}
</script>

<template>
  <ol v-if="data" aria-label="Course">
    <li v-for="(step, i) in data" :key="i">
      <span class="figures">{{ longDay(step.date) }}</span>
      <div>
        <b>{{ what(step) }}</b>
        <template v-if="step.folio !== null">
          in <RouterLink :to="folioAddress(step.folio)">folio {{ step.folio }}</RouterLink>
        </template>
        <q v-for="(words, j) in step.words" :key="j">{{ words }}</q>
      </div>
    </li>
  </ol>
</template>

<style scoped>
ol {
  margin: 6px 0 4px;
  padding-left: 12px;
  border-left: 2px solid var(--rule-strong);
}

li {
  display: grid;
  grid-template-columns: 116px 1fr;
  gap: 10px;
  padding: 2px 0;
  font: 13px/1.5 var(--sans);
}

.figures {
  color: var(--ink-2);
}

q {
  display: block;
  font: italic 14.5px/1.45 var(--serif);
  color: var(--ink-2);
}
</style>
