<script setup lang="ts">
import { computed } from 'vue'
import CitedText from '../citations/CitedText.vue'
import { quotationIn } from './quotation'

/** The words of a line; a quotation is set as one. Where `of` is given, numbers of lines lead there. */
const props = defineProps<{ text: string; of?: string }>()

const quotation = computed(() => quotationIn(props.text))
</script>

<template>
  <template v-if="quotation">
    <span v-if="quotation.matter" class="matter">{{ quotation.matter }}. </span>
    <span v-if="quotation.speaker" class="speaker">{{ quotation.speaker }}: </span>
    <q
      ><CitedText v-if="of" :of="of" :text="quotation.words" /><template v-else>{{
        quotation.words
      }}</template></q
    >
  </template>
  <CitedText v-else-if="of" :of="of" :text="text" />
  <template v-else>{{ text }}</template>
</template>

<style scoped>
q {
  font-style: italic;
  quotes: '“' '”';
}

.matter {
  font-weight: 600;
}

.speaker {
  font-family: var(--sans);
  font-size: 0.86em;
  color: var(--ink-2);
}
</style>
