<script setup lang="ts">
import { computed } from 'vue'
import CitationLink from './CitationLink.vue'
import { useCitations } from './useCitations'

/** What words cite that cannot hold links themselves, because they are being written. */
const props = defineProps<{ of: string | undefined }>()

const citations = useCitations()
const cites = computed(() => (props.of === undefined ? [] : citations.at(props.of)))
</script>

<template>
  <ul v-if="cites.length" class="small" aria-label="Cited here">
    <li v-for="c in cites" :key="c.written"><CitationLink :cites="c" /> {{ c.text }}</li>
  </ul>
</template>

<style scoped>
ul {
  margin: 4px 0 4px 10px;
}

li {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
