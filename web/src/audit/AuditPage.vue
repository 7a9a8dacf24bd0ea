<script setup lang="ts">
import { useInfiniteQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { AuditEntry } from '../api/types'
import { arrival } from '../shared/dates'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import PageHead from '../shared/PageHead.vue'
import { KINDS } from './kinds'

/** What happened in the team that is worth finding again. */
const AT_ONCE = 200
const kind = ref<AuditEntry['kind'] | ''>('')

const { data, error, refetch, fetchNextPage, hasNextPage, isFetchingNextPage } = useInfiniteQuery({
  queryKey: [keys.audit, kind],
  queryFn: ({ pageParam }) =>
    answer(
      api.GET('/api/audit', {
        params: {
          query: {
            ...(pageParam ? { before: pageParam } : {}),
            ...(kind.value ? { kind: [kind.value] } : {}),
          },
        },
      }),
    ),
  initialPageParam: '',
  getNextPageParam: (last) => (last.length < AT_ONCE ? undefined : last.at(-1)!.at),
})
const entries = computed(() => data.value?.pages.flat())
</script>

<template>
  <div class="column-page broad">
    <PageHead title="Audit trail">
      Who signed in, what was changed for the whole team, and what left it. Nothing here can be
      changed or deleted.
      <template #acts>
        <a class="btn" href="/api/audit/file" download>Export as CSV</a>
      </template>
    </PageHead>
    <label class="which">
      <span class="label">Show</span>
      <select v-model="kind" class="field">
        <option value="">everything</option>
        <option v-for="(words, name) in KINDS" :key="name" :value="name">{{ words }}</option>
      </select>
    </label>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <template v-else-if="entries?.length">
      <table class="happenings">
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">Who</th>
            <th scope="col">What</th>
            <th scope="col">From</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="entry in entries" :key="entry.id">
            <td class="figures">{{ arrival(entry.at) }}</td>
            <td>{{ entry.who }}</td>
            <td>
              <b>{{ KINDS[entry.kind] }}</b>
              <template v-if="entry.about">: {{ entry.about }}</template>
            </td>
            <td class="figures small">{{ entry.network ?? '' }}</td>
          </tr>
        </tbody>
      </table>
      <button
        v-if="hasNextPage"
        class="btn"
        type="button"
        :disabled="isFetchingNextPage"
        @click="fetchNextPage()"
      >
        Show earlier entries
      </button>
    </template>
    <EmptyState v-else-if="entries" title="No entries">
      {{ kind ? 'Nothing of this kind has happened.' : 'Nothing has happened yet.' }}
    </EmptyState>
  </div>
</template>

<style scoped>
.which {
  display: block;
  max-width: 260px;
  margin: 14px 0 18px;
}

table + .btn {
  margin-top: 16px;
}
</style>
