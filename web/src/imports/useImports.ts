import { useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { ImportRun, ItemState } from '../api/types'

export function useImports() {
  return useQuery({
    queryKey: [keys.imports],
    queryFn: () => answer(api.GET('/api/imports')),
  })
}

/** The files of an import, as far as they were read. */
export function useImportedFiles(id: string, state: Ref<ItemState | undefined>) {
  const query = useInfiniteQuery({
    queryKey: [keys.imports, id, state],
    queryFn: ({ pageParam }) =>
      answer(
        api.GET('/api/imports/{id}/items', {
          params: { path: { id }, query: { state: state.value, after: pageParam } },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (last) => last.next ?? undefined,
  })
  const items = computed(() => query.data.value?.pages.flatMap((page) => page.items) ?? [])
  return { ...query, items }
}

export const ITEM_WORDS: Record<ItemState, string> = {
  WAITING: 'to do',
  PLACED: 'being drafted',
  FILED: 'filed',
  DRAFTED: 'drafted, to review',
  KNOWN: 'there already',
  FAILED: 'not brought in',
}

/** How many files of an import are done, and how many there are. */
export function progressOf(run: ImportRun): { done: number; all: number } {
  let done = 0
  let all = 0
  for (const { state, files } of run.counts) {
    all += files
    if (state !== 'WAITING' && state !== 'PLACED') done += files
  }
  return { done, all }
}
