<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { Attendee, Line, LineKind, Minutes, Person } from '../api/types'
import { counts } from '../shared/lineStates'
import { scrollWithin } from '../shared/scrollWithin'
import { groupHeading, type PageSection } from '../shared/sections'
import SectionText from '../shared/SectionText.vue'
import SpeakingFigures from '../shared/SpeakingFigures.vue'
import AttendanceBar from './AttendanceBar.vue'
import { type Lamp, litLines } from './lighting'
import type { LineEvents } from './lineEvents'
import LineEditor from './LineEditor.vue'
import LineRow from './LineRow.vue'
import type { Clash } from './lineSaver'
import type { LineTool } from './reviewKeys'

const props = defineProps<{
  minutes: Minutes
  sections: PageSection[]
  reading: Line[]
  lamp: Lamp
  people: Person[]
  fixed?: boolean
  editingId?: string | null
  /** A line being written: below which line, as what. */
  composing?: { after: string | null; kind: LineKind; text: string } | null
  clashes?: Map<string, Clash>
}>()
const emit = defineEmits<
  LineEvents & {
    composed: [text: string]
    discarded: []
    inkLines: [lines: Line[]]
    present: [attendee: Attendee, present: boolean]
  }
>()

const scroller = ref<HTMLElement>()
const roll = ref<InstanceType<typeof AttendanceBar>>()

const lit = computed(() => new Set(litLines(props.reading, props.lamp).map((line) => line.id)))
const selectedId = computed(() => (props.lamp.on === 'line' ? props.lamp.lineId : null))
const reachableId = computed(() => selectedId.value ?? props.reading[0]?.id ?? null)
/** Whether the talk is told in figures, and not by a section of the template anyway. */
const spoken = computed(
  () =>
    props.minutes.attendance.some((a) => a.words > 0) &&
    !props.sections.some((s) => s.content === 'SPEAKING'),
)
const numbers = computed(() => {
  const counted = props.reading.filter(counts)
  return new Map(counted.map((line, i) => [line.id, line.number ?? i + 1]))
})

watch(
  () => props.lamp,
  async () => {
    await nextTick()
    const row = scroller.value?.querySelector('[data-lit-line]')?.closest('li')
    if (scroller.value && row) scrollWithin(scroller.value, row)
  },
  { flush: 'post', immediate: true },
)

function chosen(line: Line) {
  emit('select', line)
  void focusLine(line.id)
}

function pencilIn(section: PageSection): Line[] {
  return section.groups.flatMap((g) => g.lines).filter((line) => line.state === 'PENCIL')
}

/** Gives a line the keyboard. */
async function focusLine(id: string) {
  await nextTick()
  scroller.value
    ?.querySelector<HTMLElement>(`[data-line="${id}"] .text`)
    ?.focus({ preventScroll: true })
}

/** Takes one of the tools under the selected line into the hand: a field gets the keyboard, a button is pressed. */
function takeTool(name: LineTool) {
  const tool = scroller.value?.querySelector<HTMLElement>(`[data-tool="${name}"]`)
  if (tool instanceof HTMLButtonElement) tool.click()
  else tool?.focus()
  if (tool instanceof HTMLInputElement) tool.select()
}

defineExpose({ focusLine, takeTool, callRoll: () => roll.value?.call() })
</script>

