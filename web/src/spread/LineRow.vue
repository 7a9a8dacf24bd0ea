<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Line, LineFacts, Person } from '../api/types'
import { longDay, shortDay, today } from '../shared/dates'
import { isContested, lineAside } from '../shared/lineAside'
import ClashNote from './ClashNote.vue'
import LineEditor from './LineEditor.vue'
import LineTools from './LineTools.vue'
import type { Clash } from './lineSaver'

const props = defineProps<{
  line: Line
  number: number | null
  lit: boolean
  selected: boolean
  /** Whether Tab reaches this line: one of all does. */
  reachable: boolean
  editing: boolean
  fixed: boolean
  clash: Clash | undefined
  people: Person[]
}>()
const emit = defineEmits<{
  select: []
  edit: []
  ink: []
  strike: []
  change: [label: string, patch: Partial<LineFacts>]
  typing: [text: string]
  edited: [text: string]
  abandoned: []
  settled: []
}>()

const tools = ref<InstanceType<typeof LineTools>>()
const STATES = { PENCIL: 'in pencil', INK: 'in ink', STRUCK: 'struck' }

const thisYear = today().slice(0, 4)
const aside = computed(() =>
  lineAside(props.line, props.people, (day) =>
    day.startsWith(thisYear) ? shortDay(day) : longDay(day),
  ),
)

defineExpose({ tools })
</script>

<template>
  <li class="line" :class="[line.state.toLowerCase(), { glowing: lit }]" :data-line="line.id">
    <div class="row" :data-lit-line="lit || undefined">
      <span class="number figures" aria-hidden="true">
        <i v-if="line.state === 'PENCIL'">✎</i>{{ number ?? '' }}
      </span>
      <LineEditor
        v-if="editing"
        :text="line.text"
        label="Wording of the line"
        @typing="emit('typing', $event)"
        @done="emit('edited', $event)"
        @cancel="emit('abandoned')"
      />
      <button
        v-else
        class="text"
        type="button"
        :tabindex="reachable ? 0 : -1"
        :aria-pressed="selected"
        @click="emit('select')"
        @dblclick="fixed || emit('edit')"
      >
        {{ line.text }}<span class="unseen">, {{ STATES[line.state] }}</span>
      </button>
      <span v-if="aside" class="aside figures" :class="{ red: isContested(line) }">
        {{ aside }}
      </span>
    </div>
    <LineTools
      v-if="selected && !fixed && !editing"
      ref="tools"
      :line="line"
      :people="people"
      @ink="emit('ink')"
      @edit="emit('edit')"
      @strike="emit('strike')"
      @change="(label, patch) => emit('change', label, patch)"
    />
    <ClashNote
      v-if="clash"
      :clash="clash"
      :people="people"
      @mine="emit('change', 'using your version', clash.mine)"
      @theirs="emit('settled')"
    />
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 30px 1fr auto;
  column-gap: 8px;
  padding: 4px 6px 4px 0;
  align-items: baseline;
  border-radius: 3px;
}

.number {
  font: 500 11.5px/1 var(--sans);
  color: var(--pencil);
  text-align: right;
  white-space: nowrap;
}

.number i {
  font-style: normal;
  margin-right: 4px;
}

.text {
  border: 0;
  background: none;
  padding: 0;
  margin: 0;
  text-align: left;
  cursor: pointer;
  font: 15.5px/1.45 var(--serif);
  overflow-wrap: anywhere;
}

.aside {
  font: 500 12.5px/1.3 var(--sans);
  color: var(--ink-2);
  white-space: nowrap;
}

.pencil .text {
  color: var(--pencil);
  text-decoration: underline dotted;
  text-decoration-thickness: 1px;
  text-underline-offset: 4px;
  text-decoration-color: color-mix(in srgb, var(--pencil) 60%, transparent);
}

.struck .text {
  color: var(--pencil);
  text-decoration: line-through;
}

.glowing .row {
  background: var(--lamp);
  box-shadow: var(--glow);
  outline: 1px solid var(--lamp-edge);
}

.glowing .text,
.glowing .number,
.glowing .aside {
  color: var(--ink);
}

.text:focus-visible {
  outline: none;
}

.row:has(.text:focus-visible) {
  outline: 2px solid var(--green);
}
</style>
