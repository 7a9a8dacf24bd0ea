<script setup lang="ts">
import { computed, ref } from 'vue'

/** Looks for words in the source that is shown. */
const props = defineProps<{ at: number; all: number }>()
const words = defineModel<string>({ required: true })
const emit = defineEmits<{ next: [by: 1 | -1]; close: [] }>()

const field = ref<HTMLInputElement>()

const told = computed(() => {
  if (words.value.trim().length < 2) return ''
  return props.all ? `${props.at + 1} of ${props.all.toLocaleString('en-GB')}` : 'nowhere'
})

defineExpose({ focus: () => field.value?.select() })
</script>

<template>
  <search class="find">
    <label>
      <span class="unseen">Words to find in the source</span>
      <input
        ref="field"
        v-model="words"
        class="field"
        placeholder="Words of the source"
        autocomplete="off"
        @keydown.enter.exact.prevent="emit('next', 1)"
        @keydown.shift.enter.prevent="emit('next', -1)"
        @keydown.down.prevent="emit('next', 1)"
        @keydown.up.prevent="emit('next', -1)"
        @keydown.esc.stop="emit('close')"
      />
    </label>
    <span class="figures small" role="status">{{ told }}</span>
    <button class="btn quiet" type="button" :disabled="!all" @click="emit('next', -1)">
      Previous
    </button>
    <button class="btn quiet" type="button" :disabled="!all" @click="emit('next', 1)">Next</button>
    <button class="btn quiet" type="button" @click="emit('close')">Close</button>
  </search>
</template>

<style scoped>
.find {
  display: flex;
  align-items: center;
  gap: 6px;
  margin: 0 16px 8px 8px;
}

label {
  flex: 1;
  min-width: 120px;
}

.figures {
  min-width: 68px;
  text-align: right;
  white-space: nowrap;
}
</style>
