<script setup lang="ts">
import { computed } from 'vue'
import type { LampAnswer } from '../api/types'
import { longDay } from '../shared/dates'
import { named, placeAddress, placeName } from './placeAddress'

/** An answer set as a table, a statement a row; how something changed is read from the first to the last. */
const props = defineProps<{ answer: LampAnswer }>()

const rows = computed(() => {
  let day: string | null = null
  const all = props.answer.statements.map((s) => ({ ...s, day: (day = s.day ?? day) }))
  return props.answer.reading.aim === 'CHANGE'
    ? all.sort((a, b) => (a.day ?? '').localeCompare(b.day ?? ''))
    : all
})
const hasLeads = computed(() => rows.value.some((r) => r.lead))
</script>

<template>
  <table>
    <thead class="unseen">
      <tr>
        <th scope="col">Day</th>
        <th v-if="hasLeads" scope="col">Who or what</th>
        <th scope="col">Statement</th>
        <th scope="col">Folio</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(row, i) in rows" :key="i">
        <td class="small figures">{{ row.day ? longDay(row.day) : '' }}</td>
        <td v-if="hasLeads" class="lead">{{ row.lead }}</td>
        <td class="text">{{ row.said ? `“${row.text}”` : row.text }}</td>
        <td>
          <RouterLink
            v-for="place in named(row.citations)"
            :key="placeName(place)"
            class="folio-no"
            :to="placeAddress(place)"
            >{{ placeName(place) }}</RouterLink
          >
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}

td {
  padding: 7px 14px 7px 0;
  vertical-align: baseline;
  text-align: left;
}

tr + tr td {
  border-top: 1px solid color-mix(in srgb, var(--lamp-edge) 50%, transparent);
}

td:first-child,
td:last-child {
  white-space: nowrap;
}

td:last-child {
  padding-right: 0;
}

.lead {
  font: 600 12.5px/1.6 var(--sans);
  color: var(--ink-2);
  white-space: nowrap;
}

.text {
  width: 100%;
  font: 15.5px/1.5 var(--serif);
  overflow-wrap: anywhere;
}

.folio-no {
  background: var(--paper);
}

@media (max-width: 620px) {
  tr {
    display: flex;
    flex-wrap: wrap;
    padding: 6px 0;
  }

  td {
    padding: 1px 10px 1px 0;
    border: 0 !important;
  }

  .text {
    order: 1;
  }
}
</style>
