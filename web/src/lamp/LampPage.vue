<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '../api/client'
import { longDay } from '../shared/dates'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { folioAddress } from '../shared/folioNumbers'
import { count } from '../shared/words'
import LampHit from './LampHit.vue'

const route = useRoute()
const q = computed(() => String(route.query.q ?? '').trim())

const { data, error, refetch } = useQuery({
  queryKey: ['lamp', q],
  queryFn: () => answer(api.GET('/api/lamp', { params: { query: { q: q.value } } })),
  enabled: computed(() => q.value !== ''),
  placeholderData: keepPreviousData,
})
</script>

<template>
  <div class="lamp">
    <h1 class="unseen">Lamp</h1>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <EmptyState v-else-if="!q" title="What are you looking for?">
      The lamp looks through every line that was filed, and through every word it rests on.
    </EmptyState>
    <EmptyState v-else-if="data && !data.folios.length" title="The ledger does not say">
      No filed line and no passage behind one has “{{ data.query }}” or a word of it.
    </EmptyState>
    <template v-else-if="data">
      <p class="small" role="status">
        {{ count(data.total, 'place') }} in {{ count(data.folios.length, 'folio') }}
        <template v-if="data.widened">
          · nothing has all the words, so these have some of them
        </template>
      </p>
      <section v-for="found in data.folios" :key="found.folio" :aria-label="found.title">
        <h2>
          <RouterLink :to="folioAddress(found.folio)">{{ found.title }}</RouterLink>
          <span class="small figures">{{ longDay(found.date) }}</span>
          <span class="folio-no">folio {{ found.folio }}</span>
        </h2>
        <ol>
          <LampHit v-for="(hit, i) in found.hits" :key="i" :hit="hit" :folio="found.folio" />
        </ol>
        <p v-if="found.more" class="small more">and {{ found.more }} more in this folio</p>
      </section>
    </template>
  </div>
</template>

<style scoped>
.lamp {
  max-width: 900px;
  margin: 0 auto;
  padding: 24px 30px 50px;
}

section {
  margin-top: 22px;
}

h2 {
  display: flex;
  align-items: center;
  gap: 12px;
  border-bottom: 1px solid var(--rule-strong);
  padding-bottom: 6px;
}

h2 a {
  font: 600 17px/1.3 var(--serif);
  color: var(--ink);
  text-decoration: none;
  overflow-wrap: anywhere;
}

h2 a:hover {
  text-decoration: underline;
}

h2 .folio-no {
  margin-left: auto;
}

.more {
  padding: 6px 0 0 104px;
}
</style>
