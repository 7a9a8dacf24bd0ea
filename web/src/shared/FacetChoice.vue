<script setup lang="ts">
import { computed } from 'vue'
import { count } from './words'

/** A value by which what is shown can be narrowed, with how many would be left where that is known. */
const props = defineProps<{
  name: string
  on: boolean
  /** Of what there are how many. */
  counted?: { many: number; of: string }
  /** Whether it stands within the one above it. */
  within?: boolean
}>()
const emit = defineEmits<{ toggle: [] }>()

const label = computed(() =>
  props.counted ? `${props.name}, ${count(props.counted.many, props.counted.of)}` : undefined,
)
</script>

<template>
  <button
    type="button"
    :class="{ on, within }"
    :aria-pressed="on"
    :aria-label="label"
    @click="emit('toggle')"
  >
    <span>{{ name }}</span>
    <i v-if="counted" class="figures">{{ counted.many.toLocaleString('en-GB') }}</i>
  </button>
</template>

<style scoped>
button {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  width: calc(100% + 8px);
  border: 0;
  border-radius: 3px;
  background: none;
  color: inherit;
  padding: 3px 8px;
  margin-left: -8px;
  text-align: left;
  cursor: pointer;
}

button:hover {
  background: var(--paper);
}

button.on {
  background: var(--ink);
  color: var(--paper);
}

.within {
  padding-left: 22px;
}

span {
  overflow-wrap: anywhere;
}

i {
  font-style: normal;
  color: var(--pencil);
}

.on i {
  color: inherit;
}
</style>
