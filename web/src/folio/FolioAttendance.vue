<script setup lang="ts">
import { computed } from 'vue'
import type { Attendee } from '../api/types'

const props = defineProps<{ heading: string; attendance: Attendee[] }>()

const present = computed(() => props.attendance.filter((a) => a.present))
const absent = computed(() => props.attendance.filter((a) => a.present === false))
const unknown = computed(() => props.attendance.filter((a) => a.present === null))

const named = (people: Attendee[]) =>
  people.map((a) => (a.role ? `${a.name} (${a.role})` : a.name)).join(', ')
</script>

<template>
  <section :aria-label="heading">
    <h2 class="section-head">{{ heading }}</h2>
    <dl>
      <dt v-if="present.length">Present</dt>
      <dd v-if="present.length">{{ named(present) }}</dd>
      <dt v-if="absent.length">Apologies</dt>
      <dd v-if="absent.length">{{ named(absent) }}</dd>
      <dt v-if="unknown.length">Not known</dt>
      <dd v-if="unknown.length">{{ named(unknown) }}</dd>
    </dl>
  </section>
</template>

<style scoped>
h2 {
  margin-top: 24px;
}

dl {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 4px 12px;
  margin-top: 8px;
  font: 15px/1.5 var(--serif);
}

dt {
  font: 600 12.5px/1.8 var(--sans);
  color: var(--ink-2);
}
</style>
