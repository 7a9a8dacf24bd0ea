<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import type { DayEntry } from '../api/types'
import { clockTime, HERE } from '../shared/dates'
import { folioAddress } from '../shared/folioNumbers'
import { count, listed } from '../shared/words'
import { useSession } from '../signin/session'
import { layOut, nowIn } from './dayColumn'

const { writes } = useSession()
const props = defineProps<{ entries: DayEntry[]; isToday: boolean }>()

const PIXELS_A_MINUTE = 1.2
const TOP_PX = 14

const column = computed(() => layOut(props.entries))
const now = ref(new Date())
const nowAt = computed(() => (props.isToday ? nowIn(column.value, now.value) : null))

let ticking: ReturnType<typeof setInterval>
onMounted(() => (ticking = setInterval(() => (now.value = new Date()), 30_000)))
onBeforeUnmount(() => clearInterval(ticking))

/** What there is to do about a meeting: read its folio, review its draft, or prepare it. Drafts are for those who take part. */
function addressOf(entry: DayEntry): string {
  if (entry.folio !== null) return folioAddress(entry.folio)
  return entry.minutesId && writes.value
    ? `/minutes/${entry.minutesId}`
    : `/meeting/${entry.meetingId}`
}

function standing(entry: DayEntry): string {
  if (entry.calledOff) return 'called off'
  if (entry.folio !== null) return `filed as folio ${entry.folio}`
  if (entry.minutesId === null) {
    return entry.matters.length ? `${count(entry.matters.length, 'matter')} arising` : ''
  }
  return entry.pencil > 0
    ? `draft: ${count(entry.pencil, 'line')} in pencil`
    : 'all in ink, ready to file'
}

function facts(entry: DayEntry): string {
  // A meeting's own zone is said where it is not the one here.
  const zone = entry.zone === HERE ? '' : ` ${entry.zone}`
  const start = entry.start ? clockTime(entry.start) + zone : ''
  return [start, entry.location, listed(entry.people, 4)].filter(Boolean).join(' · ')
}
</script>

<template>
  <div class="column">
    <p v-if="!entries.length" class="none">No meeting on this day.</p>
    <ul v-if="column.unplaced.length" class="unplaced">
      <li v-for="entry in column.unplaced" :key="entry.meetingId" class="small">
        <RouterLink :to="addressOf(entry)">{{ entry.title }}</RouterLink>
        · no hour known · {{ standing(entry) || listed(entry.people, 4) }}
      </li>
    </ul>
    <div
      class="hours"
      :style="{ height: `${(column.hours.length - 1) * 60 * PIXELS_A_MINUTE + 2 * TOP_PX}px` }"
    >
      <div
        v-for="(hour, i) in column.hours"
        :key="hour"
        class="hour"
        :style="{ top: `${TOP_PX + i * 60 * PIXELS_A_MINUTE}px` }"
      >
        <span class="figures">{{ clockTime(`${hour}:00`) }}</span>
      </div>
      <ol>
        <li
          v-for="place in column.placed"
          :key="place.entry.meetingId"
          class="entry"
          :class="{
            done: place.entry.folio !== null,
            draft: place.entry.minutesId !== null,
            off: place.entry.calledOff,
            brief: place.height < 40,
          }"
          :style="{
            top: `${TOP_PX + place.top * PIXELS_A_MINUTE}px`,
            height: `${place.height * PIXELS_A_MINUTE}px`,
            left: `calc(54px + (100% - 54px) * ${place.lane / place.lanes})`,
            width: `calc((100% - 54px) * ${1 / place.lanes} - 4px)`,
          }"
          :title="`${place.entry.title}\n${facts(place.entry)}`"
        >
          <div>
            <h2>
              <RouterLink :to="addressOf(place.entry)">{{ place.entry.title }}</RouterLink>
            </h2>
            <p class="small">{{ facts(place.entry) }}</p>
          </div>
          <span v-if="standing(place.entry)" class="small standing">
            {{ standing(place.entry) }}
          </span>
        </li>
      </ol>
      <div
        v-if="nowAt !== null"
        class="now"
        :style="{ top: `${TOP_PX + nowAt * PIXELS_A_MINUTE}px` }"
        aria-hidden="true"
      />
    </div>
  </div>
</template>

<style scoped>
.column {
  margin-top: 14px;
}

.none {
  font: italic 15px/1.4 var(--serif);
  color: var(--pencil);
  padding: 4px 0 8px 54px;
}

.unplaced {
  padding: 4px 0 10px 54px;
}

.hours {
  position: relative;
}

.hour {
  position: absolute;
  left: 42px;
  right: 0;
  border-top: 1px solid var(--rule);
}

.hour span {
  position: absolute;
  right: 100%;
  margin-right: 10px;
  top: -8px;
  font-size: 12px;
  color: var(--pencil);
}

.entry {
  position: absolute;
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 5px 12px;
  overflow: hidden;
  background: var(--paper-2);
  border: 1px solid var(--rule-strong);
  border-left: 3px solid var(--ink);
  border-radius: 2px;
}

/* Too low for two lines: the facts stand beside the title. */
.entry.brief > div {
  display: flex;
  align-items: baseline;
  gap: 10px;
}

.entry.brief h2 {
  flex: none;
  max-width: 60%;
}

.entry.draft {
  border-left-style: dashed;
}

.entry.done {
  border-left: 3px solid var(--green);
}

.entry.off {
  border-left: 3px double var(--pencil);
  background: none;
}

.entry.off h2 a {
  color: var(--pencil);
  text-decoration: line-through;
}

.entry > div {
  min-width: 0;
}

.entry h2,
.entry > div > p {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

.entry h2 {
  font: 600 16px/1.3 var(--serif);
  color: var(--ink);
}

.entry a {
  color: inherit;
  text-decoration-color: var(--rule-strong);
}

.standing {
  max-width: 118px;
  flex: none;
  text-align: right;
}

.now {
  position: absolute;
  left: 42px;
  right: 0;
  border-top: 2px solid var(--lamp-edge);
}

.now::before {
  content: '';
  position: absolute;
  left: -5px;
  top: -6px;
  width: 10px;
  height: 10px;
  border-radius: 50%;
  background: var(--lamp-edge);
  box-shadow: var(--glow);
}
</style>
