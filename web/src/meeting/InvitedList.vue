<script setup lang="ts">
import type { Meeting } from '../api/types'

defineProps<{ meeting: Meeting }>()
</script>

<template>
  <section aria-label="Invited">
    <h2 class="section-head">
      Invited <span v-if="meeting.people.length">{{ meeting.people.length }}</span>
    </h2>
    <ul v-if="meeting.people.length">
      <li v-for="person in meeting.people" :key="person.id">
        <span>{{ person.name }}</span>
        <span class="small">{{ person.role }}</span>
      </li>
    </ul>
    <p v-else class="small">Nobody yet.</p>
    <p v-if="meeting.organiser" class="small organiser">Called by {{ meeting.organiser }}</p>
  </section>
</template>

<style scoped>
li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 4px 0;
  font: 15px/1.4 var(--serif);
}

li .small {
  font-family: var(--sans);
  text-align: right;
}

p.small {
  text-align: left;
  padding-top: 6px;
}
</style>
