<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import { longDay } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import GuestFrame from './GuestFrame.vue'

/** The folios a guest was let into. */
const { data, error, refetch } = useQuery({
  queryKey: ['guestFolios'],
  queryFn: () => answer(api.GET('/api/guest/folios')),
})
</script>

<template>
  <GuestFrame>
    <h1>Minutes you are let into</h1>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <ul v-else-if="data?.length">
      <li v-for="f in data" :key="f.folio">
        <span class="folio-no">folio {{ f.folio }}</span>
        <RouterLink :to="`/let-in/${f.folio}`">{{ f.title }}</RouterLink>
        <span class="small">{{ longDay(f.date) }}{{ f.writes ? ' · you may write' : '' }}</span>
      </li>
    </ul>
    <p v-else-if="data">
      Nothing is open to you at the moment. Whoever let you in before can do so again.
    </p>
  </GuestFrame>
</template>

<style scoped>
h1 {
  font-size: 24px;
  margin-bottom: 14px;
}

li {
  display: grid;
  grid-template-columns: max-content 1fr max-content;
  gap: 14px;
  align-items: baseline;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}

a {
  font: 17px/1.4 var(--serif);
  overflow-wrap: anywhere;
}

@media (max-width: 480px) {
  li {
    grid-template-columns: 1fr;
    gap: 2px;
    justify-items: start;
  }
}
</style>
