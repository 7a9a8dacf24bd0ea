<script setup lang="ts">
/** Questions that fit every ledger, to begin with. */
const questions = [
  'What is overdue?',
  'What was decided last month?',
  'Which questions are still open?',
  'What happened last week?',
]
</script>

<template>
  <ul aria-label="Questions to begin with">
    <li v-for="question in questions" :key="question">
      <RouterLink :to="{ path: '/lamp', query: { q: question } }">{{ question }}</RouterLink>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  gap: 10px;
  width: fit-content;
  margin: 0 auto;
  padding: 0;
  font: 500 14px/1.5 var(--sans);
  list-style: none;
}
</style>
