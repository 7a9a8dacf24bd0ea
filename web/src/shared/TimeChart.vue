<script setup lang="ts">
import { computed } from 'vue'
import { shortDay } from './dates'
import { type Dated, labelled, placed } from './timeChart'

/** Values through time as a line with a dot each. What it shows stands beside it in words as well. */
const props = defineProps<{
  points: (Dated & { label: string })[]
  title: string
  /** Where the scale begins; otherwise at the smallest value. */
  from?: number
}>()

const WIDTH = 560
const HEIGHT = 110
const PAD_X = 44
const PAD_TOP = 24
const PAD_BOTTOM = 22
const APART = 74

const at = computed(() =>
  placed(props.points, WIDTH, HEIGHT, props.from).map(({ x, y }) => ({
    x: x + PAD_X,
    y: y + PAD_TOP,
  })),
)
const line = computed(() => at.value.map((p) => `${p.x},${p.y}`).join(' '))
/** Labels that would cover each other are left to the table beside the chart. */
const withLabel = computed(() =>
  labelled(
    at.value.map((p) => p.x),
    APART,
  ),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH + 2 * PAD_X} ${HEIGHT + PAD_TOP + PAD_BOTTOM}`"
    role="img"
    :aria-label="title"
  >
    <line
      :x1="PAD_X"
      :x2="WIDTH + PAD_X"
      :y1="HEIGHT + PAD_TOP + 4"
      :y2="HEIGHT + PAD_TOP + 4"
      class="ground"
    />
    <polyline :points="line" />
    <g v-for="(p, i) in points" :key="i">
      <circle :cx="at[i]?.x" :cy="at[i]?.y" r="4" />
      <template v-if="withLabel.has(i)">
        <text :x="at[i]?.x" :y="(at[i]?.y ?? 0) - 9" class="value">{{ p.label }}</text>
        <text :x="at[i]?.x" :y="HEIGHT + PAD_TOP + 18" class="day">{{ shortDay(p.day) }}</text>
      </template>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 680px;
}

.ground {
  stroke: var(--rule-strong);
}

polyline {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.5;
}

circle {
  fill: var(--ink);
}

text {
  font: 500 12px/1 var(--sans);
  text-anchor: middle;
  fill: var(--ink-2);
}

.value {
  fill: var(--ink);
  font-weight: 600;
}
</style>
