<script setup lang="ts">
import { computed, nextTick, ref, toRef, watch } from 'vue'
import { usePassages } from '../api/queries'
import type { Basis, Line } from '../api/types'
import ErrorNote from '../shared/ErrorNote.vue'
import { counts } from '../shared/lineStates'
import { scrollWithin } from '../shared/scrollWithin'
import { findWords } from './findWords'
import { type Lamp, litRanges, type Range } from './lighting'
import PassageRow from './PassageRow.vue'
import { selectedWords } from './selectedWords'
import { useFoundWords } from './useFoundWords'

/** The passages of one source, with what the lamp lights in them. */
const props = defineProps<{
  sourceId: string
  lines: Line[]
  lamp: Lamp
  label: string
  /** Words that are looked for; while there are any, they are lit and nothing else. */
  words: string
  /** Which of the hits in this list is looked at, if any. */
  looked: number | null
}>()
const emit = defineEmits<{ light: [sourceId: string, passage: number] }>()

const { data: passages, error, refetch } = usePassages(toRef(props, 'sourceId'))
const scroller = ref<HTMLElement>()

const hits = computed(() => findWords(passages.value ?? [], props.words))
const lookedAt = computed(() => (props.looked === null ? undefined : hits.value[props.looked]))
/** While words are looked for, the page itself shows the hit that is looked at; the browser lights the others. */
const ranges = computed(() => {
  if (!props.words.trim()) return litRanges(props.lines, props.lamp, props.sourceId)
  const at = lookedAt.value
  return at ? new Map([[at.passage, [at]]]) : new Map<number, Range[]>()
})
const feeds = computed(() => {
  const fed = new Map<number, number>()
  for (const line of props.lines) {
    if (!counts(line)) continue
    const here = line.evidence.filter((e) => e.sourceId === props.sourceId).map((e) => e.passage)
    new Set(here).forEach((n) => fed.set(n, (fed.get(n) ?? 0) + 1))
  }
  return fed
})

useFoundWords(scroller, hits, () => lookedAt.value)

/** Scrolls the first lit words into sight, or those of all hits that are looked at. */
async function showLit() {
  if (props.lamp.on === 'nothing' && !lookedAt.value) return
  await nextTick()
  const first = lookedAt.value?.passage ?? Math.min(...ranges.value.keys())
  if (!Number.isFinite(first)) return
  const row = scroller.value?.querySelector<HTMLElement>(`[data-passage="${first}"]`)
  if (!row || !scroller.value) return
  scrollWithin(scroller.value, row)
  // Rows that come into sight take their true height only now.
  requestAnimationFrame(() => scroller.value && scrollWithin(scroller.value, row))
}

watch([() => props.lamp, lookedAt, () => passages.value !== undefined], showLit, {
  immediate: true,
  flush: 'post',
})

/** The words that are selected here, as evidence for a new line. */
function selection(): Basis[] {
  const words = scroller.value ? selectedWords(scroller.value) : null
  const passage = passages.value?.find((p) => p.n === words?.passage)
  if (!words || !passage) return []
  return [
    {
      sourceId: props.sourceId,
      passage: passage.n,
      start: words.start,
      end: words.end,
      quote: passage.text.slice(words.start, words.end),
      speaker: passage.speaker,
      startMs: passage.startMs,
    },
  ]
}

defineExpose({ selection, hits })
</script>

<template>
  <div ref="scroller" class="scroll" tabindex="0" role="region" :aria-label="label">
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <ol v-else :class="{ lamplit: ranges.size > 0 && !words.trim() }">
      <PassageRow
        v-for="passage in passages"
        :key="passage.n"
        v-memo="[
          passage,
          ranges.get(passage.n),
          feeds.get(passage.n),
          lookedAt?.passage === passage.n && lookedAt.start,
        ]"
        :passage="passage"
        :ranges="ranges.get(passage.n)"
        :feeds="feeds.get(passage.n) ?? 0"
        :looked="lookedAt?.passage === passage.n ? lookedAt.start : null"
        @light="(n) => emit('light', sourceId, n)"
      />
    </ol>
  </div>
</template>

<style scoped>
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
