<script setup lang="ts">
import { type Notice, useNotices } from '../shared/notices'

const { notices, dismiss } = useNotices()

function undo(notice: Notice) {
  notice.undo?.()
  dismiss(notice.id)
}
</script>

<template>
  <ul class="stack no-print" aria-live="polite">
    <li v-for="notice in notices" :key="notice.id" class="sheet" :class="{ failed: notice.failed }">
      <span>{{ notice.text }}</span>
      <button v-if="notice.undo" class="btn" type="button" @click="undo(notice)">Undo</button>
      <RouterLink v-if="notice.to" class="btn" :to="notice.to.path" @click="dismiss(notice.id)">{{
        notice.to.label
      }}</RouterLink>
      <button class="btn quiet" type="button" @click="dismiss(notice.id)">Close</button>
    </li>
  </ul>
</template>

<style scoped>
.stack {
  position: fixed;
  bottom: 22px;
  left: 50%;
  translate: -50%;
  z-index: 60;
  display: grid;
  gap: 8px;
  width: max-content;
  max-width: calc(100vw - 32px);
}

li {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 9px 10px 9px 16px;
  border-left: 3px solid var(--green);
}

li.failed {
  border-left-color: var(--red);
}
</style>
