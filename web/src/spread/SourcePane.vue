<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Basis, Line, Minutes } from '../api/types'
import type { Lamp } from './lighting'
import PassageList from './PassageList.vue'

const props = defineProps<{ sources: Minutes['sources']; lines: Line[]; lamp: Lamp }>()
const emit = defineEmits<{ light: [sourceId: string, passage: number] }>()

const talk = computed(() => props.sources.find((s) => !s.notes) ?? props.sources[0])
const notes = computed(() => props.sources.find((s) => s.notes && s !== talk.value))
const shownId = ref(talk.value?.id ?? null)
/** Whether the notes stand below the talk. */
const both = ref(false)
const lists = ref<InstanceType<typeof PassageList>[]>([])

const shown = computed(() =>
  both.value
    ? [talk.value, notes.value].filter((s) => s !== undefined)
    : props.sources.filter((s) => s.id === shownId.value),
)

function show(id: string) {
  both.value = false
  shownId.value = id
}

/** Turns to the source that holds what is lit. */
function turn() {
  const lamp = props.lamp
  if (lamp.on === 'nothing' || both.value) return
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

defineExpose({ selection })
</script>

<template>
  <section class="source" aria-label="Source">
    <div class="kinds" role="group" aria-label="What is shown of the source">
      <button
        v-for="source in sources"
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
        v-if="notes"
        type="button"
        :class="{ on: both }"
        :aria-pressed="both"
        @click="both = true"
      >
        Both
      </button>
      <a v-if="shownId && !both" class="small" :href="`/api/sources/${shownId}/original`" download>
        as it came
      </a>
    </div>
    <div class="lists">
      <PassageList
        v-for="source in shown"
        :key="source.id"
        ref="lists"
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

.kinds a {
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
