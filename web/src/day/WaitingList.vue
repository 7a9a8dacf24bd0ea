<script setup lang="ts">
import type { DaySheet } from '../api/types'
import { arrival, length, longDay } from '../shared/dates'
import EmptyState from '../shared/EmptyState.vue'
import { count, listed } from '../shared/words'

defineProps<{ sheet: DaySheet }>()

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
          <RouterLink v-else class="btn go" :to="`/tray/${source.id}`">Place</RouterLink>
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
          <RouterLink class="btn" :to="`/minutes/${draft.minutesId}`">Review</RouterLink>
        </li>
      </ul>
    </template>
    <EmptyState v-if="!sheet.sources.length && !sheet.drafts.length" title="Nothing waits">
      Transcripts and notes that come in, and drafts to be reviewed, stand here.
      <template #next
        ><RouterLink class="btn go" to="/tray">Bring a source in</RouterLink></template
      >
    </EmptyState>
  </section>
</template>

<style scoped>
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
