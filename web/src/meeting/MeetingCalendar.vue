<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answer, api } from '../api/client'
import { messageOf } from '../api/problem'
import { keys, queryClient, useConnections } from '../api/queries'
import type { InCalendar, Meeting } from '../api/types'
import { arrival, clockTime, longDay } from '../shared/dates'
import { useNotices } from '../shared/notices'

type Clash = InCalendar['clashes'][number]

const props = defineProps<{ meeting: Meeting }>()
const emit = defineEmits<{ changed: [] }>()
const { say } = useNotices()

/** A meeting is written within a second or two; until then one looks again. */
const WHILE_WAITING_MS = 1_000

const path = computed(() => ({ id: props.meeting.id }))
const queryKey = computed(() => [keys.inCalendars, props.meeting.id])
const { data } = useQuery({
  queryKey,
  queryFn: () => answer(api.GET('/api/meetings/{id}/calendars', { params: { path: path.value } })),
  refetchInterval: (query) =>
    query.state.data?.some((c) => c.waiting && !c.problem) ? WHILE_WAITING_MS : false,
})
const waiting = computed(() => data.value?.some((c) => c.waiting))
watch(waiting, (now, before) => {
  if (before && !now) emit('changed')
})

const { data: connections } = useConnections()
const writable = computed(() => connections.value?.filter((c) => c.kind === 'CALDAV') ?? [])
const chosen = ref('')
watch(writable, (all) => (chosen.value ||= all[0]?.id ?? ''), { immediate: true })

async function attempt(deed: Promise<InCalendar[]>) {
  try {
    queryClient.setQueryData(queryKey.value, await deed)
    emit('changed')
  } catch (thrown) {
    say(messageOf(thrown), { failed: true })
  }
}

const putInto = () =>
  attempt(
    answer(
      api.POST('/api/meetings/{id}/calendars', {
        params: { path: path.value },
        body: { connectionId: chosen.value },
      }),
    ),
  )

const settle = (theirs: Clash['what'][]) =>
  attempt(
    answer(
      api.PUT('/api/meetings/{id}/calendars/settled', {
        params: { path: path.value },
        body: { theirs },
      }),
    ),
  )

const names: Partial<Record<Clash['what'], string>> = {
  TITLE: 'Title',
  DATE: 'Date',
  START: 'Start',
  ZONE: 'Time zone',
  MINUTES: 'Length',
  PLACE: 'Place',
  CALL: 'Call',
  TEXT: 'Text',
  LABEL: 'Label',
}

function said(what: Clash['what'], value: string | null): string {
  if (value === null) return 'nothing'
  if (what === 'DATE') return longDay(value)
  if (what === 'START') return clockTime(value)
  return what === 'MINUTES' ? `${value} min` : value
}

function standing(c: InCalendar): string {
  if (!c.madeHere) return 'comes from there'
  if (c.waiting) return c.problem ? 'not written yet; it is tried again' : 'being written …'
  return c.writtenAt ? `written ${arrival(c.writtenAt)}` : ''
}
</script>

<template>
  <section v-if="data?.length || writable.length" aria-label="Calendar">
    <h2 class="section-head">Calendar</h2>
    <div v-for="c in data" :key="c.connectionId" class="one">
      <p>
        {{ c.name }} <span class="small" role="status">{{ standing(c) }}</span>
      </p>
      <p v-if="c.problem" class="small red" role="alert">{{ c.problem }}</p>
      <div v-if="c.clashes.length" class="clash" role="alert">
        <p class="small">Changed here and in the calendar. It stands as it was typed here.</p>
        <dl>
          <template v-for="clash in c.clashes" :key="clash.what">
            <dt>{{ names[clash.what] }}</dt>
            <dd>
              <span>here: {{ said(clash.what, clash.here) }}</span>
              <span>there: {{ said(clash.what, clash.there) }}</span>
            </dd>
          </template>
        </dl>
        <button data-writes class="btn" type="button" @click="settle([])">Keep ours</button>
        <button
          data-writes
          class="btn quiet"
          type="button"
          @click="settle(c.clashes.map((x) => x.what))"
        >
          Take the calendar’s
        </button>
      </div>
    </div>
    <form v-if="data?.length === 0 && !meeting.calledOff" data-writes @submit.prevent="putInto">
      <select v-model="chosen" class="field" aria-label="Calendar to write it to">
        <option v-for="c in writable" :key="c.id" :value="c.id">{{ c.name }}</option>
      </select>
      <button class="btn" :disabled="!meeting.start">Write it there</button>
    </form>
    <p v-if="data?.length === 0 && !meeting.start" class="small">
      A calendar wants to know when it begins.
    </p>
  </section>
</template>

<style scoped>
.one {
  padding: 6px 0;
  font: 15px/1.4 var(--serif);
}

.one > p:first-child {
  display: flex;
  justify-content: space-between;
  gap: 10px;
}

.small {
  font-family: var(--sans);
}

.clash {
  margin-top: 8px;
  padding: 10px 12px;
  border: 1px solid var(--rule-strong);
  border-left: 3px solid var(--red);
}

dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 4px 12px;
  margin: 8px 0 10px;
}

dt {
  font: 600 13px/1.5 var(--sans);
}

dd {
  display: grid;
  margin: 0;
  overflow-wrap: anywhere;
}

form {
  display: flex;
  gap: 10px;
  margin-top: 8px;
}
</style>
