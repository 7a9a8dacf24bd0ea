<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Person } from '../api/types'
import { count } from '../shared/words'
import RegisterList from './RegisterList.vue'
import { useRegisterOwners } from './useRegister'

/** Open actions by who has them; whoever has something overdue first. */
const props = defineProps<{ people: Person[] }>()

const { data } = useRegisterOwners(ref(true))
const owners = computed(() =>
  (data.value ?? [])
    .map((o) => ({
      ...o,
      name: props.people.find((p) => p.id === o.ownerId)?.name ?? 'Owner open',
    }))
    .sort((a, b) => b.overdue - a.overdue || a.name.localeCompare(b.name)),
)
const open = ref(new Set<string>())

function toggle(id: string) {
  if (!open.value.delete(id)) open.value.add(id)
}
</script>

<template>
  <div v-for="o in owners" :key="o.ownerId ?? ''" class="owner">
    <h2>
      <button
        v-if="o.ownerId"
        type="button"
        :aria-expanded="open.has(o.ownerId)"
        @click="toggle(o.ownerId)"
      >
        <span aria-hidden="true">{{ open.has(o.ownerId) ? '▾' : '▸' }}</span> {{ o.name }}
      </button>
      <template v-else>{{ o.name }}</template>
    </h2>
    <span class="small figures">{{ count(o.open, 'action') }}</span>
    <b v-if="o.overdue" class="red small figures">{{ o.overdue }} overdue</b>
    <RouterLink v-if="o.ownerId" class="small" :to="`/people/${o.ownerId}`">their page</RouterLink>
    <div v-if="o.ownerId && open.has(o.ownerId)" class="list">
      <RegisterList register="actions" :shown="{ open: true, overdue: false, owner: o.ownerId }" />
    </div>
  </div>
  <p v-if="data && !owners.length" class="small">Nobody has an open action.</p>
</template>

<style scoped>
.owner {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}

h2 {
  font: 600 17px/1.3 var(--serif);
  color: var(--ink);
  min-width: 220px;
}

button {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  color: inherit;
  cursor: pointer;
}

.list {
  flex-basis: 100%;
  padding-left: 18px;
}
</style>
