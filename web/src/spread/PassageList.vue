<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { type ComponentPublicInstance, computed, nextTick, ref, toRef, watch } from 'vue'
import { usePassages } from '../api/queries'
import type { Basis, Line, Passage } from '../api/types'
import ErrorNote from '../shared/ErrorNote.vue'
import { counts } from '../shared/lineStates'
import { scrollWithin } from '../shared/scrollWithin'
import { findWords } from './findWords'
import { type Lamp, litRanges, type Range } from './lighting'
import PassageRow from './PassageRow.vue'
import { selectedWords } from './selectedWords'
import { useFoundWords } from './useFoundWords'

/** The passages of one source, with what the lamp lights in them. Only those near sight are drawn: ten hours have thousands. */
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

/** How much of a passage stands on a line, roughly. */
const LINE_CHARACTERS = 58
/** Room below the last passage, so that it can be read in the middle. */
const BELOW_PX = 120

const { data: passages, error, refetch } = usePassages(toRef(props, 'sourceId'))
const scroller = ref<HTMLElement>()
const rows = useVirtualizer(
  computed(() => ({
    count: passages.value?.length ?? 0,
    getScrollElement: () => scroller.value ?? null,
    estimateSize: (i: number) => likelyHeight(passages.value?.[i]),
    overscan: 12,
    paddingEnd: BELOW_PX,
  })),
)
const shown = computed(() =>
  rows.value.getVirtualItems().flatMap(({ index, start, end }) => {
    const passage = passages.value?.[index]
    return passage ? [{ passage, index, start, end }] : []
  }),
)
const above = computed(() => shown.value[0]?.start ?? 0)
const below = computed(() => rows.value.getTotalSize() - (shown.value.at(-1)?.end ?? 0))

/** A row is measured once it is drawn; until then its height follows from how much it says. */
function likelyHeight(passage: Passage | undefined): number {
  const words = Math.ceil((passage?.text.length ?? 0) / LINE_CHARACTERS)
  return 11 + 23 * (words + (passage?.speaker ? 1 : 0))
}

// The browser keeps what is in sight where it is; moving it from here would break off a scroll that is under way.
rows.value.shouldAdjustScrollPositionOnItemSizeChange = () => false

function measure(row: Element | ComponentPublicInstance | null) {
  rows.value.measureElement(row && '$el' in row ? (row.$el as Element) : row)
}

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

useFoundWords(scroller, hits, () => [lookedAt.value, shown.value])

/** Scrolls the first lit words into sight, or those of all hits that are looked at. */
async function showLit() {
  if (props.lamp.on === 'nothing' && !lookedAt.value) return
  await nextTick()
  const first = lookedAt.value?.passage ?? Math.min(...ranges.value.keys())
  const index = passages.value?.findIndex((p) => p.n === first) ?? -1
  if (index < 0) return
  if (!scrollTo(first)) {
    const [there] = rows.value.getOffsetForIndex(index, 'center') ?? [0]
    if (scroller.value) scroller.value.scrollTop = there
  }
  // Rows that come into sight are drawn with the next frame and have their true height with the one after it.
  requestAnimationFrame(() => {
    scrollTo(first)
    requestAnimationFrame(() => scrollTo(first))
  })
}

/** Scrolls a passage into sight if it is drawn, or the words of it that are looked at. */
function scrollTo(passage: number): boolean {
  const row = scroller.value?.querySelector<HTMLElement>(`[data-passage="${passage}"]`)
  if (!row || !scroller.value) return false
  scrollWithin(scroller.value, row.querySelector<HTMLElement>('[data-looked]') ?? row)
  return true
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
      <li aria-hidden="true" :style="{ height: `${above}px` }" />
      <PassageRow
        v-for="{ passage, index } in shown"
        :key="passage.n"
        :ref="measure"
        v-memo="[
          passage,
          ranges.get(passage.n),
          feeds.get(passage.n),
          lookedAt?.passage === passage.n && lookedAt.start,
        ]"
        :data-index="index"
        :aria-posinset="index + 1"
        :aria-setsize="passages?.length"
        :passage="passage"
        :ranges="ranges.get(passage.n)"
        :feeds="feeds.get(passage.n) ?? 0"
        :looked="lookedAt?.passage === passage.n ? lookedAt.start : null"
        @light="(n) => emit('light', sourceId, n)"
      />
      <li aria-hidden="true" :style="{ height: `${below}px` }" />
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
  scrollbar-width: thin;
}
</style>
