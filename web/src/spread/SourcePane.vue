<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { Basis, Line, Minutes } from '../api/types'
import type { Lamp } from './lighting'
import PassageList from './PassageList.vue'
import SourceFind from './SourceFind.vue'

const props = defineProps<{
  sources: Minutes['sources']
  lines: Line[]
  lamp: Lamp
  /** Shows the notes and nothing else, wherever the lamp stands. */
  notesOnly?: boolean
  /** Words that are looked for from the start, and the passage where to begin. */
  sought?: { words: string; passage: number } | undefined
}>()
const emit = defineEmits<{
  light: [sourceId: string, passage: number]
  /** Whoever looked for words is done with it. */
  done: []
}>()

const talk = computed(() => props.sources.find((s) => !s.notes) ?? props.sources[0])
const notes = computed(() => props.sources.find((s) => s.notes && s !== talk.value))
const shownId = ref(talk.value?.id ?? null)
/** Whether the notes stand below the talk. */
const both = ref(false)
const lists = ref<InstanceType<typeof PassageList>[]>([])
const finder = ref<InstanceType<typeof SourceFind>>()
const finding = ref(false)
const words = ref('')
const at = ref(0)

const shown = computed(() =>
  props.notesOnly
    ? props.sources.filter((s) => s.notes)
    : both.value
      ? [talk.value, notes.value].filter((s) => s !== undefined)
      : props.sources.filter((s) => s.id === shownId.value),
)
/** How many hits each list shown has. */
const found = computed(() => lists.value.map((list) => list.hits.length))
const all = computed(() => found.value.reduce((sum, n) => sum + n, 0))

/** A draft that is stored anew shows the same sources: who steps through them keeps their place. */
const shownIds = computed(() => shown.value.map((s) => s.id).join(' '))
watch([words, shownIds], () => (at.value = 0))

/** Which hit of a list is looked at, where the one looked at is in that list. */
function lookedIn(list: number): number | null {
  if (!finding.value || all.value === 0) return null
  const before = found.value.slice(0, list).reduce((sum, n) => sum + n, 0)
  const within = at.value - before
  return within >= 0 && within < (found.value[list] ?? 0) ? within : null
}

/** Begins with the words that led here, at the passage they led to. */
watch(
  () => props.sought,
  (sought) => {
    if (!sought) return
    finding.value = true
    words.value = sought.words
    const stop = watch(
      all,
      (hits) => {
        if (!hits || words.value !== sought.words) return
        const there = lists.value
          .flatMap((list) => list.hits)
          .findIndex((hit) => hit.passage >= sought.passage)
        at.value = Math.max(0, there)
        void nextTick(() => stop())
      },
      { flush: 'post', immediate: true },
    )
  },
  { immediate: true },
)

function find() {
  finding.value = true
  void nextTick(() => finder.value?.focus())
}

function endFind() {
  finding.value = false
  words.value = ''
  emit('done')
}

function next(by: 1 | -1) {
  if (all.value) at.value = (at.value + by + all.value) % all.value
}

function show(id: string) {
  both.value = false
  shownId.value = id
}

/** Turns to the source that holds what is lit. */
function turn() {
  const lamp = props.lamp
  if (lamp.on === 'nothing' || both.value || props.notesOnly) return
  if (lamp.on === 'passage') {
    shownId.value = lamp.sourceId
    return
  }
  const evidence = props.lines.find((line) => line.id === lamp.lineId)?.evidence ?? []
  const here = evidence.some((e) => e.sourceId === shownId.value)
  if (!here && evidence[0]) shownId.value = evidence[0].sourceId
}

watch(() => props.lamp, turn, { immediate: true })

/** The words of the source that are selected, as evidence for a new line. */
function selection(): Basis[] {
  return lists.value.flatMap((list) => list.selection())
}

defineExpose({ selection, find })
</script>

<template>
  <section class="source" aria-label="Source">
    <div class="kinds" role="group" aria-label="What is shown of the source">
      <b v-if="notesOnly" class="small">Notes</b>
      <button
        v-for="source in notesOnly ? [] : sources"
        :key="source.id"
        type="button"
        :class="{ on: !both && source.id === shownId }"
        :aria-pressed="!both && source.id === shownId"
        :title="source.name"
        @click="show(source.id)"
      >
        {{ source.notes ? 'Notes' : 'Transcript' }}
      </button>
      <button
        v-if="notes && !notesOnly"
        type="button"
        :class="{ on: both }"
        :aria-pressed="both"
        @click="both = true"
      >
        Both
      </button>
      <span class="end">
        <button type="button" aria-keyshortcuts="f" :aria-expanded="finding" @click="find">
          Find
        </button>
        <a
          v-if="shown.length === 1"
          class="small"
          :href="`/api/sources/${shown[0]?.id}/original`"
          download
        >
          as it came
        </a>
      </span>
    </div>
    <SourceFind
      v-if="finding"
      ref="finder"
      v-model="words"
      :at="at"
      :all="all"
      @next="next"
      @close="endFind"
    />
    <div class="lists">
      <PassageList
        v-for="(source, i) in shown"
        :key="source.id"
        ref="lists"
        :words="finding ? words : ''"
        :looked="lookedIn(i)"
        :source-id="source.id"
        :lines="lines"
        :lamp="lamp"
        :label="both && source.notes ? 'Passages of the notes' : 'Passages'"
        @light="(id, n) => emit('light', id, n)"
      />
    </div>
  </section>
</template>

<style scoped>
.source {
  display: flex;
  flex-direction: column;
  min-height: 0;
  min-width: 0;
  padding: 12px 0 0 14px;
  background: linear-gradient(90deg, var(--paper) 92%, var(--paper-2));
}

.kinds {
  display: flex;
  gap: 14px;
  align-items: baseline;
  margin: 0 20px 8px 8px;
}

.kinds button {
  border: 0;
  background: none;
  padding: 0 0 3px;
  cursor: pointer;
  color: var(--ink-2);
  font-weight: 500;
  border-bottom: 2px solid transparent;
}

.kinds button.on {
  color: var(--ink);
  font-weight: 650;
  border-bottom-color: var(--ink);
}

.end {
  display: flex;
  gap: 14px;
  align-items: baseline;
  margin-left: auto;
}

.lists {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
}

/* Two sources at once: the talk has the larger part of the page. */
.lists > :nth-child(2) {
  flex: 0.6;
  border-top: 1px solid var(--rule);
  padding-top: 8px;
}
</style>
