<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Line, LineFacts, LineKind, Person } from '../api/types'
import DayField from '../shared/DayField.vue'
import { quotationIn, quoted } from '../shared/quotation'
import { KIND_NAMES } from '../shared/words'
import { editableKinds } from './editableKinds'
import { renamed } from './lineFacts'
import KeySelect from './KeySelect.vue'

/** `day`: of the meeting. */
const props = defineProps<{ line: Line; people: Person[]; day: string }>()
const emit = defineEmits<{
  ink: []
  edit: []
  strike: []
  join: []
  shift: [by: 1 | -1]
  /** The keyboard goes back to the line. */
  back: []
  change: [label: string, patch: Partial<LineFacts>]
}>()

const whyShown = ref(false)

/** Only a line under a question can be its answer. */
const kinds = computed<LineKind[]>(() =>
  props.line.section === null ? editableKinds : [...editableKinds, 'ANSWER'],
)

const possible = computed(() => props.line.state === 'POSSIBLE')
const struck = computed(() => props.line.state === 'STRUCK')
const isAction = computed(() => props.line.kind === 'ACTION')
const why = computed(() => {
  const g = props.line.grounds
  if (!props.line.drafted) return 'written by a person'
  return [
    ...g.reasons,
    g.proposedBy && `proposed by ${g.proposedBy}`,
    g.assentedBy.length && `assent by ${g.assentedBy.join(', ')}`,
    g.objectedBy.length && `objection by ${g.objectedBy.join(', ')}`,
    `certainty ${Math.round(props.line.certainty * 100)}%`,
  ]
    .filter(Boolean)
    .join('; ')
})

const quotation = computed(() => quotationIn(props.line.text))
const said = computed(() => props.line.evidence.find((b) => b.quote.trim()))

/** The words the line rests on, or, where it quotes them already, words of one's own that begin with them. */
function quote() {
  if (quotation.value) {
    emit('change', 'no longer quoting', { text: quotation.value.words })
    emit('edit')
  } else if (said.value) {
    const { speaker, quote: words } = said.value
    emit('change', 'quoting', { text: quoted({ matter: null, speaker: speaker ?? null, words }) })
  }
}

const due = computed({
  get: () => props.line.due,
  set: (day: string | null) => emit('change', 'changing the date', { due: day }),
})

/** Once the field has taken the key for itself. */
function backSoon() {
  setTimeout(() => emit('back'))
}

/** The name in the words goes with the owner. */
function setOwner(id: string) {
  const ownerId = id || null
  const text = renamed(props.line, ownerId, props.people)
  emit('change', 'changing the owner', text === props.line.text ? { ownerId } : { ownerId, text })
}

function setKind(chosen: string) {
  const to = chosen as Line['kind']
  // Only an action has an owner and a date.
  const rest = to === 'ACTION' ? {} : { ownerId: null, due: null }
  emit('change', 'changing the kind', { kind: to, ...rest })
}
</script>

<template>
  <div class="tools">
    <button v-if="line.state === 'PENCIL' || possible" type="button" @click="emit('ink')">
      <kbd>Enter</kbd>{{ possible ? 'take' : 'ink' }}
    </button>
    <button v-if="!struck" type="button" @click="emit('edit')"><kbd>E</kbd>edit</button>
    <button type="button" @click="emit('strike')">
      <kbd>X</kbd>{{ struck ? 'restore' : possible ? 'dismiss' : 'strike' }}
    </button>
    <button
      v-if="line.kind !== 'SUMMARY' && !struck && (quotation || said)"
      data-tool="quote"
      type="button"
      @click="quote"
    >
      <kbd>Q</kbd>{{ quotation ? 'put in own words' : 'quote the source' }}
    </button>
    <label v-if="line.kind !== 'SUMMARY' && !struck">
      <kbd>K</kbd><span class="unseen">Kind</span>
      <KeySelect data-tool="kind" :value="line.kind" @choose="setKind" @back="emit('back')">
        <option v-for="k in kinds" :key="k" :value="k">{{ KIND_NAMES[k] }}</option>
      </KeySelect>
    </label>
    <template v-if="isAction && !struck">
      <label>
        <kbd>O</kbd><span class="unseen">Owner</span>
        <KeySelect
          data-tool="owner"
          :value="line.ownerId ?? ''"
          @choose="setOwner"
          @back="emit('back')"
        >
          <option value="">owner open</option>
          <option v-for="p in people" :key="p.id" :value="p.id">{{ p.name }}</option>
        </KeySelect>
      </label>
      <label @keydown.enter="backSoon" @keydown.esc="backSoon">
        <kbd>D</kbd><span class="unseen">Due date</span>
        <DayField v-model="due" :near="day" input-id="line-due" data-tool="due" />
      </label>
    </template>
    <template v-if="line.kind !== 'SUMMARY' && !struck && !possible">
      <button type="button" @click="emit('join')"><kbd>J</kbd>join the next</button>
      <span class="shift">
        <kbd>Alt</kbd>
        <button type="button" aria-label="Move up" @click="emit('shift', -1)"><kbd>↑</kbd></button>
        <button type="button" aria-label="Move down" @click="emit('shift', 1)">
          <kbd>↓</kbd>move
        </button>
      </span>
    </template>
    <button data-tool="why" type="button" :aria-expanded="whyShown" @click="whyShown = !whyShown">
      <kbd>W</kbd>why
    </button>
    <p v-if="whyShown" class="why">
      {{ why }}<template v-if="line.dueWords">; date said: “{{ line.dueWords }}”</template>
    </p>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 5px 12px;
  align-items: center;
  padding: 6px 6px 8px 38px;
  font-size: 12.5px;
  color: var(--ink-2);
}

button {
  border: 0;
  background: none;
  padding: 2px 0;
  cursor: pointer;
}

button:hover {
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 3px;
}

kbd {
  margin-right: 5px;
}

.tools :deep(select),
.tools :deep(input) {
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
  background-color: var(--paper);
  padding: 2px 6px;
  max-width: 150px;
  min-height: 26px;
}

.tools label {
  display: flex;
  align-items: center;
}

.tools :deep(input) {
  width: 128px;
}

.shift {
  display: flex;
  align-items: baseline;
}

.shift kbd {
  margin-right: 3px;
}

.why {
  flex-basis: 100%;
}
</style>
