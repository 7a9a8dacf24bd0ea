<script setup lang="ts">
import { computed } from 'vue'
import { guestsIn } from '../tray/meetingForm'

/** People who are typed in, one a line; whoever has no address is named. */
const words = defineModel<string>({ required: true })
const unclear = computed(() =>
  guestsIn(words.value)
    .filter((g) => !g.email)
    .map((g) => g.name),
)
</script>

<template>
  <label>
    <span class="label">Others, one a line, such as elin@county.example</span>
    <textarea v-model="words" class="field" rows="2" />
  </label>
  <p v-if="unclear.length" class="small red" role="alert">
    No address in: {{ unclear.join(', ') }}.
  </p>
</template>
