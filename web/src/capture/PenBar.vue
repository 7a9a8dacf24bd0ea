<script setup lang="ts">
import { computed } from 'vue'
import type { Pen } from '../api/types'
import { count } from '../shared/words'

const props = defineProps<{
  pen: Pen
  me: string
  unsaved: number
  trouble: string
  savedAt: Date | null
}>()
const emit = defineEmits<{ ask: []; give: []; keep: [] }>()

const holder = computed(() => props.pen.holder)
const mine = computed(() => holder.value?.id === props.me)
const asked = computed(() => props.pen.askedBy)

const saved = computed(() => {
  const lines = count(props.unsaved, 'line')
  if (props.trouble) {
    return props.unsaved
      ? `${props.trouble} ${lines} kept in this browser and not saved yet; trying again.`
      : props.trouble
  }
  if (props.unsaved) return 'saving …'
  return props.savedAt
    ? `saved ${props.savedAt.toTimeString().slice(0, 5)}`
    : 'every line is saved as you type it'
})
</script>

<template>
  <div class="bar">
    <p role="status" class="small" :class="{ red: trouble }">{{ saved }}</p>
    <p class="small pen">
      <template v-if="mine && asked">
        <b>{{ asked.name }} asks for the pen.</b>
        <button data-writes class="btn" type="button" @click="emit('give')">Give it</button>
        <button data-writes class="btn quiet" type="button" @click="emit('keep')">Keep it</button>
      </template>
      <template v-else-if="mine">
        You hold the pen.
        <button data-writes class="btn quiet" type="button" @click="emit('give')">
          Lay it down
        </button>
      </template>
      <template v-else-if="holder">
        {{ holder.name }} holds the pen.
        <span v-if="asked?.id === me">You asked for it.</span>
        <button v-else data-writes class="btn" type="button" @click="emit('ask')">
          Ask for the pen
        </button>
      </template>
      <template v-else>The pen lies here: whoever types first holds it.</template>
    </p>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 4px 20px;
  min-height: 34px;
}

.pen {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-left: auto;
}
</style>
