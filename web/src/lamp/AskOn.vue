<script setup lang="ts">
import { ref } from 'vue'

/** The next question, which may lean on the one that was answered. */
const emit = defineEmits<{ ask: [question: string] }>()
const question = ref('')

function ask() {
  const words = question.value.trim()
  if (!words) return
  question.value = ''
  emit('ask', words)
}
</script>

<template>
  <form class="on" @submit.prevent="ask">
    <label for="ask-on">Ask on</label>
    <input
      id="ask-on"
      v-model="question"
      class="field"
      maxlength="300"
      placeholder="and who was against it? · when is it due? · and in March?"
      autocomplete="off"
    />
    <button class="btn" type="submit" :disabled="!question.trim()">Ask</button>
  </form>
</template>

<style scoped>
.on {
  display: flex;
  align-items: center;
  gap: 10px;
  margin-top: 14px;
}

label {
  font-weight: 600;
  white-space: nowrap;
}

input {
  flex: 1;
  min-width: 0;
}
</style>
