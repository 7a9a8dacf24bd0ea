<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { hitAddress } from '../lamp/hitAddress'
import { isQuestion } from '../lamp/isQuestion'
import LampGlimpse from '../lamp/LampGlimpse.vue'
import { type Glimpsed, useGlimpse } from '../lamp/useGlimpse'
import { whereIn, writtenPart } from '../lamp/where'

const route = useRoute()
const router = useRouter()
const words = ref('')
const input = ref<HTMLInputElement>()

watch(
  () => (route.path === '/lamp' ? String(route.query.q ?? '') : ''),
  (asked) => {
    if (asked.trim() !== words.value.trim()) words.value = asked
  },
  { immediate: true },
)

/** So long nothing is typed before what was typed is looked for. */
const PAUSE_MS = 120
let pause: ReturnType<typeof setTimeout> | undefined

/** On the lamp's page places are shown as one types; questions are asked when they are finished. */
function type() {
  closed.value = false
  clearTimeout(pause)
  pause = setTimeout(() => {
    const live = route.path === '/lamp' && route.query.ask === undefined
    if (!live || isQuestion(words.value) || isQuestion(String(route.query.q ?? ''))) return
    void router.replace({ path: '/lamp', query: { ...route.query, q: words.value } })
  }, PAUSE_MS)
}

/** The meeting one is on, filed or a draft, or whose answers one is reading: it can be asked alone. */
const meeting = computed(() => {
  if (route.path.startsWith('/folio/')) return `folio:${String(route.params.number)}`
  if (route.path.startsWith('/minutes/')) return `draft:${String(route.params.id)}`
  const where = whereIn(route.query)
  return where?.folio || where?.draft ? writtenPart(where) : ''
})
const alone = ref(false)
watch(
  () => route.path === '/lamp' && meeting.value !== '',
  (asked) => (alone.value = asked),
  { immediate: true },
)

function find() {
  clearTimeout(pause)
  const q = words.value.trim()
  if (!q) return
  const only = alone.value ? meeting.value : ''
  // The words of a draft are in no index; what it says is found by asking.
  const ask = only.startsWith('draft:') ? '' : undefined
  void router.push({ path: '/lamp', query: { q, in: only || undefined, ask } })
}

/** Away from the lamp's page the first places are shown under the field. */
const focused = ref(false)
const closed = ref(false)
const { places, active, move } = useGlimpse(
  words,
  computed(() => focused.value && !closed.value && route.path !== '/lamp' && !alone.value),
)

function openPlace(place: Glimpsed) {
  words.value = ''
  input.value?.blur()
  void router.push(hitAddress(place.hit, place.folio))
}

function enter() {
  const chosen = places.value[active.value]
  if (chosen) openPlace(chosen)
  else find()
}

function leave() {
  if (places.value.length) closed.value = true
  else input.value?.blur()
}

defineExpose({ focus: () => input.value?.select() })
</script>

<template>
  <form class="lamp-field" role="search" @submit.prevent="enter">
    <svg width="15" height="15" viewBox="0 0 16 16" fill="none" aria-hidden="true">
      <g stroke="currentColor" stroke-width="1.7">
        <circle cx="7" cy="7" r="4.6" />
        <path d="M10.6 10.6 15 15" />
      </g>
    </svg>
    <input
      ref="input"
      v-model="words"
      type="text"
      maxlength="300"
      aria-label="Find or ask in the ledger"
      placeholder="Find words, or ask a question"
      autocomplete="off"
      role="combobox"
      aria-autocomplete="list"
      aria-controls="glimpse"
      :aria-expanded="places.length > 0"
      :aria-activedescendant="active < 0 ? undefined : `glimpse-${active}`"
      @input="type"
      @focus="focused = true"
      @blur="focused = false"
      @keydown.down.prevent="move(1)"
      @keydown.up.prevent="move(-1)"
      @keydown.esc="leave"
    />
    <button
      v-if="meeting"
      class="alone"
      type="button"
      :aria-pressed="alone"
      @click="alone = !alone"
    >
      {{ meeting.startsWith('draft:') ? 'only this draft' : `only ${meeting.replace(':', ' ')}` }}
    </button>
    <kbd aria-hidden="true">/</kbd>
    <LampGlimpse v-if="places.length" :places="places" :active="active" @open="openPlace" />
  </form>
</template>

<style scoped>
.lamp-field {
  position: relative;
  flex: 1;
  min-width: 160px;
  align-self: center;
  height: 36px;
  margin-bottom: -4px;
  background: var(--paper);
  border: 1px solid var(--rule-strong);
  border-radius: 18px;
  display: flex;
  align-items: center;
  padding: 0 14px;
  gap: 9px;
  color: var(--pencil);
}

.lamp-field:focus-within {
  border-color: var(--lamp-edge);
  box-shadow: var(--glow);
}

input {
  flex: 1;
  min-width: 0;
  border: 0;
  outline: 0;
  background: none;
  color: var(--ink);
}

.alone {
  min-height: 24px;
  padding: 0 8px;
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
  background: none;
  color: var(--ink-2);
  font: 600 12px/1 var(--sans);
  white-space: nowrap;
  cursor: pointer;
}

.alone[aria-pressed='true'] {
  background: var(--lamp);
  border-color: var(--lamp-edge);
  color: var(--ink);
}
</style>
