<script setup lang="ts">
import { computed } from 'vue'
import { useTemplates } from '../api/queries'
import type { Meeting } from '../api/types'
import { templateOf } from '../templates/fitting'

/** What the template wants to know, while it can still be asked. */
const props = defineProps<{ meeting: Meeting }>()
const { data: templates } = useTemplates()

const prompts = computed(
  () =>
    templateOf(props.meeting, templates.value ?? [])
      ?.sections.filter((s) => s.content === 'PROMPTS')
      .flatMap((s) => s.text.split('\n'))
      .filter((prompt) => prompt.trim() !== '') ?? [],
)
</script>

<template>
  <section v-if="prompts.length" aria-label="To ask">
    <h2 class="section-head">To ask</h2>
    <ul>
      <li v-for="prompt in prompts" :key="prompt">{{ prompt }}</li>
    </ul>
  </section>
</template>

<style scoped>
li {
  padding: 5px 0;
  font: italic 15px/1.45 var(--serif);
  color: var(--ink-2);
}
</style>
