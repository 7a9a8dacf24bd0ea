<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Attendee } from '../api/types'

const props = defineProps<{ attendance: Attendee[]; fixed: boolean }>()
const emit = defineEmits<{
  present: [attendee: Attendee, present: boolean]
  /** The keyboard goes back to the lines. */
  done: []
}>()

/** One key per person while the roll is called. */
const KEYS = '123456789abcdefghijklmnopqrstuvwxyz'

const calling = ref(false)
const bar = ref<HTMLElement>()

const groups = computed(() => {
  const keyed = props.attendance.map((attendee, i) => ({ attendee, key: KEYS[i] }))
  return [
    {
      name: 'Present',
      people: keyed.filter((k) => k.attendee.present === true),
      to: false,
      stands: 'present, set absent',
    },
    {
      name: 'Apologies',
      people: keyed.filter((k) => k.attendee.present === false),
      to: true,
      stands: 'absent, set present',
    },
    // The source names no speakers, and nobody spoke to them by name.
    {
      name: 'Not known',
      people: keyed.filter((k) => k.attendee.present === null),
      to: true,
      stands: 'not known whether present, set present',
    },
  ]
})

function share(attendee: Attendee): string {
  if (attendee.present === null) return 'The source does not tell who was there'
  const percent = Math.round(attendee.share * 100)
  return attendee.words
    ? `${attendee.words.toLocaleString('en-GB')} words, ${percent}% of the talk`
    : 'said nothing'
}

function call() {
  calling.value = true
  bar.value?.focus()
}

/** A pointer needs no keys shown; where they appeared under it, it would miss. */
function entered(event: FocusEvent) {
  if ((event.target as HTMLElement).matches(':focus-visible')) calling.value = !props.fixed
}

function pressed(event: KeyboardEvent) {
  if (props.fixed || event.ctrlKey || event.metaKey || event.altKey) return
  if (event.key === 'Escape') {
    event.stopPropagation()
    emit('done')
    return
  }
  const attendee = props.attendance[KEYS.indexOf(event.key.toLowerCase())]
  if (!attendee || event.key.length > 1) return
  // These keys mean people here, and nothing else.
  event.stopPropagation()
  event.preventDefault()
  emit('present', attendee, !attendee.present)
}

function left(event: FocusEvent) {
  if (!bar.value?.contains(event.relatedTarget as Node | null)) calling.value = false
}

defineExpose({ call })
</script>

<template>
  <div
    ref="bar"
    class="roll"
    :class="{ calling }"
    role="group"
    aria-label="Roll"
    :tabindex="fixed ? undefined : -1"
    @keydown="pressed"
    @focusin="entered"
    @focusout="left"
  >
    <p v-if="!attendance.length">Who was there is not known.</p>
    <dl v-else>
      <template v-for="group in groups" :key="group.name">
        <div v-if="group.people.length">
          <dt>{{ group.name }}</dt>
          <dd v-for="{ attendee, key } in group.people" :key="attendee.id">
            <span v-if="fixed" :title="share(attendee)">{{ attendee.name }}</span>
            <button
              v-else
              type="button"
              :title="`${share(attendee)}. Click: ${group.to ? 'was present' : 'was absent'}`"
              :aria-label="`${attendee.name}: ${group.stands}`"
              @click="emit('present', attendee, group.to)"
            >
              <kbd v-if="calling && key" aria-hidden="true">{{ key }}</kbd>{{ attendee.name
              }}<span v-if="attendee.present && !attendee.words" class="quiet">, silent</span>
            </button>
          </dd>
        </div>
      </template>
    </dl>
    <p v-if="calling" class="small" role="status">
      A person’s key sets them present or absent; Esc goes back to the lines.
    </p>
  </div>
</template>

<style scoped>
.roll {
  font-size: 13px;
  color: var(--ink-2);
  border-radius: 3px;
}

.roll:focus {
  outline: none;
}

.calling {
  outline: 2px solid var(--green) !important;
  outline-offset: 5px;
}

dl > div {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 5px;
  align-items: baseline;
}

dt {
  font-weight: 650;
  margin-right: 4px;
}

dd:not(:last-child)::after {
  content: ',';
}

button {
  border: 0;
  background: none;
  padding: 0;
  min-height: 24px;
  cursor: pointer;
  text-decoration: underline dotted var(--pencil);
  text-underline-offset: 3px;
}

button:hover {
  color: var(--ink);
  text-decoration-color: var(--ink);
}

kbd {
  margin-right: 4px;
}

.quiet {
  font-style: italic;
}
</style>
