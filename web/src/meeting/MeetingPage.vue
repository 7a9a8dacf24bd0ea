<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api, onVersion } from '../api/client'
import { messageOf, Problem } from '../api/problem'
import { keys, outdate, queryClient, useTemplates } from '../api/queries'
import type { Guest, Meeting, MeetingFacts } from '../api/types'
import { provideCitations } from '../citations/useCitations'
import { clockTime, longDay } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import { isModified, isTyping, useKeyHelp, usePageKeys } from '../shared/keys'
import { useNotices } from '../shared/notices'
import { useLive } from '../shared/useLive'
import { differences, facts, overlap } from '../tray/meetingForm'
import MeetingForm from '../tray/MeetingForm.vue'
import AgendaEditor from './AgendaEditor.vue'
import AttachmentList from './AttachmentList.vue'
import InvitedList from './InvitedList.vue'
import MarginNote from './MarginNote.vue'
import MattersList from './MattersList.vue'
import MeetingCalendar from './MeetingCalendar.vue'
import { templateForKind } from '../templates/fitting'
import PromptList from './PromptList.vue'
import { useSession } from '../signin/session'

const route = useRoute()
const router = useRouter()
const { writes } = useSession()
const id = String(route.params.id)
const { say } = useNotices()
provideCitations(ref(id))
const { data: templates } = useTemplates()

const { data, error, refetch } = useQuery({
  queryKey: [keys.meetings, id],
  queryFn: () => answer(api.GET('/api/meetings/{id}', { params: { path: { id } } })),
})
useLive(id, {
  connected: () => void outdate(keys.matters),
  matters: () => void outdate(keys.matters, keys.day),
  meeting: () => void refetch(),
  attachments: () => void outdate(keys.attachments),
})

const changing = ref(false)
const busy = ref('')
const refused = ref('')

const when = computed(() => {
  const m = data.value
  if (!m) return ''
  const time = m.start && `${clockTime(m.start)} ${m.zone}`
  const long = m.plannedMinutes && `${m.plannedMinutes} min`
  return [longDay(m.date), time, long, m.location, m.kind, m.label].filter(Boolean).join(' · ')
})

/** Only what a browser may safely open as an address is made a link. */
const call = computed(() =>
  data.value?.link && /^https?:\/\//i.test(data.value.link) ? data.value.link : null,
)

/** Keeps the meeting with something about it changed; a change of somebody else meanwhile is shown first. */
function write(change: (now: Meeting) => MeetingFacts): Promise<boolean> {
  const turn = writing.then(() => writeNow(change))
  writing = turn
  return turn
}

/** One write after the other: two on one version would refuse the second. */
let writing: Promise<unknown> = Promise.resolve()

async function writeNow(change: (now: Meeting) => MeetingFacts): Promise<boolean> {
  const now = queryClient.getQueryData<Meeting>([keys.meetings, id])
  if (!now) return false
  try {
    const kept = await answer(
      api.PUT('/api/meetings/{id}', {
        params: { path: { id }, header: onVersion(now.version) },
        body: change(now),
      }),
    )
    queryClient.setQueryData([keys.meetings, id], kept)
    await outdate(keys.day, keys.inCalendars)
    return true
  } catch (thrown) {
    refused.value = messageOf(thrown)
    if (thrown instanceof Problem && thrown.isStale) await refetch()
    else say(refused.value, { failed: true })
    return false
  }
}

const keepAgenda = (agenda: string[]) => write((m) => ({ ...facts(m, []), agenda }))

async function addGuest(guest: Guest) {
  try {
    const { name, email } = guest
    const person = await answer(
      api.POST('/api/people', { body: { name, email, role: null, aliases: [] } }),
    )
    await outdate(keys.people)
    await write((m) => {
      const now = facts(m, [person.id])
      return { ...now, guests: m.guests.filter((g) => g.name !== name) }
    })
  } catch (thrown) {
    say(messageOf(thrown), { failed: true })
  }
}

async function callOff(off: boolean) {
  try {
    const kept = await answer(
      api.PUT('/api/meetings/{id}/off', { params: { path: { id } }, body: { off } }),
    )
    queryClient.setQueryData([keys.meetings, id], kept)
    changing.value = false
    await outdate(keys.day, keys.inCalendars)
  } catch (thrown) {
    say(messageOf(thrown), { failed: true })
  }
}

/** The meeting as it was when one began to change it. */
const base = ref<Meeting | null>(null)

function beginChange() {
  changing.value = !changing.value
  base.value = data.value ?? null
  refused.value = ''
}

/**
 * Keeps what was changed in the form and nothing else of it, so that what others changed meanwhile stays. Where they
 * changed the same, that is said first, and what was typed stays in the form.
 */
