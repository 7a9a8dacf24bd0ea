<script setup lang="ts">
defineProps<{ title: string }>()
</script>

<template>
  <div class="head">
    <div>
      <h1>{{ title }}</h1>
      <p class="lead"><slot /></p>
    </div>
    <div class="buttons"><slot name="acts" /></div>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: 30px;
  flex-wrap: wrap;
}

.head > div:first-child {
  flex: 1 1 320px;
}

.lead {
  font: 15px/1.5 var(--serif);
  color: var(--ink-2);
  margin-top: 5px;
  max-width: 60ch;
}

.buttons {
  display: flex;
  gap: 10px;
}
</style>
