<script setup lang="ts">
import EmptyState from '../shared/EmptyState.vue'
</script>

<template>
  <EmptyState title="There is no such page">
    The address may be mistyped, or what it led to was never here.
    <template #next><RouterLink class="btn" to="/">To the day sheet</RouterLink></template>
  </EmptyState>
</template>
