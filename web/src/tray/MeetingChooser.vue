<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, watch } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { Meeting } from '../api/types'
import { addDays, clockTime, shortDay } from '../shared/dates'

const props = defineProps<{
  date: string
  suggestedId: string | null
  chosen: Meeting | 'new' | null
}>()
const emit = defineEmits<{ choose: [meeting: Meeting | 'new'] }>()

const DAYS_AROUND = 3

const around = { from: addDays(props.date, -DAYS_AROUND), to: addDays(props.date, DAYS_AROUND) }
const { data: meetings } = useQuery({
  queryKey: [keys.meetings, around],
  queryFn: () => answer(api.GET('/api/meetings', { params: { query: around } })),
})

/** What is filed takes no further source. */
const offered = computed(() => meetings.value?.filter((m) => !m.hasFolio) ?? [])

watch(offered, (list) => {
  if (props.chosen !== null) return
  const likely = list.find((m) => m.id === props.suggestedId)
  if (likely) emit('choose', likely)
})

function isChosen(meeting: Meeting) {
  return props.chosen !== null && props.chosen !== 'new' && props.chosen.id === meeting.id
}
</script>

<template>
  <fieldset v-if="offered.length">
    <legend class="unseen">Meetings around that day</legend>
    <label :class="{ on: chosen === null || chosen === 'new' }">
      <input
        type="radio"
        name="meeting"
        :checked="chosen === null || chosen === 'new'"
        @change="emit('choose', 'new')"
      />
      A new meeting
    </label>
    <label v-for="meeting in offered" :key="meeting.id" :class="{ on: isChosen(meeting) }">
      <input
        type="radio"
        name="meeting"
        :checked="isChosen(meeting)"
        @change="emit('choose', meeting)"
      />
      {{ meeting.title }}
      <span class="small">
        {{ shortDay(meeting.date) }}{{ meeting.start ? `, ${clockTime(meeting.start)}` : ''
        }}{{ meeting.hasMinutes ? ' · joins its draft' : '' }}
      </span>
    </label>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 12px 0 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

label {
  display: flex;
  align-items: center;
  gap: 7px;
  padding: 6px 11px;
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
  cursor: pointer;
}

label.on {
  border-color: var(--green);
  background: var(--green-soft);
}

input {
  accent-color: var(--green);
  margin: 0;
}
</style>
