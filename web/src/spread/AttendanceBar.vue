<script setup lang="ts">
import { computed } from 'vue'
import type { Attendee } from '../api/types'

const props = defineProps<{ attendance: Attendee[]; fixed: boolean }>()
const emit = defineEmits<{ present: [attendee: Attendee, present: boolean] }>()

const groups = computed(() => [
  { name: 'Present', people: props.attendance.filter((a) => a.present), to: false },
  { name: 'Apologies', people: props.attendance.filter((a) => !a.present), to: true },
])

function share(attendee: Attendee): string {
  const percent = Math.round(attendee.share * 100)
  return attendee.words
    ? `${attendee.words.toLocaleString('en-GB')} words, ${percent}% of the talk`
    : 'said nothing'
}
</script>

<template>
  <dl class="bar">
    <template v-for="group in groups" :key="group.name">
      <div v-if="group.people.length">
        <dt>{{ group.name }}</dt>
        <dd v-for="person in group.people" :key="person.id">
          <span v-if="fixed" :title="share(person)">{{ person.name }}</span>
          <button
            v-else
            type="button"
            :title="`${share(person)}. Click: ${group.to ? 'was present' : 'was absent'}`"
            :aria-label="`${person.name}: ${group.to ? 'absent, set present' : 'present, set absent'}`"
            @click="emit('present', person, group.to)"
          >
            {{ person.name }}
          </button>
        </dd>
      </div>
    </template>
  </dl>
</template>

<style scoped>
.bar {
  font-size: 13px;
  color: var(--ink-2);
}

.bar > div {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 5px;
  align-items: baseline;
}

dt {
  font-weight: 650;
  margin-right: 4px;
}

dd:not(:last-child)::after {
  content: ',';
}

button {
  border: 0;
  background: none;
  padding: 0;
  min-height: 24px;
  cursor: pointer;
  text-decoration: underline dotted var(--pencil);
  text-underline-offset: 3px;
}

button:hover {
  color: var(--ink);
  text-decoration-color: var(--ink);
}
</style>
