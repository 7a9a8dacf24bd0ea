<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { DaySheet } from '../api/types'
import { arrival, clockIn, clockTime, HERE, length, longDay, today } from '../shared/dates'
import { cited, folioAddress } from '../shared/folioNumbers'
import { useNotices } from '../shared/notices'
import EmptyState from '../shared/EmptyState.vue'
import { count, listed } from '../shared/words'

import DueList from './DueList.vue'

const props = defineProps<{ sheet: DaySheet }>()
const { attempt } = useNotices()

/** As many matters of the next meeting are shown. */
const GLANCED = 3
/** A meeting that began a little while ago may still be prepared for. */
const LATE_MS = 15 * 60_000

/** Today's next meeting with something left open by those before it. */
const next = computed(() => {
  if (props.sheet.date !== today()) return undefined
  const since = clockIn(new Date(Date.now() - LATE_MS).toISOString(), HERE)
  return props.sheet.meetings.find(
    (m) => m.matters.length > 0 && m.start !== null && clockTime(m.start) >= since,
  )
})

async function see(id: string) {
  await attempt(answer(api.POST('/api/remarks/{id}/seen', { params: { path: { id } } })))
  await outdate(keys.day, keys.remarks)
}

type Waiting = DaySheet['sources'][number]

function describe(source: Waiting): string {
  const what = source.notes
    ? count(source.passages, 'note line')
    : count(source.passages, 'passage')
  const long = source.seconds === null ? '' : `, ${length(source.seconds)}`
  const who = source.speakers.length ? ` · ${listed(source.speakers, 4)}` : ''
  return `arrived ${arrival(source.receivedAt)} · ${what}${long}${who}`
}
</script>

<template>
  <section class="waiting" aria-labelledby="waiting-title">
    <h1 id="waiting-title">Waiting for you</h1>
    <template v-if="next">
      <h2 class="section-head">Next, at {{ clockTime(next.start ?? '') }}</h2>
      <ul>
        <li>
          <div>
            <h3>{{ next.title }}</h3>
            <p
              v-for="m in next.matters.slice(0, GLANCED)"
              :key="`${m.folio}.${m.number}`"
              class="glance"
            >
              <RouterLink class="figures small" :to="folioAddress(m.folio, m.number)">{{
                cited(m.folio, m.number)
              }}</RouterLink>
              {{ m.text }}
            </p>
            <p v-if="next.matters.length > GLANCED" class="small">
              and {{ count(next.matters.length - GLANCED, 'more matter') }} arising
            </p>
          </div>
          <RouterLink data-writes class="btn go" :to="`/meeting/${next.meetingId}`"
            >Prepare</RouterLink
          >
        </li>
      </ul>
    </template>
    <DueList />
    <template v-if="sheet.remarks.length">
      <h2 class="section-head">
        Remarks for you <span>{{ sheet.remarks.length }}</span>
      </h2>
      <ul>
        <li v-for="remark in sheet.remarks" :key="remark.id">
          <div>
            <h3>“{{ remark.text }}”</h3>
            <p class="small">
              {{ remark.by }}, {{ arrival(remark.madeAt) }} ·
              <RouterLink :to="`/meeting/${remark.meetingId}/notes`">{{
                remark.meeting
              }}</RouterLink>
            </p>
          </div>
          <button class="btn" type="button" @click="see(remark.id)">Seen</button>
        </li>
      </ul>
    </template>
    <template v-if="sheet.sources.length">
      <h2 class="section-head">
        Sources in the tray <span>{{ sheet.sources.length }}</span>
      </h2>
      <ul>
        <li v-for="source in sheet.sources" :key="source.id">
          <div>
            <h3>{{ source.name }}</h3>
            <p v-if="source.broken" class="small red">
              could not be read · arrived {{ arrival(source.receivedAt) }}
            </p>
            <p v-else class="small">{{ describe(source) }}</p>
          </div>
          <RouterLink v-if="source.broken" class="btn" to="/tray">See why</RouterLink>
          <RouterLink v-else data-writes class="btn go" :to="`/tray/${source.id}`"
            >Place</RouterLink
          >
        </li>
      </ul>
    </template>
    <template v-if="sheet.drafts.length">
      <h2 class="section-head">
        Drafts in pencil <span>{{ sheet.drafts.length }}</span>
      </h2>
      <ul>
        <li v-for="draft in sheet.drafts" :key="draft.minutesId">
          <div>
            <h3>{{ draft.title }}</h3>
            <p class="small">
              {{ longDay(draft.date) }} ·
              {{
                draft.pencil
                  ? `${count(draft.pencil, 'line')} in pencil, ${draft.ink} in ink`
                  : 'all in ink, ready to file'
              }}
            </p>
          </div>
          <RouterLink data-writes class="btn" :to="`/minutes/${draft.minutesId}`"
            >Review</RouterLink
          >
        </li>
      </ul>
    </template>
    <EmptyState
      v-if="!next && !sheet.remarks.length && !sheet.sources.length && !sheet.drafts.length"
      title="Nothing waits"
    >
      Transcripts and notes that come in, and drafts to be reviewed, stand here.
      <template #next
        ><RouterLink class="btn go" to="/tray">Bring a source in</RouterLink></template
      >
    </EmptyState>
  </section>
</template>

<style scoped>
.glance {
  font: 15px/1.45 var(--serif);
  margin-top: 3px;
}

.glance a {
  margin-right: 4px;
}

.waiting {
  padding: 20px 26px 30px;
  min-width: 0;
}

.section-head {
  margin-top: 18px;
}

li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 14px;
  padding: 10px 0;
  border-bottom: 1px solid var(--rule);
}

li > div {
  min-width: 0;
}

h3 {
  font: 500 16.5px/1.35 var(--serif);
  overflow-wrap: anywhere;
}
</style>
