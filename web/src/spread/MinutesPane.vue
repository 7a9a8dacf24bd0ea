<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { Attendee, Line, LineFacts, LineKind, Minutes, Person } from '../api/types'
import { scrollWithin } from '../shared/scrollWithin'
import type { PageSection } from '../shared/sections'
import AttendanceBar from './AttendanceBar.vue'
import { type Lamp, litLines } from './lighting'
import LineEditor from './LineEditor.vue'
import LineRow from './LineRow.vue'
import type { Clash } from './lineSaver'

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
const emit = defineEmits<{
  select: [line: Line]
  edit: [line: Line]
  ink: [line: Line]
  strike: [line: Line]
  change: [line: Line, label: string, patch: Partial<LineFacts>]
  typing: [line: Line, text: string]
  edited: [line: Line, text: string]
  abandoned: [line: Line]
  settled: [line: Line]
  composed: [text: string]
  discarded: []
  present: [attendee: Attendee, present: boolean]
}>()

const scroller = ref<HTMLElement>()
const rows = ref(new Map<string, InstanceType<typeof LineRow>>())

const lit = computed(() => new Set(litLines(props.reading, props.lamp).map((line) => line.id)))
const selectedId = computed(() => (props.lamp.on === 'line' ? props.lamp.lineId : null))
const reachableId = computed(() => selectedId.value ?? props.reading[0]?.id ?? null)
const numbers = computed(() => {
  const counted = props.reading.filter((line) => line.state !== 'STRUCK')
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

function keep(id: string, row: unknown) {
  if (row) rows.value.set(id, row as InstanceType<typeof LineRow>)
  else rows.value.delete(id)
}

/** Gives a line the keyboard. */
async function focusLine(id: string) {
  await nextTick()
  scroller.value
    ?.querySelector<HTMLElement>(`[data-line="${id}"] .text`)
    ?.focus({ preventScroll: true })
}

/** The tools under the selected line. */
function tools() {
  return selectedId.value === null ? undefined : rows.value.get(selectedId.value)?.tools
}

defineExpose({ focusLine, tools })
</script>

<template>
  <section class="minutes" aria-label="Minutes">
    <div ref="scroller" class="scroll">
      <AttendanceBar
        :attendance="minutes.attendance"
        :fixed="fixed ?? false"
        @present="(attendee, present) => emit('present', attendee, present)"
      />
      <LineEditor
        v-if="composing && composing.after === null"
        :text="composing.text"
        label="Wording of the new line"
        @done="emit('composed', $event)"
        @cancel="emit('discarded')"
      />
      <template v-for="section in sections" :key="section.heading">
        <section v-if="section.kind" :aria-label="section.heading">
          <h2 class="section-head">
            {{ section.heading }}
            <span v-if="section.kind !== 'SUMMARY'">{{ section.count }}</span>
          </h2>
          <template v-for="(group, i) in section.groups" :key="i">
            <h3 v-if="group.topic">{{ group.topic.title }}</h3>
            <ul>
              <template v-for="line in group.lines" :key="line.id">
                <LineRow
                  :ref="(row) => keep(line.id, row)"
                  :line="line"
                  :number="numbers.get(line.id) ?? null"
                  :lit="lit.has(line.id)"
                  :selected="line.id === selectedId"
                  :reachable="line.id === reachableId"
                  :editing="line.id === editingId"
                  :fixed="fixed ?? false"
                  :clash="clashes?.get(line.id)"
                  :people="people"
                  @select="emit('select', line)"
                  @edit="emit('edit', line)"
                  @ink="emit('ink', line)"
                  @strike="emit('strike', line)"
                  @change="(label, patch) => emit('change', line, label, patch)"
                  @typing="emit('typing', line, $event)"
                  @edited="emit('edited', line, $event)"
                  @abandoned="emit('abandoned', line)"
                  @settled="emit('settled', line)"
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

h3 {
  font: italic 500 14.5px/1.4 var(--serif);
  color: var(--ink-2);
  margin: 9px 0 2px 38px;
}

.composing {
  padding: 6px 6px 6px 45px;
}
</style>
