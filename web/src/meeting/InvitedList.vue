<script setup lang="ts">
import { computed } from 'vue'
import type { Guest, Meeting } from '../api/types'

const props = defineProps<{
  meeting: Meeting
  /** Puts a guest on the roster and among the invited. */
  add: (guest: Guest) => Promise<void>
}>()
const calledBy = computed(() => props.meeting.organiser)
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
    <p v-else-if="!meeting.guests.length" class="small">Nobody yet.</p>
    <ul v-if="meeting.guests.length" aria-label="Invited and not on the roster">
      <li v-for="guest in meeting.guests" :key="guest.name">
        <span>{{ guest.name }}</span>
        <button
          data-writes
          class="btn quiet"
          type="button"
          :aria-label="`Put ${guest.name} on the roster`"
          @click="add(guest)"
        >
          Not on the roster · add
        </button>
      </li>
    </ul>
    <p v-if="calledBy" class="small organiser">Called by {{ calledBy }}</p>
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
