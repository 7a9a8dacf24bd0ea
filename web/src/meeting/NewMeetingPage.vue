<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { messageOf } from '../api/problem'
import { keys, outdate, useConnections, useTemplates } from '../api/queries'
import type { MeetingFacts } from '../api/types'
import { isDay, today } from '../shared/dates'
import { emptyMeeting } from '../tray/meetingForm'
import { useNotices } from '../shared/notices'
import { useSession } from '../signin/session'
import MeetingForm from '../tray/MeetingForm.vue'

const route = useRoute()
const router = useRouter()
const { data: templates } = useTemplates()
const asked = String(route.query.date ?? '')
const { member } = useSession()
const initial = {
  ...emptyMeeting(isDay(asked) ? asked : today()),
  organiser: member.value?.name ?? null,
}
const { attempt } = useNotices()

const { data: connections } = useConnections()
const writable = computed(() => connections.value?.filter((c) => c.kind === 'CALDAV') ?? [])
const calendar = ref('')
watch(writable, (all) => (calendar.value ||= all[0]?.id ?? ''), { immediate: true })

const busy = ref('')
const refused = ref('')

async function keep(facts: MeetingFacts) {
  busy.value = 'Keeping …'
  refused.value = ''
  try {
    const kept = await answer(api.POST('/api/meetings', { body: facts }))
    if (calendar.value && kept.start) await putInto(kept.id)
    await outdate(keys.day, keys.meetings)
    await router.replace(`/meeting/${kept.id}`)
  } catch (thrown) {
    refused.value = messageOf(thrown)
  } finally {
    busy.value = ''
  }
}

/** A meeting that is kept stays kept where its calendar refuses it. */
async function putInto(id: string) {
  const put = api.POST('/api/meetings/{id}/calendars', {
    params: { path: { id } },
    body: { connectionId: calendar.value },
  })
  await attempt(answer(put))
}
</script>

<template>
  <div class="column-page">
    <h1>A new meeting</h1>
    <MeetingForm
      :initial="initial"
      :unknown="[]"
      :templates="templates ?? []"
      act="Keep"
      whole
      :busy="busy"
      :refused="refused"
      @submit="keep"
    >
      <template #calendar>
        <label v-if="writable.length">
          <span class="label">Written to the calendar</span>
          <select v-model="calendar" class="field">
            <option v-for="c in writable" :key="c.id" :value="c.id">{{ c.name }}</option>
            <option value="">none</option>
          </select>
        </label>
      </template>
    </MeetingForm>
  </div>
</template>
