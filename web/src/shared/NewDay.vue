<script setup lang="ts">
import { onMounted, ref } from 'vue'
import DayField from './DayField.vue'

/** Asks for the new day of a line: `was` is the day it had. */
const props = defineProps<{ lineId: string; was: string | null }>()
const emit = defineEmits<{ set: [day: string] }>()

const day = ref(props.was)
const form = ref<HTMLFormElement>()

onMounted(() => form.value?.querySelector('input')?.focus())

function set() {
  if (day.value) emit('set', day.value)
}
</script>

<template>
  <form ref="form" @submit.prevent="set">
    <label class="unseen" :for="`day-${lineId}`">New day</label>
    <DayField v-model="day" class="field" :input-id="`day-${lineId}`" />
    <button class="btn go" type="submit">Set</button>
  </form>
</template>

<style scoped>
form {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 6px 0 4px;
}
</style>
