<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Person } from '../api/types'
import { clockIn, shortDay } from '../shared/dates'
import { MARK_WORDS } from '../shared/marks'
import { completion } from './completion'
import type { PageLine } from './noteLines'

const props = defineProps<{
  line: PageLine
  editable: boolean
  unsaved: boolean
  people: Person[]
  zone: string
}>()
const emit = defineEmits<{
  text: [text: string]
  enter: [rest: string]
  nest: [step: 1 | -1]
  join: []
  go: [step: 1 | -1]
  paste: [text: string]
  focus: []
}>()

const time = computed(() => clockIn(props.line.typedAt, props.zone))
const field = ref<HTMLTextAreaElement>()
const atEnd = ref(false)
const offered = computed(() =>
  props.editable && atEnd.value ? completion(props.line.text, props.people) : null,
)

const understood = computed(() => {
  const u = props.line.understood
  if (u.kind !== 'ACTION') return ''
  return [u.owner ?? 'owner open', u.due ? shortDay(u.due) : (u.dueWords ?? '')]
    .filter(Boolean)
    .join(' · ')
})

function follow() {
  const at = field.value
  atEnd.value =
    document.activeElement === at &&
    at?.selectionStart === at?.value.length &&
    at?.selectionEnd === at?.value.length
}

function input(event: Event) {
  emit('text', (event.target as HTMLTextAreaElement).value)
  follow()
}

function key(event: KeyboardEvent) {
  const at = field.value
  if (!at || event.isComposing) return
  const plain = !event.ctrlKey && !event.metaKey && !event.altKey
  if (event.key === 'Enter' && plain) {
    const rest = at.value.slice(at.selectionEnd)
    if (rest) emit('text', at.value.slice(0, at.selectionStart))
    emit('enter', rest)
  } else if (event.key === 'Tab' && plain) {
    emit('nest', event.shiftKey ? -1 : 1)
  } else if (event.key === 'Escape') {
    at.blur()
  } else if (event.key === 'Backspace' && plain && at.selectionEnd === 0) {
    emit('join')
  } else if (event.key === 'ArrowUp' && plain && isAtEdge(at, -1)) {
    emit('go', -1)
  } else if (event.key === 'ArrowDown' && plain && isAtEdge(at, 1)) {
    emit('go', 1)
  } else if (event.key === 'ArrowRight' && plain && offered.value) {
    accept()
  } else {
    return
  }
  event.preventDefault()
}

/** A line that runs over several rows is left by its first and last row only. */
function isAtEdge(at: HTMLTextAreaElement, step: 1 | -1): boolean {
  const oneRow = at.scrollHeight <= parseFloat(getComputedStyle(at).lineHeight) * 1.5 + 8
  return oneRow || (step < 0 ? at.selectionEnd === 0 : at.selectionStart === at.value.length)
}

function accept() {
  if (offered.value) emit('text', props.line.text + offered.value.rest)
}

function paste(event: ClipboardEvent) {
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (!/[\r\n]/.test(text.trim())) return
  event.preventDefault()
  emit('paste', text)
}

defineExpose({
  focus(at: 'start' | 'end' = 'end') {
    field.value?.focus()
    const place = at === 'start' ? 0 : (field.value?.value.length ?? 0)
    field.value?.setSelectionRange(place, place)
    follow()
  },
})
</script>

<template>
  <li class="row" :class="{ unsaved }" :style="{ '--depth': line.indent }">
    <time class="figures" :datetime="line.typedAt">{{ time }}</time>
    <span class="mark">{{ line.understood.mark ? MARK_WORDS[line.understood.mark] : '' }}</span>
    <div class="words">
      <textarea
        v-if="editable"
        ref="field"
        rows="1"
        :value="line.text"
        maxlength="10000"
        spellcheck="false"
        :aria-label="`Line typed ${time}`"
        @input="input"
        @keydown="key"
        @keyup="follow"
        @click="follow"
        @blur="follow"
        @focus="
          () => {
            follow()
            emit('focus')
          }
        "
        @paste="paste"
      />
      <p v-else>{{ line.text }}</p>
    </div>
    <p class="said small">
      <button v-if="offered" class="offer" type="button" tabindex="-1" @mousedown.prevent="accept">
        {{ offered.name }} <kbd aria-label="right arrow key">→</kbd>
      </button>
      <template v-else>
        <span v-if="unsaved" class="not-yet">not saved yet</span>
        <span v-if="understood">{{ understood }}</span>
        <span v-else-if="line.understood.writtenOut" class="full">{{
          line.understood.writtenOut
        }}</span>
        <!-- Told rather than asked for: asking would draw every row at every key. -->
        <slot :saved="!unsaved" />
      </template>
    </p>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 40px 62px 1fr minmax(110px, 190px);
  column-gap: 6px;
  align-items: baseline;
  border-bottom: 1px solid transparent;
  /* Rows out of sight cost no layout; a page may have hundreds. */
  content-visibility: auto;
  contain-intrinsic-size: auto 34px;
}

.row:hover,
.row:focus-within {
  border-bottom-color: var(--rule);
}

time {
  font-size: 11.5px;
  color: var(--pencil);
  text-align: right;
}

.mark {
  font: 600 11.5px/1.4 var(--sans);
  color: var(--ink-2);
  text-align: right;
  padding-right: 4px;
}

.words {
  padding-left: calc(var(--depth) * 24px);
  min-width: 0;
}

.words textarea,
.words p {
  display: block;
  width: 100%;
  padding: 4px 2px;
  border: 0;
  background: none;
  resize: none;
  field-sizing: content;
  font: 16px/1.5 var(--serif);
  color: var(--ink);
  overflow-wrap: anywhere;
}

.words textarea:focus {
  outline: none;
  box-shadow: 0 1px 0 var(--green);
}

.said {
  text-align: right;
  overflow-wrap: anywhere;
}

.said > * + * {
  margin-left: 8px;
}

.not-yet {
  color: var(--red);
}

.full {
  font-style: italic;
}

.offer {
  border: 0;
  background: none;
  padding: 0;
  cursor: pointer;
  color: var(--ink-2);
}

@media (max-width: 720px) {
  .row {
    grid-template-columns: 58px 1fr;
  }

  time {
    display: none;
  }

  .said {
    grid-column: 2;
    text-align: left;
  }
}
</style>
