<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue'

/** The beam from each lit passage of `pages` to each lit line. */
const props = defineProps<{ pages: HTMLElement | undefined }>()

interface Beam {
  path: string
  edge: { x: number; y: number; height: number }
}

const beams = ref<Beam[]>([])
let frame = 0
let resized: ResizeObserver | undefined
/** Tells when other words are lit, and when rows are drawn or taken away. */
let lit: MutationObserver | undefined

/** Draws soon, once, however many things moved. */
function draw() {
  cancelAnimationFrame(frame)
  frame = requestAnimationFrame(() => (beams.value = measured()))
}

function measured(): Beam[] {
  const pages = props.pages
  if (!pages) return []
  const origin = pages.getBoundingClientRect()
  const sources = visible(pages.querySelectorAll('[data-lit]'), origin)
  const lines = visible(pages.querySelectorAll('[data-lit-line]'), origin)
  const gutter = pages.querySelector('[data-gutter]')?.getBoundingClientRect()
  if (!gutter || gutter.width === 0) return []
  const from = gutter.left - origin.left
  return sources.flatMap((s) =>
    lines.map((line) => {
      const mid = (from + line.left) / 2
      return {
        path:
          `M${from},${s.top} C${mid},${s.top} ${mid},${line.top} ${line.left},${line.top}` +
          ` L${line.left},${line.bottom} C${mid},${line.bottom} ${mid},${s.bottom} ${from},${s.bottom} Z`,
        edge: { x: from - 5, y: s.top, height: s.bottom - s.top },
      }
    }),
  )
}

/** The parts of elements that their scrolling pane lets see, seen from `origin`. */
function visible(elements: NodeListOf<Element>, origin: DOMRect) {
  return [...elements].flatMap((element) => {
    const rect = element.getBoundingClientRect()
    const pane = element.closest('.scroll')?.getBoundingClientRect() ?? origin
    const top = Math.max(rect.top, pane.top)
    const bottom = Math.min(rect.bottom, pane.bottom)
    return bottom > top
      ? [{ top: top - origin.top, bottom: bottom - origin.top, left: rect.left - origin.left - 1 }]
      : []
  })
}

onMounted(() => {
  resized = new ResizeObserver(draw)
  lit = new MutationObserver(draw)
  if (props.pages) {
    resized.observe(props.pages)
    lit.observe(props.pages, {
      childList: true,
      subtree: true,
      attributeFilter: ['data-lit', 'data-lit-line'],
    })
    props.pages.addEventListener('scroll', draw, { capture: true, passive: true })
  }
  void document.fonts?.ready.then(draw)
})
onBeforeUnmount(() => {
  resized?.disconnect()
  lit?.disconnect()
  props.pages?.removeEventListener('scroll', draw, { capture: true })
  cancelAnimationFrame(frame)
})
</script>

<template>
  <svg class="no-print" aria-hidden="true">
    <defs>
      <linearGradient id="beam">
        <stop offset="0" stop-color="var(--lamp-edge)" stop-opacity="0.38" />
        <stop offset="1" stop-color="var(--lamp-edge)" stop-opacity="0.28" />
      </linearGradient>
    </defs>
    <g v-for="(beam, i) in beams" :key="i">
      <path :d="beam.path" fill="url(#beam)" />
      <rect
        :x="beam.edge.x"
        :y="beam.edge.y"
        width="5"
        :height="beam.edge.height"
        fill="var(--lamp-edge)"
      />
    </g>
  </svg>
</template>

<style scoped>
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
}
</style>
