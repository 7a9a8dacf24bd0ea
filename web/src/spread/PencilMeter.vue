<script setup lang="ts">
import { computed } from 'vue'

const props = defineProps<{ ink: number; all: number }>()
const share = computed(() => (props.all ? (100 * props.ink) / props.all : 100))
</script>

<template>
  <div class="meter small" role="status">
    <i aria-hidden="true"><b :style="{ width: `${share}%` }" /></i>
    <span class="figures">{{ ink }} of {{ all }} lines in ink</span>
  </div>
</template>

<style scoped>
.meter {
  display: flex;
  align-items: center;
  gap: 9px;
  white-space: nowrap;
}

i {
  position: relative;
  width: 110px;
  height: 8px;
  background: repeating-linear-gradient(90deg, var(--pencil) 0 3px, transparent 3px 6px);
}

b {
  position: absolute;
  inset: -1px auto -1px 0;
  background: var(--ink);
  transition: width 0.2s;
}
</style>
