<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import { addDays, spokenDay, today, weekday, weekOf } from '../shared/dates'
import DayField from '../shared/DayField.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { isModified, isTyping, useKeyHelp, usePageKeys } from '../shared/keys'
import CalendarState from './CalendarState.vue'
import HourColumn from './HourColumn.vue'
import WaitingList from './WaitingList.vue'

const route = useRoute()
const router = useRouter()
const date = computed(() => String(route.params.date ?? '') || today())
const week = computed(() => weekOf(date.value))

const { data, error, refetch } = useQuery({
  queryKey: [keys.day, date],
  queryFn: () => answer(api.GET('/api/day', { params: { query: { date: date.value } } })),
  placeholderData: keepPreviousData,
})

function addressOf(day: string) {
  return day === today() ? '/' : `/day/${day}`
}

const picked = computed({
  get: () => date.value,
  set: (day: string | null) => {
    if (day) void router.push(addressOf(day))
  },
})

useKeyHelp('Day sheet', [
  { keys: '← →', does: 'the day before, the day after' },
  { keys: 'T', does: 'today' },
  { keys: 'N', does: 'a new meeting' },
])
usePageKeys((event) => {
  if (isTyping(event) || isModified(event)) return
  if (event.key === 'ArrowLeft') void router.push(addressOf(addDays(date.value, -1)))
  else if (event.key === 'ArrowRight') void router.push(addressOf(addDays(date.value, 1)))
  else if (event.key.toLowerCase() === 't') void router.push('/')
  else if (event.key.toLowerCase() === 'n') void router.push(`/meeting/new?date=${date.value}`)
})
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <div v-else class="day">
    <section class="page" aria-labelledby="day-title">
      <div class="head">
        <h1 id="day-title">{{ spokenDay(date) }}</h1>
        <nav class="week" aria-label="Days">
          <RouterLink class="step" :to="addressOf(addDays(date, -7))" aria-label="The week before">
            ‹
          </RouterLink>
          <RouterLink
            v-for="day in week"
            :key="day"
            :to="addressOf(day)"
            class="of-week"
            :class="{ on: day === date, today: day === today() }"
            :aria-current="day === date ? 'date' : undefined"
          >
            <span>{{ weekday(day) }}</span>
            <b class="figures">{{ Number(day.slice(8)) }}</b>
          </RouterLink>
          <RouterLink class="step" :to="addressOf(addDays(date, 7))" aria-label="The week after">
            ›
          </RouterLink>
        </nav>
      </div>
      <div class="tools">
        <RouterLink data-writes class="btn quiet" :to="`/meeting/new?date=${date}`"
          >New meeting</RouterLink
        >
        <label class="unseen" for="another-day">Another day</label>
        <DayField v-model="picked" class="field" input-id="another-day" />
        <CalendarState />
      </div>
      <HourColumn v-if="data" :entries="data.meetings" :is-today="date === today()" />
    </section>
    <WaitingList v-if="data" :sheet="data" />
  </div>
</template>

<style scoped>
.day {
  display: grid;
  grid-template-columns: 1fr 1fr;
  min-height: 726px;
}

.page {
  padding: 20px 24px 30px 28px;
  border-right: 1px solid var(--rule-strong);
  min-width: 0;
}

.head {
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: 16px;
}

.head h1 {
  white-space: nowrap;
}

.week {
  display: flex;
  align-items: stretch;
  gap: 1px;
  margin-top: -4px;
}

.of-week,
.step {
  display: grid;
  justify-items: center;
  align-content: center;
  min-width: 33px;
  padding: 6px 3px;
  border-radius: 3px;
  color: var(--ink);
  text-decoration: none;
  font-size: 12.5px;
}

.step {
  min-width: 24px;
  font-size: 18px;
  color: var(--ink-2);
}

.of-week b {
  font-size: 15px;
}

.of-week.today {
  box-shadow: inset 0 -2px var(--lamp-edge);
}

.of-week:hover,
.step:hover {
  background: var(--paper-2);
}

.of-week.on {
  background: var(--ink);
  color: var(--paper);
}

.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin: 6px 0 -8px 46px;
}

.tools :deep(.field) {
  width: 136px;
  min-height: 30px;
  font-size: 13px;
}

@media (max-width: 1000px) {
  .day {
    grid-template-columns: 1fr;
  }

  .page {
    border-right: 0;
    border-bottom: 1px solid var(--rule-strong);
  }

  .head {
    flex-wrap: wrap;
  }
}

@media (max-width: 480px) {
  .tools {
    margin-left: 0;
  }

  .page {
    padding-inline: 14px;
  }
}
</style>
