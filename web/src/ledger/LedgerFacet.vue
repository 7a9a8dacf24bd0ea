<script setup lang="ts">
defineProps<{
  heading: string
  entries: { id: string; name: string; folios: number }[]
  chosen: string | undefined
}>()
const emit = defineEmits<{ choose: [id: string | undefined] }>()
</script>

<template>
  <div v-if="entries.length" class="facet">
    <h2>{{ heading }}</h2>
    <ul>
      <li v-for="entry in entries" :key="entry.id">
        <button
          type="button"
          :class="{ on: entry.id === chosen }"
          :aria-pressed="entry.id === chosen"
          @click="emit('choose', entry.id === chosen ? undefined : entry.id)"
        >
          <span>{{ entry.name }}</span>
          <i class="figures">{{ entry.folios }}</i>
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.facet + .facet {
  margin-top: 24px;
}

ul {
  margin-top: 6px;
}

button {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  width: 100%;
  border: 0;
  border-radius: 3px;
  background: none;
  padding: 4px 8px;
  margin-left: -8px;
  text-align: left;
  cursor: pointer;
}

button:hover {
  background: var(--paper);
}

button.on {
  background: var(--ink);
  color: var(--paper);
}

span {
  overflow-wrap: anywhere;
}

i {
  font-style: normal;
  color: var(--pencil);
}

.on i {
  color: inherit;
}
</style>
