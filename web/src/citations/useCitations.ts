import { useQuery } from '@tanstack/vue-query'
import { computed, inject, provide, type ComputedRef, type InjectionKey, type Ref } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { CitedBy, Cites } from '../api/types'

/** What the words on a page cite, and who cites its lines. */
interface PageCitations {
  /** What the words of a line, remark or margin cite. */
  at: (place: string) => Cites[]
  /** Who cites a line. */
  of: (line: string) => CitedBy[]
}

const CITATIONS: InjectionKey<PageCitations> = Symbol('citations')
const NONE: PageCitations = { at: () => [], of: () => [] }

function groupBy<T>(all: T[], key: (one: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>()
  for (const one of all) {
    const group = groups.get(key(one))
    if (group) group.push(one)
    else groups.set(key(one), [one])
  }
  return groups
}

function gathered(
  cites: ComputedRef<Cites[] | undefined>,
  by: ComputedRef<CitedBy[] | undefined>,
): PageCitations {
  const places = computed(() => groupBy(cites.value ?? [], (c) => c.at))
  const lines = computed(() => groupBy(by.value ?? [], (c) => c.line))
  return {
    at: (place) => places.value.get(place) ?? [],
    of: (line) => lines.value.get(line) ?? [],
  }
}

/** Lets all words on a page lead to what they cite: those of a meeting, its remarks and margin, or of a reference note. */
export function provideCitations(home: Ref<string | undefined>): PageCitations {
  const { data } = useQuery({
    queryKey: [keys.citations, home],
    queryFn: () =>
      answer(api.GET('/api/citations', { params: { query: { home: home.value ?? '' } } })),
    enabled: computed(() => home.value !== undefined),
  })
  const citations = gathered(
    computed(() => data.value?.cites),
    computed(() => data.value?.citedBy),
  )
  provide(CITATIONS, citations)
  return citations
}

/** The same for a list of lines of any folios; of no more than the server looks up at once. */
export function provideCitationsAt(places: Ref<string[]>): void {
  const MOST = 400
  const wanted = computed(() => places.value.slice(0, MOST))
  const { data } = useQuery({
    queryKey: [keys.citations, 'at', wanted],
    queryFn: () =>
      answer(api.GET('/api/citations/at', { params: { query: { place: wanted.value } } })),
    enabled: computed(() => wanted.value.length > 0),
    placeholderData: (before) => before,
  })
  provide(
    CITATIONS,
    gathered(
      computed(() => data.value),
      computed(() => []),
    ),
  )
}

export function useCitations(): PageCitations {
  return inject(CITATIONS, NONE)
}
