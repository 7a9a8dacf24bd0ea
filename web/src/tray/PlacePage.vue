<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api, onVersion } from '../api/client'
import { messageOf } from '../api/problem'
import { keys, outdate, usePassages, useTemplates } from '../api/queries'
import type { Meeting, MeetingFacts } from '../api/types'
import { offset } from '../shared/dates'
import { drafted } from '../shared/drafting'
import ErrorNote from '../shared/ErrorNote.vue'
import { SIGNS } from '../shared/marks'
import { count } from '../shared/words'
import { facts as factsOf, suggested } from './meetingForm'
import MeetingChooser from './MeetingChooser.vue'
import MeetingForm from './MeetingForm.vue'

const PREVIEWED = 40

const route = useRoute()
const router = useRouter()
const id = String(route.params.source)
/** The meeting that was chosen before one came here. */
const asked = route.query.meeting ? String(route.query.meeting) : null
const path = { params: { path: { id } } }

const source = useQuery({
  queryKey: ['source', id],
  queryFn: () => answer(api.GET('/api/sources/{id}', path)),
})
const suggestion = useQuery({
  queryKey: ['suggestion', id],
  queryFn: () => answer(api.GET('/api/sources/{id}/suggestion', path)),
  staleTime: Infinity,
  gcTime: 0,
})
const { data: passages } = usePassages(id)
const { data: templates } = useTemplates()

const error = computed(() => source.error.value ?? suggestion.error.value)
const chosen = ref<Meeting | 'new' | null>(null)
const refused = ref('')
const busy = ref('')

const meeting = computed(() => (chosen.value === 'new' ? null : chosen.value))
/** Whoever is known to have been there; the people of an earlier meeting of the series are a guess only. */
const spoke = computed(() => suggestion.data.value?.speakers ?? [])
const initial = computed(() =>
  meeting.value
    ? factsOf(meeting.value, spoke.value)
    : suggestion.data.value
      ? suggested(suggestion.data.value)
      : null,
)

function again() {
  void source.refetch()
  void suggestion.refetch()
}

/** Keeps the meeting, says that the source belongs to it, and drafts; a draft begun before is drafted anew, but for its ink. */
async function place(facts: MeetingFacts, template: string | null) {
  refused.value = ''
  try {
    busy.value = 'Keeping the meeting …'
    const kept = meeting.value
      ? await answer(
          api.PUT('/api/meetings/{id}', {
            params: {
              path: { id: meeting.value.id },
              header: onVersion(meeting.value.version),
            },
            body: facts,
          }),
        )
      : await answer(api.POST('/api/meetings', { body: facts }))
    // From here on the meeting exists: a second try must not make another one.
    chosen.value = kept
    await answer(api.PUT('/api/sources/{id}/meeting', { ...path, body: { meetingId: kept.id } }))
    const begun = await answer(
      api.POST('/api/meetings/{id}/minutes', {
        params: { path: { id: kept.id } },
        body: { template },
      }),
    )
    const minutesId = await drafted(begun, (howFar) => (busy.value = howFar))
    await outdate(keys.tray, keys.day, keys.meetings, keys.people, keys.minutes)
    await router.push(`/minutes/${minutesId}`)
  } catch (thrown) {
    refused.value = messageOf(thrown)
  } finally {
    busy.value = ''
  }
}
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="again" />
  <div v-else-if="source.data.value && initial" class="place">
    <section class="source" aria-label="The source">
      <h2>{{ source.data.value.name }}</h2>
      <p class="small">
        {{ source.data.value.format }} ·
        {{ count(source.data.value.passages, source.data.value.notes ? 'line' : 'passage') }}
      </p>
      <ol>
        <li v-for="passage in passages?.slice(0, PREVIEWED)" :key="passage.n">
          <p v-if="passage.speaker || passage.startMs !== null" class="who">
            {{ passage.speaker }}
            <span v-if="passage.startMs !== null" class="figures">{{
              offset(passage.startMs)
            }}</span>
          </p>
          <p :class="{ heading: passage.heading }">
            <b v-if="passage.mark">{{ SIGNS[passage.mark] }}</b> {{ passage.text }}
          </p>
        </li>
      </ol>
      <p v-if="(passages?.length ?? 0) > PREVIEWED" class="small">
        and {{ count((passages?.length ?? 0) - PREVIEWED, 'more passage') }}
      </p>
    </section>
    <section class="meeting" aria-labelledby="meeting-title">
      <h1 id="meeting-title">Which meeting is this?</h1>
      <MeetingChooser
        :date="initial.date"
        :suggested-id="asked ?? suggestion.data.value?.meetingId ?? null"
        :chosen="chosen"
        @choose="chosen = $event"
      />
      <MeetingForm
        :key="meeting?.id ?? 'new'"
        :initial="initial"
        :unknown="suggestion.data.value?.unknown ?? []"
        :templates="templates ?? []"
        :joins="meeting?.hasMinutes ?? false"
        :busy="busy"
        :refused="refused"
        @submit="place"
      />
    </section>
  </div>
</template>

<style scoped>
.place {
  display: grid;
  grid-template-columns: 2fr 3fr;
  min-height: 726px;
  background: linear-gradient(90deg, var(--paper-2) 40%, transparent 40%);
}

.source {
  padding: 24px 26px;
  border-right: 1px solid var(--rule-strong);
  max-height: calc(100vh - 74px);
  overflow: auto;
  position: sticky;
  top: 0;
}

.source h2 {
  font: 600 16px/1.35 var(--serif);
  color: var(--ink);
  overflow-wrap: anywhere;
}

ol {
  margin: 16px 0 10px;
  display: grid;
  gap: 9px;
}

li p {
  font: 15px/1.5 var(--serif);
  overflow-wrap: anywhere;
}

li .who {
  display: flex;
  justify-content: space-between;
  font: 600 12px/1.6 var(--sans);
  color: var(--ink-2);
}

.heading {
  font-weight: 600;
}

.meeting {
  padding: 22px 30px 34px;
  min-width: 0;
}

@media (max-width: 900px) {
  .place {
    grid-template-columns: 1fr;
    background: none;
  }

  .source {
    position: static;
    max-height: 260px;
    border-right: 0;
    border-bottom: 1px solid var(--rule-strong);
  }
}
</style>
