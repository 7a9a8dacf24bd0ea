<script setup lang="ts">
import { computed } from 'vue'
import type { Attendee, Figures } from '../api/types'
import { offset } from './dates'
import { listed } from './words'

const props = defineProps<{ attendance: Attendee[]; figures: Figures }>()

const spoke = computed(() =>
  props.attendance.filter((a) => a.words > 0).sort((a, b) => b.words - a.words),
)
const timed = computed(() => spoke.value.every((a) => a.seconds !== null))
const most = computed(() => Math.max(...spoke.value.map((a) => a.share), 0.01))

const percent = (share: number) => `${Math.round(share * 100)}%`
const clock = (seconds: number) => offset(seconds * 1000)

const sentences = computed(() => {
  const f = props.figures
  const quiet = props.attendance.filter((a) => a.present && a.words === 0).map((a) => a.name)
  const late = props.attendance.filter((a) => a.present && a.late).map((a) => a.name)
  return [
    f.seconds !== null &&
      [
        `It took ${clock(f.seconds)}`,
        f.plannedSeconds !== null && ` of ${clock(f.plannedSeconds)} planned`,
        f.silence !== null && `, ${percent(f.silence)} of it silent`,
        '.',
      ]
        .filter(Boolean)
        .join(''),
    f.startedAfterSeconds &&
      `It began ${clock(Math.abs(f.startedAfterSeconds))} ${f.startedAfterSeconds < 0 ? 'early' : 'late'}.`,
    late.length && `Came later: ${listed(late)}.`,
    quiet.length && `Said nothing: ${listed(quiet)}.`,
  ].filter(Boolean)
})
</script>

<template>
  <table>
    <thead>
      <tr>
        <th scope="col">Who</th>
        <th scope="col" class="wide">Share</th>
        <th scope="col">Words</th>
        <th scope="col">Turns</th>
        <th v-if="timed" scope="col">Time</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="a in spoke" :key="a.id">
        <th scope="row">{{ a.name }}</th>
        <td class="wide">
          <div>
            <i aria-hidden="true"><b :style="{ width: `${(100 * a.share) / most}%` }" /></i>
            <span class="figures">{{ percent(a.share) }}</span>
          </div>
        </td>
        <td class="figures">{{ a.words.toLocaleString('en-GB') }}</td>
        <td class="figures">{{ a.turns }}</td>
        <td v-if="timed" class="figures">{{ clock(a.seconds ?? 0) }}</td>
      </tr>
    </tbody>
  </table>
  <p v-if="sentences.length" class="small">{{ sentences.join(' ') }}</p>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
  margin-top: 6px;
  font-size: 13.5px;
}

th,
td {
  text-align: right;
  padding: 3px 8px;
  font-weight: 400;
  border-bottom: 1px solid var(--rule);
  white-space: nowrap;
}

thead th {
  font: 600 12px/1.4 var(--sans);
  color: var(--ink-2);
}

th:first-child {
  text-align: left;
  padding-left: 6px;
  white-space: normal;
}

.wide {
  width: 45%;
  text-align: left;
}

td div {
  display: flex;
  align-items: center;
  gap: 8px;
}

i {
  flex: 1;
  height: 8px;
}

b {
  display: block;
  height: 100%;
  min-width: 2px;
  background: var(--pencil);
}

p {
  margin: 6px;
}
</style>
