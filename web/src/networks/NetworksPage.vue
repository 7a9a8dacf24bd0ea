<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Network } from '../api/types'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import PageHead from '../shared/PageHead.vue'
import { useDeed } from '../shared/useDeed'
import { useSession } from '../signin/session'

/** The networks behind our own walls that calendars and recorders may lie in. */
const session = useSession()
const { attempt } = useNotices()
const { data, error, refetch } = useQuery({
  queryKey: [keys.networks],
  queryFn: () => answer(api.GET('/api/networks')),
})
const network = ref('')
const { busy, refused, run } = useDeed()

async function allow() {
  const done = await run(() =>
    answer(api.POST('/api/networks', { body: { network: network.value } })),
  )
  if (done) network.value = ''
  await outdate(keys.networks)
}

async function remove(listed: Network) {
  const path = { id: listed.id }
  await attempt(answer(api.DELETE('/api/networks/{id}', { params: { path } })))
  await outdate(keys.networks)
}
</script>

<template>
  <div class="column-page">
    <PageHead title="Networks">
      Calendars and recorders may be anywhere on the internet. In your own network, or on this
      machine, they are reached only where the network is listed here.
    </PageHead>
    <form v-if="session.administers.value" class="add" @submit.prevent="allow">
      <label>
        <span class="label">Network or single address</span>
        <input
          v-model="network"
          class="field"
          required
          maxlength="60"
          placeholder="10.20.0.0/16"
          autocomplete="off"
        />
      </label>
      <button class="btn go" :disabled="busy">Allow</button>
      <p v-if="refused" class="red" role="alert">{{ refused }}</p>
    </form>
    <p v-else class="small">An administrator of the team changes this list.</p>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <ul v-else-if="data?.length" class="entries">
      <li v-for="listed in data" :key="listed.id">
        <p class="name">{{ listed.network }}</p>
        <button
          v-if="session.administers.value"
          class="btn quiet"
          type="button"
          :aria-label="`Close ${listed.network}`"
          @click="remove(listed)"
        >
          Remove
        </button>
      </li>
    </ul>
    <EmptyState v-else-if="data" title="No network is listed">
      Calendars and recorders on the internet need none.
    </EmptyState>
  </div>
</template>

<style scoped>
.add {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 8px 12px;
  margin: 18px 0 22px;
}

.add label {
  flex: 0 1 340px;
}

.add .red {
  flex: 1 0 100%;
}
</style>
