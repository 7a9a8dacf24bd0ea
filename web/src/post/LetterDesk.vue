<script setup lang="ts">
/** A letter being prepared: to whom and how on the left, its words on the right. */
defineProps<{ title: string; subject: string | undefined; words: string | undefined }>()
const emit = defineEmits<{ send: [] }>()
</script>

<template>
  <form class="desk" @submit.prevent="emit('send')">
    <section class="side">
      <h1>{{ title }}</h1>
      <slot />
    </section>
    <section class="letter" aria-label="The letter" aria-live="polite">
      <slot name="above" />
      <template v-if="words !== undefined">
        <p class="subject">{{ subject }}</p>
        <p class="words">{{ words }}</p>
      </template>
    </section>
  </form>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  min-height: 726px;
}

.side {
  display: grid;
  gap: 16px;
  align-content: start;
  padding: 24px 34px 50px;
  border-right: 1px solid var(--rule-strong);
}

.side :deep(fieldset) {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  border: 0;
  min-width: 0;
}

.side :deep(legend) {
  padding: 0;
}

.side :deep(.check) {
  display: flex;
  gap: 9px;
  align-items: baseline;
  font: 15px/1.4 var(--serif);
  overflow-wrap: anywhere;
}

.side :deep(.check .small) {
  font-family: var(--sans);
}

.side :deep(.foot) {
  display: flex;
  justify-content: flex-end;
  gap: 12px;
}

.letter {
  padding: 28px 40px 50px;
  background: var(--paper-2);
}

.subject {
  font: 600 17px/1.4 var(--serif);
  padding-bottom: 10px;
  border-bottom: 1px solid var(--rule);
  overflow-wrap: anywhere;
}

.words {
  padding-top: 14px;
  font: 15px/1.6 var(--serif);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}

@media (max-width: 860px) {
  .desk {
    grid-template-columns: 1fr;
  }

  .side {
    border-right: 0;
    border-bottom: 1px solid var(--rule-strong);
  }
}

@media (max-width: 480px) {
  .side,
  .letter {
    padding-inline: 14px;
  }
}
</style>
