<script setup lang="ts">
import type { Glimpsed } from './useGlimpse'
import { hitName } from './hitAddress'

/** The first places under the lamp field while one types. */
defineProps<{ places: Glimpsed[]; active: number }>()
const emit = defineEmits<{ open: [place: Glimpsed] }>()
</script>

<template>
  <ul id="glimpse" class="layer" role="listbox" aria-label="First places">
    <li
      v-for="(place, i) in places"
      :id="`glimpse-${i}`"
      :key="i"
      role="option"
      :aria-selected="i === active"
      @mousedown.prevent="emit('open', place)"
    >
      <span class="small figures">{{ hitName(place.hit, place.folio) }}</span>
      <span class="text">
        <template v-for="(part, p) in place.hit.text" :key="p"
          ><mark v-if="part.lit" class="lit">{{ part.text }}</mark
          ><template v-else>{{ part.text }}</template></template
        >
      </span>
      <span class="small of">{{ place.title }}</span>
    </li>
  </ul>
</template>

<style scoped>
ul {
  position: absolute;
  top: calc(100% + 4px);
  left: 0;
  right: 0;
  z-index: 30;
  padding: 6px 0;
}

li {
  display: grid;
  grid-template-columns: 52px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: baseline;
  padding: 6px 14px;
  color: var(--ink);
  cursor: pointer;
}

li:hover,
li[aria-selected='true'] {
  background: var(--paper-2);
}

li[aria-selected='true'] {
  box-shadow: inset 3px 0 0 var(--lamp-edge);
}

.text {
  font: 15px/1.4 var(--serif);
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.of {
  max-width: 160px;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}

@media (max-width: 620px) {
  .of {
    display: none;
  }

  li {
    grid-template-columns: 42px minmax(0, 1fr);
  }

  .text {
    white-space: normal;
  }
}
</style>
