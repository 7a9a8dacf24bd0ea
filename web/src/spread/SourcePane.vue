<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { usePassages } from '../api/queries'
import type { Basis, Line, Minutes } from '../api/types'
import ErrorNote from '../shared/ErrorNote.vue'
import { type Lamp, litRanges } from './lighting'
import { scrollWithin } from '../shared/scrollWithin'
import PassageRow from './PassageRow.vue'
import { selectedWords } from './selectedWords'
import { counts } from '../shared/lineStates'

const props = defineProps<{ sources: Minutes['sources']; lines: Line[]; lamp: Lamp }>()
const emit = defineEmits<{ light: [sourceId: string, passage: number] }>()

const shownId = ref(props.sources.find((s) => !s.notes)?.id ?? props.sources[0]?.id ?? null)
const { data: passages, error, refetch } = usePassages(shownId)
const scroller = ref<HTMLElement>()

const ranges = computed(() =>
  shownId.value === null ? new Map() : litRanges(props.lines, props.lamp, shownId.value),
)
const feeds = computed(() => {
  const fed = new Map<number, number>()
  for (const line of props.lines) {
    if (!counts(line)) continue
    const here = line.evidence.filter((e) => e.sourceId === shownId.value).map((e) => e.passage)
    new Set(here).forEach((n) => fed.set(n, (fed.get(n) ?? 0) + 1))
  }
  return fed
})

/** Shows the source that holds what is lit, and scrolls the first lit words into sight. */
async function showLit() {
  const lamp = props.lamp
  if (lamp.on === 'nothing') return
  if (lamp.on === 'passage') {
    shownId.value = lamp.sourceId
  } else {
    const evidence = props.lines.find((line) => line.id === lamp.lineId)?.evidence ?? []
    const here = evidence.some((e) => e.sourceId === shownId.value)
    if (!here && evidence[0]) shownId.value = evidence[0].sourceId
  }
  await nextTick()
  const first = Math.min(...ranges.value.keys())
  if (!Number.isFinite(first)) return
  const row = scroller.value?.querySelector<HTMLElement>(`[data-passage="${first}"]`)
  if (!row || !scroller.value) return
  scrollWithin(scroller.value, row)
  // Rows that come into sight take their true height only now.
  requestAnimationFrame(() => scroller.value && scrollWithin(scroller.value, row))
}

watch([() => props.lamp, () => passages.value !== undefined], showLit, {
  immediate: true,
  flush: 'post',
})

/** The words of the source that are selected, as evidence for a new line. */
function selection(): Basis[] {
  const words = scroller.value ? selectedWords(scroller.value) : null
  const passage = passages.value?.find((p) => p.n === words?.passage)
  if (!words || !passage || shownId.value === null) return []
  return [
    {
      sourceId: shownId.value,
      passage: passage.n,
      start: words.start,
      end: words.end,
      quote: passage.text.slice(words.start, words.end),
      speaker: passage.speaker,
      startMs: passage.startMs,
    },
  ]
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
        :class="{ on: source.id === shownId }"
        :aria-pressed="source.id === shownId"
        :title="source.name"
        @click="shownId = source.id"
      >
        {{ source.notes ? 'Notes' : 'Transcript' }}
      </button>
      <a v-if="shownId" class="small" :href="`/api/sources/${shownId}/original`" download>
        as it came
      </a>
    </div>
    <div ref="scroller" class="scroll" tabindex="0" role="region" aria-label="Passages">
      <ErrorNote v-if="error" :error="error" @retry="refetch()" />
      <ol v-else :class="{ lamplit: ranges.size > 0 }">
        <PassageRow
          v-for="passage in passages"
          :key="passage.n"
          :passage="passage"
          :ranges="ranges.get(passage.n)"
          :feeds="feeds.get(passage.n) ?? 0"
          @light="(n) => emit('light', shownId ?? '', n)"
        />
      </ol>
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

/* What is not lit steps back. */
.lamplit > :deep(.passage:not(.near)) {
  opacity: 0.62;
}

.scroll {
  flex: 1;
  overflow-y: auto;
  padding-bottom: 120px;
  scrollbar-width: thin;
}
</style>
