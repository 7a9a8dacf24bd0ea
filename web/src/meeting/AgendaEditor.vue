<script setup lang="ts">
import { nextTick, ref } from 'vue'
import { answer, api } from '../api/client'
import { messageOf } from '../api/problem'
import type { Meeting } from '../api/types'
import { useNotices } from '../shared/notices'
import { agendaItems } from '../tray/meetingForm'
import { useSession } from '../signin/session'
import { useAgendaItems } from './useAgendaItems'

const props = defineProps<{
  meeting: Meeting
  /** Keeps the agenda; the answer says whether that was done. */
  keep: (agenda: string[]) => Promise<boolean>
}>()

const { say } = useNotices()
const { writes } = useSession()
const fields = ref<HTMLInputElement[]>([])
const {
  items,
  state,
  save,
  add: addItems,
} = useAgendaItems(
  () => props.meeting.agenda,
  (agenda) => props.keep(agenda),
  () => fields.value.includes(document.activeElement as HTMLInputElement),
)

async function focus(index: number) {
  await nextTick()
  fields.value[Math.max(0, Math.min(index, items.value.length - 1))]?.focus()
}

function add(after: number) {
  items.value.splice(after + 1, 0, '')
  void focus(after + 1)
}

function drop(index: number) {
  items.value.splice(index, 1)
  void save()
  void focus(index - 1)
}

function move(index: number, step: 1 | -1) {
  const to = index + step
  if (to < 0 || to >= items.value.length) return
  const [item] = items.value.splice(index, 1)
  items.value.splice(to, 0, item ?? '')
  void save()
  void focus(to)
}

function key(event: KeyboardEvent, index: number) {
  if (event.isComposing || !writes.value) return
  if (event.key === 'Enter') {
    void save()
    add(index)
  } else if (event.key === 'Backspace' && items.value[index] === '') drop(index)
  else if (event.altKey && event.key === 'ArrowUp') move(index, -1)
  else if (event.altKey && event.key === 'ArrowDown') move(index, 1)
  else if (event.key === 'ArrowUp') void focus(index - 1)
  else if (event.key === 'ArrowDown') void focus(index + 1)
  else return
  event.preventDefault()
}

function paste(event: ClipboardEvent, index: number) {
  const lines = agendaItems(event.clipboardData?.getData('text/plain') ?? '')
  if (!writes.value || lines.length < 2) return
  event.preventDefault()
  items.value.splice(index + (items.value[index] ? 1 : 0), items.value[index] ? 0 : 1, ...lines)
  void save()
}

/** Adds what is not there yet, and offers to take it back. */
async function takeOver(more: string[], from: string) {
  const { fresh, before, done } = await addItems(more)
  if (!fresh.length) say(`All of ${from} is on the agenda already.`)
  else if (done) say(`Taken over from ${from}.`, { undo: () => void props.keep(before) })
}

/** The agenda of the last occurrence, and the questions and decisions that were left for later. */
async function startFromLast() {
  const params = { path: { id: props.meeting.id } }
  try {
    const [last, matters] = await Promise.all([
      answer(api.GET('/api/meetings/{id}/before', { params })),
      answer(api.GET('/api/meetings/{id}/matters', { params })),
    ])
    const open = matters.filter((m) => m.open && m.kind !== 'ACTION').map((m) => m.text)
    await takeOver([...(last?.agenda ?? []), ...open], 'last time')
  } catch (thrown) {
    say(messageOf(thrown), { failed: true })
  }
}
</script>

<template>
  <section aria-label="Agenda">
    <h2 class="section-head">
      Agenda <span role="status">{{ state }}</span>
    </h2>
    <ol>
      <li v-for="(_, i) in items" :key="i">
        <span class="figures" aria-hidden="true">{{ i + 1 }}</span>
        <input
          ref="fields"
          v-model="items[i]"
          maxlength="300"
          :readonly="!writes"
          :aria-label="`Item ${i + 1} of the agenda`"
          @keydown="key($event, i)"
          @paste="paste($event, i)"
          @blur="save"
        />
        <span data-writes class="acts">
          <button
            class="btn quiet"
            type="button"
            :aria-label="`Move item ${i + 1} up`"
            :disabled="i === 0"
            @click="move(i, -1)"
          >
            ↑
          </button>
          <button
            class="btn quiet"
            type="button"
            :aria-label="`Move item ${i + 1} down`"
            :disabled="i === items.length - 1"
            @click="move(i, 1)"
          >
            ↓
          </button>
          <button
            class="btn quiet"
            type="button"
            :aria-label="`Take item ${i + 1} off`"
            @click="drop(i)"
          >
            Off
          </button>
        </span>
      </li>
    </ol>
    <div data-writes class="foot">
      <button class="btn quiet" type="button" @click="add(items.length - 1)">Add an item</button>
      <button v-if="meeting.series" class="btn quiet" type="button" @click="startFromLast">
        Start from last time
      </button>
      <button
        v-if="meeting.offeredAgenda.some((i) => !meeting.agenda.includes(i))"
        class="btn quiet"
        type="button"
        @click="takeOver(meeting.offeredAgenda, 'the invitation')"
      >
        Take it out of the invitation
      </button>
    </div>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 22px 1fr auto;
  align-items: center;
  border-bottom: 1px solid var(--rule);
}

.figures {
  font: 12.5px/1 var(--sans);
  color: var(--ink-2);
}

input {
  width: 100%;
  min-height: 34px;
  padding: 4px 2px;
  border: 0;
  background: none;
  font: 15.5px/1.4 var(--serif);
}

input:focus {
  outline: none;
  box-shadow: inset 0 -2px var(--green);
}

.acts {
  opacity: 0;
}

li:hover .acts,
li:focus-within .acts {
  opacity: 1;
}

.acts .btn {
  min-height: 26px;
  padding: 0 6px;
  font-weight: 500;
}

.foot {
  display: flex;
  flex-wrap: wrap;
  margin: 6px 0 0 -8px;
}
</style>
