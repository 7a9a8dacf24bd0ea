<script setup lang="ts">
import { computed } from 'vue'
import type { Line, Person } from '../api/types'
import CitesList from '../citations/CitesList.vue'
import { longDay, shortDay, today } from '../shared/dates'
import { isContested, lineAside } from '../shared/lineAside'
import LineText from '../shared/LineText.vue'
import { STATE_NAMES } from '../shared/lineStates'
import { KIND_NAMES } from '../shared/words'
import ClashNote from './ClashNote.vue'
import type { LineEvents } from './lineEvents'
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
  /** The day of the meeting. */
  day: string
}>()
const emit = defineEmits<LineEvents>()

const thisYear = today().slice(0, 4)
/** What is only possible stands under its topic, so that it says what it would be. */
const aside = computed(() => {
  const told = lineAside(props.line, props.people, (day) =>
    day.startsWith(thisYear) ? shortDay(day) : longDay(day),
  )
  const kind = props.line.state === 'POSSIBLE' ? KIND_NAMES[props.line.kind].toLowerCase() : ''
  return [kind, told].filter(Boolean).join(' · ')
})
</script>

<template>
  <li class="line" :class="[line.state.toLowerCase(), { glowing: lit }]" :data-line="line.id">
    <div class="row" :data-lit-line="lit || undefined">
      <span class="number figures" aria-hidden="true">
        <i v-if="line.state === 'PENCIL'">✎</i>
        <template v-if="line.state === 'POSSIBLE'">?</template>
        <template v-else>{{ number ?? '' }}</template>
      </span>
      <LineEditor
        v-if="editing"
        :text="line.text"
        label="Wording of the line"
        :splits="line.kind !== 'SUMMARY'"
        @split="(text, at) => emit('split', line, text, at)"
        @typing="emit('typing', line, $event)"
        @done="emit('edited', line, $event)"
        @cancel="emit('abandoned', line)"
      />
      <button
        v-else
        class="text"
        type="button"
        :tabindex="reachable ? 0 : -1"
        :aria-pressed="selected"
        @click="emit('select', line)"
        @dblclick="fixed || emit('edit', line)"
      >
        <LineText :text="line.text" /><span class="unseen">, {{ STATE_NAMES[line.state] }}</span>
      </button>
      <span v-if="aside" class="aside figures" :class="{ red: isContested(line) }">
        {{ aside }}
      </span>
    </div>
    <CitesList class="cites" :of="line.id" />
    <LineTools
      v-if="selected && !fixed && !editing"
      :line="line"
      :people="people"
      :day="day"
      @ink="emit('ink', line)"
      @edit="emit('edit', line)"
      @strike="emit('strike', line)"
      @join="emit('join', line)"
      @shift="(by) => emit('shift', line, by)"
      @back="emit('select', line)"
      @change="(label, patch) => emit('change', line, label, patch)"
    />
    <ClashNote
      v-if="clash"
      :clash="clash"
      :people="people"
      @mine="emit('change', line, 'using your version', clash.mine)"
      @theirs="emit('settled', line)"
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

.cites {
  margin-left: 38px;
}

.pencil .text {
  color: var(--pencil);
  text-decoration: underline dotted;
  text-decoration-thickness: 1px;
  text-underline-offset: 4px;
  text-decoration-color: color-mix(in srgb, var(--pencil) 60%, transparent);
}

.possible .row {
  margin-left: 30px;
  border-left: 2px dotted var(--rule);
}

.possible .text {
  font-style: italic;
  color: var(--ink-2);
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
