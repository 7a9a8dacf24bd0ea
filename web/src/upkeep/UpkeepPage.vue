<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '../api/client'
import { outdate } from '../api/queries'
import type { RebuildProgress } from '../api/types'
import { arrival } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import PageHead from '../shared/PageHead.vue'
import { useDeed } from '../shared/useDeed'
import { useSession } from '../signin/session'
import LedgerRebuild from './LedgerRebuild.vue'

/** What keeps the program well: whatever follows from folios can be made anew. */
const WHILE_WRITING_MS = 1000
const INDEX = 'search-index'

const { data, error, refetch } = useQuery({
  queryKey: [INDEX],
  queryFn: () => answer(api.GET('/api/search-index')),
  refetchInterval: (query) => (isWriting(query.state.data?.rebuild) ? WHILE_WRITING_MS : false),
})
const { busy, refused, run } = useDeed()
const session = useSession()

function isWriting(rebuild: RebuildProgress | null | undefined): boolean {
  return Boolean(rebuild && (rebuild.endedAt === null || rebuild.waiting > 0))
}

const rebuild = computed(() => data.value?.rebuild)
const done = computed(() =>
  rebuild.value ? Math.max(0, rebuild.value.written - rebuild.value.waiting) : 0,
)

async function begin() {
  await run(() => answer(api.POST('/api/search-index/rebuild')))
  await outdate(INDEX)
}
</script>

<template>
  <div class="column-page">
    <PageHead title="Upkeep">
      The search index follows every change by itself. Should it ever be damaged, it can be written
      anew; the old one answers meanwhile.
      <template #acts>
        <button
          v-if="session.administers.value"
          class="btn go"
          type="button"
          :disabled="busy || isWriting(rebuild)"
          @click="begin"
        >
          Rebuild the search index
        </button>
      </template>
    </PageHead>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <p v-if="refused" class="red" role="alert">{{ refused }}</p>
    <template v-if="rebuild">
      <p role="status" class="state">
        <template v-if="isWriting(rebuild)">
          Writing: {{ done.toLocaleString('en-GB') }} of
          {{ rebuild.total.toLocaleString('en-GB') }} places.
        </template>
        <template v-else-if="rebuild.endedAt">
          Rebuilt {{ arrival(rebuild.endedAt) }}:
          {{ rebuild.total.toLocaleString('en-GB') }} places.
        </template>
      </p>
      <progress
        v-if="isWriting(rebuild)"
        :value="done"
        :max="Math.max(1, rebuild.total)"
        aria-label="Places written"
      />
    </template>
    <p v-else-if="data" class="small">It was never rebuilt.</p>
    <LedgerRebuild />
  </div>
</template>

<style scoped>
.state {
  margin-top: 14px;
}

progress {
  display: block;
  width: 100%;
  margin-top: 8px;
  accent-color: var(--green);
}
</style>
