<script setup lang="ts">
import { useInfiniteQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import PageHead from '../shared/PageHead.vue'
import DispatchRow from './DispatchRow.vue'
import { useSession } from '../signin/session'
import MailServer from './MailServer.vue'

const { data, error, refetch, fetchNextPage, hasNextPage, isFetchingNextPage } = useInfiniteQuery({
  queryKey: [keys.post],
  queryFn: ({ pageParam }) =>
    answer(api.GET('/api/post', { params: { query: pageParam ? { before: pageParam } : {} } })),
  initialPageParam: '',
  getNextPageParam: (last) => last.at(-1)?.writtenAt,
})
const all = computed(() => data.value?.pages.flat() ?? [])
const undeliveredOnly = ref(false)
const undelivered = computed(() =>
  all.value.filter((d) => d.letters.some((l) => l.state === 'WAITING' || l.state === 'FAILED')),
)
const shown = computed(() => (undeliveredOnly.value ? undelivered.value : all.value))
const session = useSession()
</script>

<template>
  <div class="column-page">
    <PageHead title="Post room">
      What went out by mail, to whom, and whether it was delivered. What does not go out is tried
      again by itself, after pauses that grow.
    </PageHead>
    <MailServer :may-change="session.administers.value" />
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <template v-else-if="all.length">
      <div class="section-head over">
        <h2>Letters</h2>
        <label class="only">
          <input v-model="undeliveredOnly" type="checkbox" />
          only what is not delivered
        </label>
      </div>
      <ul class="list">
        <DispatchRow v-for="dispatch in shown" :key="dispatch.id" :dispatch="dispatch" />
      </ul>
      <p v-if="!shown.length" class="small" role="status">Everything was delivered.</p>
      <button
        v-if="hasNextPage"
        class="btn"
        type="button"
        :disabled="isFetchingNextPage"
        @click="fetchNextPage()"
      >
        Earlier ones
      </button>
    </template>
    <EmptyState v-else-if="data" title="Nothing went out yet">
      Agendas that you circulate, and word that a draft is ready, stand here with what became of
      them.
    </EmptyState>
  </div>
</template>

<style scoped>
.over {
  margin-top: 30px;
}

.only {
  display: flex;
  gap: 7px;
  align-items: center;
  font: 500 13px/1 var(--sans);
}
</style>