<template>
  <section class="minutes" aria-label="Minutes">
    <div ref="scroller" class="scroll">
      <AttendanceBar
        ref="roll"
        :attendance="minutes.attendance"
        :fixed="fixed ?? false"
        @present="(attendee, present) => emit('present', attendee, present)"
        @done="reachableId && focusLine(selectedId ?? reachableId)"
      />
      <details v-if="spoken" class="spoken small">
        <summary>Who spoke how much</summary>
        <SpeakingFigures :attendance="minutes.attendance" :figures="minutes.figures" />
      </details>
      <LineEditor
        v-if="composing && composing.after === null"
        :text="composing.text"
        label="Wording of the new line"
        @done="emit('composed', $event)"
        @cancel="emit('discarded')"
      />
      <template v-for="section in sections" :key="section.heading">
        <section v-if="section.content !== 'ATTENDEES'" :aria-label="section.heading">
          <h2 class="section-head">
            {{ section.heading }}
            <span v-if="section.kind && section.kind !== 'SUMMARY'">
              <button
                v-if="pencilIn(section).length && !fixed"
                type="button"
                :aria-label="`Ink ${pencilIn(section).length} in ${section.heading}`"
                @click="emit('inkLines', pencilIn(section))"
              >
                ink {{ pencilIn(section).length }}
              </button>
              {{ section.count }}
            </span>
          </h2>
          <p v-if="section.kind === 'ANSWER'" class="asked small">
            {{ section.text.join(' ') }}
          </p>
          <SectionText
            v-if="!section.kind"
            :section="section"
            :minutes="minutes"
            :people="people"
          />
          <p v-else-if="!section.groups.length" class="small none">None.</p>
          <template v-for="(group, i) in section.groups" :key="i">
            <h3 v-if="groupHeading(group, people)">{{ groupHeading(group, people) }}</h3>
            <ul>
              <template v-for="line in group.lines" :key="line.id">
                <LineRow
                  :line="line"
                  :number="numbers.get(line.id) ?? null"
                  :lit="lit.has(line.id)"
                  :selected="line.id === selectedId"
                  :reachable="line.id === reachableId"
                  :editing="line.id === editingId"
                  :fixed="fixed ?? false"
                  :clash="clashes?.get(line.id)"
                  :people="people"
                  :day="minutes.meeting.date"
                  @select="chosen"
                  @edit="(l) => emit('edit', l)"
                  @ink="(l) => emit('ink', l)"
                  @strike="(l) => emit('strike', l)"
                  @join="(l) => emit('join', l)"
                  @shift="(l, by) => emit('shift', l, by)"
                  @split="(l, text, at) => emit('split', l, text, at)"
                  @change="(l, label, patch) => emit('change', l, label, patch)"
                  @typing="(l, text) => emit('typing', l, text)"
                  @edited="(l, text) => emit('edited', l, text)"
                  @abandoned="(l) => emit('abandoned', l)"
                  @settled="(l) => emit('settled', l)"
                />
                <li v-if="composing?.after === line.id" class="composing">
                  <LineEditor
                    :text="composing.text"
                    label="Wording of the new line"
                    @done="emit('composed', $event)"
                    @cancel="emit('discarded')"
                  />
                </li>
              </template>
            </ul>
          </template>
        </section>
      </template>
    </div>
  </section>
</template>

<style scoped>
.minutes {
  min-height: 0;
  min-width: 0;
  display: flex;
  background: linear-gradient(270deg, var(--paper) 92%, var(--paper-2));
}

.scroll {
  flex: 1;
  overflow-y: auto;
  padding: 14px 20px 120px 26px;
  scrollbar-width: thin;
}

section > h2 {
  margin-top: 14px;
}

h2 button {
  border: 0;
  background: none;
  padding: 0 4px;
  margin-right: 8px;
  cursor: pointer;
  color: var(--green);
  font: 600 12.5px/1.6 var(--sans);
}

h2 button:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}

h3 {
  font: italic 500 14.5px/1.4 var(--serif);
  color: var(--ink-2);
  margin: 9px 0 2px 38px;
}

.spoken summary {
  cursor: pointer;
  width: max-content;
  min-height: 24px;
}

.asked {
  margin: 2px 0 2px 38px;
  font-style: italic;
}

.none {
  margin-left: 38px;
}

/* Groups out of sight cost nothing: a talk of ten hours has thousands of lines. */
ul {
  content-visibility: auto;
  contain-intrinsic-size: auto 300px;
  padding: 2px;
  margin: -2px;
}

.composing {
  padding: 6px 6px 6px 45px;
}
</style>
