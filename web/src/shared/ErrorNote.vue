<script setup lang="ts">
import { computed } from 'vue'
import { messageOf, Problem } from '../api/problem'

const props = defineProps<{ error: unknown }>()
const emit = defineEmits<{ retry: [] }>()

const title = computed(() => (props.error instanceof Problem ? props.error.title : 'Failed'))
const missing = computed(() => props.error instanceof Problem && props.error.status === 404)
</script>

<template>
  <div class="note" role="alert">
    <h2>{{ title }}</h2>
    <p>{{ messageOf(error) }}</p>
    <RouterLink v-if="missing" class="btn" to="/">To the day sheet</RouterLink>
    <button v-else class="btn" type="button" @click="emit('retry')">Try again</button>
  </div>
</template>

<style scoped>
.note {
  margin: 24px auto;
  max-width: 520px;
  padding: 18px 22px;
  border-left: 3px solid var(--red);
  background: var(--paper-2);
}

h2 {
  color: var(--red);
}

p {
  margin: 6px 0 14px;
  font: 16px/1.5 var(--serif);
}
</style>
