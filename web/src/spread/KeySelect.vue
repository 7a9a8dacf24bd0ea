<script setup lang="ts">
import { ref, watch } from 'vue'

/**
 * A list to choose from. With a pointer a choice counts at once; by keyboard one may leaf through the list, and the choice
 * counts when Enter is pressed or the field is left. Escape leaves things as they were.
 */
const props = defineProps<{ value: string }>()
const emit = defineEmits<{ choose: [value: string]; back: [] }>()

const chosen = ref(props.value)
let byKey = false
/** What counts: a field that disappears by the choice is left once more before it hears of it. */
let counts = props.value

watch(
  () => props.value,
  (value) => {
    chosen.value = value
    counts = value
  },
)

function settle() {
  byKey = false
  if (chosen.value === counts) return
  counts = chosen.value
  emit('choose', counts)
}

function changed(event: Event) {
  chosen.value = (event.target as HTMLSelectElement).value
  if (!byKey) settle()
}

function entered() {
  settle()
  emit('back')
}

function escaped() {
  chosen.value = counts
  emit('back')
}
</script>

<template>
  <select
    :value="chosen"
    @change="changed"
    @pointerdown="byKey = false"
    @keydown="byKey = true"
    @keydown.enter.prevent="entered"
    @keydown.esc.stop="escaped"
    @blur="settle"
  >
    <slot />
  </select>
</template>
