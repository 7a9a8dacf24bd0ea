<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '../api/client'
import { outdate } from '../api/queries'
import { arrival } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import { useDeed } from '../shared/useDeed'
import { count } from '../shared/words'
import { useSession } from '../signin/session'

/** Makes the ledger's list and the registers anew from the folios. */
const WHILE_MAKING_MS = 1000
const LEDGER = 'ledger-rebuild'

const { data, error, refetch } = useQuery({
  queryKey: [LEDGER],
  queryFn: () => answer(api.GET('/api/ledger-rebuild')),
  refetchInterval: (query) =>
    query.state.data?.rebuild?.endedAt === null ? WHILE_MAKING_MS : false,
})
const { busy, refused, run } = useDeed()
const { administers } = useSession()
const rebuild = computed(() => data.value?.rebuild)
const making = computed(() => rebuild.value?.endedAt === null)

async function begin() {
  await run(() => answer(api.POST('/api/ledger-rebuild')))
  await outdate(LEDGER)
}
</script>

<template>
  <section aria-labelledby="ledger-rebuild">
    <h2 id="ledger-rebuild">Ledger list and registers</h2>
    <p class="small">
      They follow every folio by themselves. Should they ever disagree with one, they can be made
      anew. What you filed under which label, ticked off or dated anew stays.
    </p>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <p v-if="refused" class="red" role="alert">{{ refused }}</p>
    <button v-if="administers" class="btn" type="button" :disabled="busy || making" @click="begin">
      Rebuild list and registers
    </button>
    <template v-if="rebuild">
      <p role="status">
        <template v-if="making">
          {{ rebuild.done.toLocaleString('en-GB') }} of {{ count(rebuild.folios, 'folio') }} done.
        </template>
        <template v-else-if="rebuild.endedAt">
          Rebuilt {{ arrival(rebuild.endedAt) }}: {{ count(rebuild.done, 'folio') }}.
        </template>
      </p>
      <progress
        v-if="making"
        :value="rebuild.done"
        :max="Math.max(1, rebuild.folios)"
        aria-label="Folios done"
      />
    </template>
  </section>
</template>

<style scoped>
section {
  margin-top: 36px;
}

h2 {
  margin-bottom: 6px;
  font-size: 20px;
}

.btn {
  margin: 10px 0;
}

progress {
  display: block;
  width: 100%;
  margin-top: 8px;
  accent-color: var(--green);
}
</style>
