<script setup lang="ts">
import { computed } from 'vue'
import type { Passage } from '../api/types'
import { offset } from '../shared/dates'
import { SIGNS } from '../shared/marks'
import { pieces, type Range } from './lighting'

const props = defineProps<{
  passage: Passage
  ranges: Range[] | undefined
  /** How many lines rest on it. */
  feeds: number
  /** Where the words that are looked at now begin, of all that were found; null where they stand elsewhere. */
  looked: number | null
}>()
const emit = defineEmits<{ light: [passage: number] }>()

const parts = computed(() => pieces(props.passage.text, props.ranges ?? []))
const place = computed(() =>
  props.passage.startMs === null ? String(props.passage.n + 1) : offset(props.passage.startMs),
)
const label = computed(() =>
  props.feeds === 0
    ? `Passage at ${place.value}, fed no line`
    : `Passage at ${place.value}, light what it fed: ${props.feeds}`,
)

/** A click that ends a selection of words is none. */
function clicked() {
  if (globalThis.getSelection()?.isCollapsed ?? true) emit('light', props.passage.n)
}
</script>

<template>
  <li class="passage" :class="{ near: ranges }" :data-passage="passage.n">
    <button
      class="place figures"
      type="button"
      :aria-label="label"
      @click="emit('light', passage.n)"
    >
      {{ place }}<i v-if="feeds" aria-hidden="true" />
    </button>
    <div :style="{ paddingLeft: `${passage.indent * 18}px` }">
      <b v-if="passage.speaker">{{ passage.speaker }}</b>
      <p :class="{ heading: passage.heading }" data-words @click="clicked">
        <span v-if="passage.mark" class="sign">{{ SIGNS[passage.mark] }}</span>
        <template v-for="(part, i) in parts" :key="i"
          ><mark
            v-if="part.lit"
            class="lit"
            :class="{ looked: part.start === looked }"
            :data-looked="part.start === looked || undefined"
            :data-lit="part.start !== looked || undefined"
            >{{ part.text }}</mark
          ><template v-else>{{ part.text }}</template></template
        >
      </p>
    </div>
  </li>
</template>

<style scoped>
.passage {
  display: grid;
  grid-template-columns: 58px 1fr;
  column-gap: 12px;
  padding: 5px 14px 6px 0;
}

.place {
  justify-self: end;
  align-self: start;
  position: relative;
  border: 0;
  background: none;
  padding: 0 2px;
  cursor: pointer;
  font: 500 11.5px/1.9 var(--sans);
  color: var(--pencil);
}

.place i {
  position: absolute;
  right: -7px;
  top: 4px;
  width: 2px;
  height: 14px;
  background: var(--rule-strong);
}

.place:hover {
  color: var(--ink);
}

b {
  font: 650 12px/1.9 var(--sans);
  color: var(--ink-2);
}

p {
  font: 15px/1.52 var(--serif);
  overflow-wrap: anywhere;
  cursor: pointer;
}

.heading {
  font-weight: 600;
}

.sign {
  font: 600 13px/1 var(--sans);
  color: var(--ink-2);
  margin-right: 5px;
}

mark {
  padding: 1px 0;
}

.looked {
  outline: 2px solid var(--lamp-edge);
}
</style>
