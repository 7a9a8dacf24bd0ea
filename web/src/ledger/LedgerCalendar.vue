<script setup lang="ts">
import { computed } from 'vue'
import type { LedgerRow } from '../api/types'
import { addDays, dateOf, type IsoDay, spokenDay, today, weekOf } from '../shared/dates'
import { folioAddress } from '../shared/folioNumbers'
import { count } from '../shared/words'

/** A month of folios, each on the day of its meeting. */
const props = defineProps<{ month: string; rows: LedgerRow[] }>()
const emit = defineEmits<{ month: [month: string] }>()

/** So many fit on a day; the day's number leads to the rest. */
const MOST = 4
const TITLE = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric' })

const weeks = computed(() => {
  const all: IsoDay[][] = []
  for (let day = `${props.month}-01`; ; day = addDays(day, 7)) {
    const week = weekOf(day)
    if (all.length > 0 && !week.some((d) => d.startsWith(props.month))) return all
    all.push(week)
  }
})
const byDay = computed(() => {
  const days = new Map<IsoDay, LedgerRow[]>()
  for (const row of props.rows) days.set(row.date, [...(days.get(row.date) ?? []), row])
  return days
})

function step(months: number) {
  const date = dateOf(`${props.month}-15`)
  date.setMonth(date.getMonth() + months)
  emit('month', `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}`)
}
</script>

<template>
  <div class="head">
    <button class="btn" type="button" aria-label="Month before" @click="step(-1)">‹</button>
    <h2 aria-live="polite">{{ TITLE.format(dateOf(`${month}-15`)) }}</h2>
    <button class="btn" type="button" aria-label="Month after" @click="step(1)">›</button>
    <span class="small figures">{{ count(rows.length, 'folio') }}</span>
  </div>
  <table>
    <thead>
      <tr>
        <th v-for="d in ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']" :key="d" scope="col">
          {{ d }}
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="week in weeks" :key="week[0]">
        <td
          v-for="day in week"
          :key="day"
          :class="{ other: !day.startsWith(month), today: day === today() }"
        >
          <RouterLink class="day figures" :to="`/day/${day}`" :aria-label="spokenDay(day)">
            {{ Number(day.slice(8)) }}
          </RouterLink>
          <ul>
            <li v-for="row in (byDay.get(day) ?? []).slice(0, MOST)" :key="row.folio">
              <RouterLink :to="folioAddress(row.folio)" :title="row.title">
                <b class="figures">{{ row.folio }}</b> {{ row.title }}
              </RouterLink>
            </li>
          </ul>
          <span v-if="(byDay.get(day)?.length ?? 0) > MOST" class="small">
            {{ (byDay.get(day)?.length ?? 0) - MOST }} more
          </span>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 10px;
  margin-bottom: 10px;
}

h2 {
  font: 600 18px/1.3 var(--serif);
  color: var(--ink);
  min-width: 170px;
  text-align: center;
}

table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}

thead th {
  font: 600 12.5px/1.3 var(--sans);
  color: var(--ink-2);
  text-align: left;
  padding: 0 6px 4px;
}

td {
  height: 104px;
  vertical-align: top;
  border: 1px solid var(--rule);
  padding: 4px 6px;
}

.other {
  background: var(--paper-2);
}

.other .day {
  color: var(--pencil);
}

.day {
  display: inline-block;
  min-width: 24px;
  min-height: 24px;
  color: var(--ink-2);
  text-decoration: none;
  font-size: 12.5px;
}

.today .day {
  font-weight: 700;
  color: var(--ink);
  border-bottom: 2px solid var(--ink);
}

li a {
  min-height: 24px;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
  font: 13px/1.3 var(--serif);
  color: inherit;
  text-decoration: none;
  padding: 2px 0;
}

li a:hover {
  text-decoration: underline;
}

li b {
  font: 600 11.5px/1 var(--sans);
  color: var(--green);
}
</style>
