<script setup lang="ts">
/** Shows and hides the lines of a state that the page leaves out; nothing where there are none. */
defineProps<{ count: number; what: string; shown: boolean }>()
const emit = defineEmits<{ toggle: [] }>()
</script>

<template>
  <button
    v-if="count"
    class="btn quiet"
    type="button"
    :aria-pressed="shown"
    @click="emit('toggle')"
  >
    {{ shown ? 'Hide' : 'Show' }} {{ count }} {{ what }}
  </button>
</template>
