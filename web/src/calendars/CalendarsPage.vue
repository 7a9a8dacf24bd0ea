<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate, useConnections } from '../api/queries'
import type { Connection, ConnectionFacts } from '../api/types'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { arrival } from '../shared/dates'
import { useNotices } from '../shared/notices'
import PageHead from '../shared/PageHead.vue'
import { useDeed } from '../shared/useDeed'
import ConnectionForm from './ConnectionForm.vue'

const { say, attempt } = useNotices()
const adding = ref(false)
const { refused, run } = useDeed()

const { data, error, refetch } = useConnections()

const renew = () => outdate(keys.connections, keys.day, keys.meetings)

async function add(facts: ConnectionFacts) {
  const added = await run(() => answer(api.POST('/api/connections', { body: facts })))
  if (added) adding.value = false
  await renew()
}

async function act(deed: Promise<unknown>) {
  await attempt(deed)
  await renew()
}

const ask = (c: Connection) =>
  act(answer(api.POST('/api/connections/{id}/ask', { params: { path: { id: c.id } } })))

const remove = (c: Connection) =>
  act(
    answer(api.DELETE('/api/connections/{id}', { params: { path: { id: c.id } } })).then(() =>
      say(`${c.name} is taken away; its meetings stay.`),
    ),
  )

function standing(c: Connection): string {
  if (c.asking) return 'being asked …'
  if (c.reachedAt === null) return 'not reached yet'
  return `last in step ${arrival(c.reachedAt)}`
}
</script>

<template>
  <div class="column-page">
    <PageHead title="Calendars">
      Where your meetings come from: a calendar’s feed, or a collection on a CalDAV server. They are
      asked every few minutes. What you change about a meeting here stays, whatever the calendar
      says later.
      <template #acts>
        <button class="btn go" type="button" :aria-expanded="adding" @click="adding = !adding">
          Connect a calendar
        </button>
      </template>
    </PageHead>
    <ConnectionForm v-if="adding" :refused="refused" @keep="add" @leave="adding = false" />
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <ul v-else-if="data?.length" class="entries">
      <li v-for="c in data" :key="c.id">
        <div>
          <h2 class="name">{{ c.name }}</h2>
          <p class="small">
            {{ c.kind === 'FEED' ? 'feed' : 'CalDAV' }} · {{ c.address }}
            <template v-if="c.username"> · as {{ c.username }}</template>
          </p>
          <p class="small" role="status">{{ standing(c) }}</p>
          <p v-if="c.problem" class="small red" role="alert">
            {{ c.problem }} What it said last stays.
          </p>
        </div>
        <div class="acts">
          <button class="btn" type="button" :disabled="c.asking" @click="ask(c)">Ask now</button>
          <button
            class="btn quiet"
            type="button"
            :aria-label="`Take ${c.name} away`"
            @click="remove(c)"
          >
            Take away
          </button>
        </div>
      </li>
    </ul>
    <EmptyState v-else-if="data && !adding" title="No calendar is connected">
      With one, the day sheet shows what is coming, with the people and the agenda of each
      invitation.
      <template #next>
        <button class="btn go" type="button" @click="adding = true">Connect a calendar</button>
      </template>
    </EmptyState>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 6px;
  flex: none;
}
</style>
