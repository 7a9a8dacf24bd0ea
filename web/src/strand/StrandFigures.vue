<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Strand, StrandCourse } from '../api/types'
import { longDay } from '../shared/dates'
import { cited, folioAddress } from '../shared/folioNumbers'
import TimeChart from '../shared/TimeChart.vue'
import { count } from '../shared/words'

/** One figure of a subject through time: a chart and a small table. */
const props = defineProps<{
  course: StrandCourse
  places: Strand['places']
  /** What a day is called, counted from 1970-01-01. */
  named: (value: number) => string
}>()

const NAMES: Record<StrandCourse['kind'], string> = {
  MONEY: 'Money',
  SHARE: 'Share',
  DURATION: 'Duration',
  MEASURE: 'Measure',
  COUNT: 'Count',
  NUMBER: 'Number',
  DATE: 'Dates',
}

const heading = computed(() =>
  props.course.unit === ''
    ? NAMES[props.course.kind]
    : `${NAMES[props.course.kind]}, ${props.course.unit}`,
)
const points = computed(() =>
  props.course.points.map((p) => ({ day: p.date, value: p.value, label: figure(p.value) })),
)

function figure(value: number): string {
  if (props.course.kind === 'DATE') return props.named(value).replace(/^\w+ | \d{4}$/g, '')
  return value.toLocaleString('en-GB', { maximumFractionDigits: 2 })
}

/** As many as stand beside the chart; the others are shown when asked for. */
const LATEST = 10
const every = ref(false)
const listed = computed(() =>
  every.value ? props.course.points : props.course.points.slice(-LATEST),
)

const placeOf = (id: string) => props.places.find((p) => p.id === id)
</script>

<template>
  <section :aria-label="heading">
    <h2 class="section-head">{{ heading }}</h2>
    <div class="both">
      <TimeChart :points="points" :title="`${heading} through time`" />
      <div>
        <button
          v-if="course.points.length > LATEST"
          class="btn quiet"
          type="button"
          :aria-expanded="every"
          @click="every = !every"
        >
          {{
            every
              ? `The latest ${LATEST}`
              : `With ${count(course.points.length - LATEST, 'earlier one')}`
          }}
        </button>
        <table>
          <thead class="unseen">
            <tr>
              <th scope="col">Day</th>
              <th scope="col">Said</th>
              <th scope="col">Where</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="p in listed" :key="p.placeId">
              <td class="figures">{{ longDay(p.date) }}</td>
              <th scope="row">{{ p.words }}</th>
              <td>
                <RouterLink
                  v-if="placeOf(p.placeId)"
                  class="figures"
                  :to="folioAddress(placeOf(p.placeId)!.folio, placeOf(p.placeId)!.line)"
                >
                  {{
                    placeOf(p.placeId)!.line === null
                      ? `folio ${placeOf(p.placeId)!.folio}`
                      : cited(placeOf(p.placeId)!.folio, placeOf(p.placeId)!.line!)
                  }}
                </RouterLink>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
  </section>
</template>

<style scoped>
section {
  margin-top: 20px;
}

.both {
  display: grid;
  grid-template-columns: 1.5fr 1fr;
  gap: 24px;
  align-items: start;
  margin-top: 6px;
}

td,
th {
  text-align: left;
  font-weight: 500;
  padding: 3px 14px 3px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: baseline;
}

td {
  white-space: nowrap;
}

@media (max-width: 720px) {
  .both {
    grid-template-columns: 1fr;
  }
}
</style>