async function keepFacts(form: MeetingFacts) {
  refused.value = ''
  busy.value = 'Keeping …'
  const before = facts(base.value!, [])
  const mine = differences(form, before)
  const keepMine = () => write((m) => ({ ...facts(m, []), ...mine }))
  if (await keepMine()) changing.value = false
  else if (data.value && data.value.version !== base.value!.version) {
    const both = overlap(mine, differences(facts(data.value, []), before))
    base.value = data.value
    if (both.length) {
      refused.value = `Changed meanwhile: ${both.join(', ')}. What you typed is still here; keep it again to let yours stand.`
    } else if (await keepMine()) changing.value = false
  }
  busy.value = ''
}

const notes = `/meeting/${id}/notes`
useKeyHelp('Meeting', [{ keys: 'N', does: 'take notes' }])
usePageKeys((event) => {
  if (isTyping(event) || isModified(event) || event.key.toLowerCase() !== 'n') return
  event.preventDefault()
  void router.push(notes)
})
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <div v-else-if="data" class="meeting">
    <section class="page">
      <div class="head">
        <div>
          <p v-if="data.series && data.series !== data.title" class="small">{{ data.series }}</p>
          <h1>{{ data.title }}</h1>
          <p v-if="data.calledOff" class="red" role="status">This meeting is called off.</p>
          <p class="when">{{ when }}</p>
          <p v-if="data.link" class="when">
            <a v-if="call" :href="call" target="_blank" rel="noopener noreferrer">{{
              data.link
            }}</a>
            <template v-else>{{ data.link }}</template>
          </p>
        </div>
        <div class="buttons">
          <button
            v-if="changing"
            data-writes
            class="btn quiet"
            type="button"
            @click="callOff(!data.calledOff)"
          >
            {{ data.calledOff ? 'It takes place after all' : 'Call it off' }}
          </button>
          <button
            data-writes
            class="btn"
            type="button"
            :aria-expanded="changing"
            @click="beginChange"
          >
            {{ changing ? 'Leave as it is' : 'Change' }}
          </button>
          <RouterLink v-if="!changing" data-writes class="btn" :to="`/meeting/${id}/agenda`">
            Circulate the agenda
          </RouterLink>
          <RouterLink v-if="!data.hasFolio" data-writes class="btn go" :to="notes"
            >Take notes</RouterLink
          >
        </div>
      </div>
      <MeetingForm
        v-if="changing"
        :initial="facts(data, [])"
        :unknown="[]"
        :templates="templates ?? []"
        act="Keep"
        whole
        :busy="busy"
        :refused="refused"
        @submit="keepFacts"
      />
      <template v-else>
        <AgendaEditor :meeting="data" :keep="keepAgenda" />
        <MattersList :meeting-id="id" />
        <AttachmentList :meeting-id="id" />
        <details v-if="data.description">
          <summary class="section-head">The invitation’s text</summary>
          <p class="invitation">{{ data.description }}</p>
        </details>
      </template>
    </section>
    <section class="side" aria-label="Beside it">
      <InvitedList :meeting="data" :add="addGuest" />
      <section aria-label="Template">
        <h2 class="section-head">Template</h2>
        <select
          class="field"
          aria-label="Template for the minutes"
          :value="data.template ?? ''"
          :disabled="!writes"
          @change="
            write((m) => ({
              ...facts(m, []),
              template: ($event.target as HTMLSelectElement).value || null,
            }))
          "
        >
          <option value="">
            {{ templateForKind(data.kind, templates ?? [])?.name }}, which fits its kind
          </option>
          <option v-for="t in templates" :key="t.name" :value="t.name">{{ t.name }}</option>
        </select>
      </section>
      <PromptList :meeting="data" />
      <MeetingCalendar :meeting="data" @changed="refetch()" />
      <MarginNote :meeting-id="id" />
    </section>
  </div>
</template>

<style scoped>
.meeting {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  min-height: 726px;
}

.page {
  display: grid;
  gap: 26px;
  align-content: start;
  padding: 24px 34px 50px;
  border-right: 1px solid var(--rule-strong);
}

.side {
  display: grid;
  gap: 24px;
  align-content: start;
  padding: 24px 26px 50px;
}

.head {
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: 20px;
}

.head > div:first-child {
  min-width: 0;
}

.when {
  font: 15px/1.5 var(--serif);
  color: var(--ink-2);
  margin-top: 3px;
  overflow-wrap: anywhere;
}

.buttons {
  display: flex;
  gap: 10px;
  flex: none;
}

select {
  margin-top: 8px;
}

summary {
  cursor: pointer;
  font: 600 13px/1.3 var(--sans);
  color: var(--ink-2);
}

.invitation {
  padding-top: 8px;
  font: 15px/1.55 var(--serif);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}

@media (max-width: 1000px) {
  .meeting {
    grid-template-columns: 1fr;
  }

  .page {
    border-right: 0;
    border-bottom: 1px solid var(--rule-strong);
  }
}

@media (max-width: 480px) {
  .page,
  .side {
    padding-inline: 14px;
  }

  .head,
  .buttons {
    flex-wrap: wrap;
  }

  .buttons {
    flex: initial;
  }
}
</style>
