<script setup lang="ts">
import { computed } from 'vue'
import CitationLink from './CitationLink.vue'
import { citedPieces } from './citedPieces'
import { useCitations } from './useCitations'

/** Words in which every number of a line leads there. */
const props = defineProps<{ of: string; text: string }>()

const citations = useCitations()
const pieces = computed(() => citedPieces(props.text, citations.at(props.of)))
</script>

<template>
  <template v-for="(piece, i) in pieces" :key="i">
    <CitationLink v-if="piece.cites" :cites="piece.cites" />
    <template v-else>{{ piece.text }}</template>
  </template>
</template>
