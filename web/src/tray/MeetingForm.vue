<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { MeetingFacts, TemplateFacts } from '../api/types'
import DayField from '../shared/DayField.vue'
import { agendaItems, agendaText, guestsIn, guestsText, ZONES } from './meetingForm'
import PeoplePicker from './PeoplePicker.vue'

const props = defineProps<{
  initial: MeetingFacts
  unknown: string[]
  templates: TemplateFacts[]
  /** Whether the meeting has a draft already that the source joins. */
  joins?: boolean
  /** What its button says. */
  act?: string
  /** Whether everything about the meeting is asked for, also its call and its invitation. */
  whole?: boolean
  busy: string
  refused: string
}>()
const emit = defineEmits<{ submit: [facts: MeetingFacts, template: string | null] }>()

const form = reactive({ ...props.initial })
const agenda = ref(agendaText(props.initial.agenda))
const guests = ref(guestsText(props.initial.guests ?? []))
const template = ref(props.initial.template)
const zones = computed(() => (ZONES.includes(form.zone) ? ZONES : [form.zone, ...ZONES]))

const date = computed({
  get: () => form.date,
  set: (day: string | null) => (form.date = day ?? props.initial.date),
})

const orNull = (text: string | null) => text?.trim() || null

function submit() {
  emit(
    'submit',
    {
      ...form,
      start: form.start || null,
      plannedMinutes: form.plannedMinutes || null,
      kind: orNull(form.kind),
      series: orNull(form.series),
      location: orNull(form.location),
      link: orNull(form.link),
      description: orNull(form.description),
      organiser: orNull(form.organiser),
      label: orNull(form.label),
      guests: guestsIn(guests.value),
      template: template.value,
      agenda: agendaItems(agenda.value),
    },
    template.value,
  )
}
</script>

<template>
  <form class="paired" @submit.prevent="submit">
    <label class="wide">
      <span class="label">Title</span>
      <input v-model="form.title" class="field title" required maxlength="300" />
    </label>
    <div>
      <label class="label" for="meeting-date">Date</label>
      <DayField v-model="date" class="field" input-id="meeting-date" />
    </div>
    <div class="pair">
      <label>
        <span class="label">Start</span>
        <input
          v-model="form.start"
          class="field figures"
          placeholder="09:30"
          pattern="([01]?\d|2[0-3]):[0-5]\d(:\d\d)?"
          title="A time such as 09:30"
        />
      </label>
      <label>
        <span class="label">Planned minutes</span>
        <input
          v-model.number="form.plannedMinutes"
          class="field figures"
          type="number"
          min="1"
          max="1440"
        />
      </label>
    </div>
    <label>
      <span class="label">Time zone</span>
      <select v-model="form.zone" class="field">
        <option v-for="zone in zones" :key="zone">{{ zone }}</option>
      </select>
    </label>
    <label>
      <span class="label">Place or call</span>
      <input v-model="form.location" class="field" maxlength="300" />
    </label>
    <label>
      <span class="label">Kind</span>
      <input v-model="form.kind" class="field" maxlength="80" list="kinds" />
      <datalist id="kinds">
        <option v-for="t in templates" :key="t.name" :value="t.name.toLowerCase()" />
      </datalist>
    </label>
    <label>
      <span class="label">Series</span>
      <input v-model="form.series" class="field" maxlength="160" />
    </label>
    <div class="wide">
      <PeoplePicker v-model="form.people" :unknown="unknown" />
    </div>
    <label class="wide">
      <span class="label">Agenda, one item a line</span>
      <textarea v-model="agenda" class="field" rows="3" />
    </label>
    <label>
      <span class="label">Template</span>
      <select v-model="template" class="field">
        <option :value="null">
          {{ joins ? 'the one its draft has' : 'the one that fits the kind' }}
        </option>
        <option v-for="t in templates" :key="t.name" :value="t.name">{{ t.name }}</option>
      </select>
    </label>
    <div>
      <label class="label" for="next-date">Next one of the series</label>
      <DayField v-model="form.nextMeeting" class="field" input-id="next-date" />
    </div>
    <template v-if="whole">
      <label>
        <span class="label">Address of the call</span>
        <input v-model="form.link" class="field" type="url" maxlength="1000" />
      </label>
      <label>
        <span class="label">Called by</span>
        <input v-model="form.organiser" class="field" maxlength="300" />
      </label>
      <label class="wide">
        <span class="label"
          >Others invited, one a line, such as Elin Strand &lt;elin@county.example&gt;</span
        >
        <textarea v-model="guests" class="field" rows="2" />
      </label>
      <label class="wide">
        <span class="label">The invitation’s text</span>
        <textarea v-model="form.description" class="field" rows="5" maxlength="20000" />
      </label>
      <label>
        <span class="label">Label</span>
        <input v-model="form.label" class="field" maxlength="80" />
      </label>
      <slot name="calendar" />
    </template>
    <div class="foot">
      <p v-if="refused" class="red" role="alert">{{ refused }}</p>
      <span v-else-if="busy" class="small" role="status">{{ busy }}</span>
      <button class="btn go" :disabled="busy !== ''">{{ act ?? 'Draft the minutes' }}</button>
    </div>
  </form>
</template>

<style scoped>
.title {
  font: 600 17px/1.4 var(--serif);
}

.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}

.foot .btn {
  min-height: 36px;
}
</style>
