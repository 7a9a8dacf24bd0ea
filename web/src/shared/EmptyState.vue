<script setup lang="ts">
defineProps<{ title: string }>()
</script>

<template>
  <div class="empty">
    <h2>{{ title }}</h2>
    <p><slot /></p>
    <div class="next"><slot name="next" /></div>
  </div>
</template>

<style scoped>
.empty {
  max-width: 480px;
  margin: 56px auto;
  padding: 0 20px;
  text-align: center;
}

h2 {
  font: 600 19px/1.3 var(--serif);
  color: var(--ink);
}

p {
  margin: 8px 0 18px;
  font: 16px/1.55 var(--serif);
  color: var(--ink-2);
}
</style>
