<script setup lang="ts">
/** The agenda beside the notes: the item that is talked about now is chosen here or by key. */
defineProps<{ agenda: string[]; counts: number[] }>()
const now = defineModel<number | null>({ required: true })
</script>

<template>
  <nav aria-label="Agenda">
    <h2 class="section-head">Agenda</h2>
    <ol v-if="agenda.length">
      <li v-for="(item, i) in agenda" :key="i">
        <button
          type="button"
          :class="{ now: now === i }"
          :aria-current="now === i ? 'step' : undefined"
          @click="now = i"
        >
          <span class="figures">{{ i + 1 }}</span>
          <span>{{ item }}</span>
          <span v-if="counts[i]" class="figures count" :aria-label="`${counts[i]} lines`">{{
            counts[i]
          }}</span>
        </button>
      </li>
    </ol>
    <p v-else class="small none">No agenda.</p>
  </nav>
</template>

<style scoped>
button {
  display: grid;
  grid-template-columns: 18px 1fr auto;
  gap: 4px;
  align-items: baseline;
  width: 100%;
  padding: 5px 6px;
  border: 0;
  border-left: 3px solid transparent;
  background: none;
  text-align: left;
  cursor: pointer;
  font: 14.5px/1.4 var(--serif);
  overflow-wrap: anywhere;
}

button:hover {
  background: var(--paper-2);
}

button.now {
  border-left-color: var(--ink);
  background: var(--paper-2);
  font-weight: 600;
}

.figures {
  font: 12px/1 var(--sans);
  color: var(--ink-2);
}

.none {
  padding: 6px 0;
}
</style>
