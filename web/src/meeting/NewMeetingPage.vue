<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { messageOf } from '../api/problem'
import { keys, outdate, useTemplates } from '../api/queries'
import type { MeetingFacts } from '../api/types'
import { isDay, today } from '../shared/dates'
import { emptyMeeting } from '../tray/meetingForm'
import MeetingForm from '../tray/MeetingForm.vue'

const route = useRoute()
const router = useRouter()
const { data: templates } = useTemplates()
const asked = String(route.query.date ?? '')
const initial = emptyMeeting(isDay(asked) ? asked : today())
const busy = ref('')
const refused = ref('')

async function keep(facts: MeetingFacts) {
  busy.value = 'Keeping …'
  refused.value = ''
  try {
    const kept = await answer(api.POST('/api/meetings', { body: facts }))
    await outdate(keys.day, keys.meetings)
    await router.replace(`/meeting/${kept.id}`)
  } catch (thrown) {
    refused.value = messageOf(thrown)
  } finally {
    busy.value = ''
  }
}
</script>

<template>
  <div class="page">
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
    />
  </div>
</template>

<style scoped>
.page {
  max-width: 820px;
  margin: 0 auto;
  padding: 26px 30px 50px;
}

@media (max-width: 480px) {
  .page {
    padding-inline: 14px;
  }
}
</style>
