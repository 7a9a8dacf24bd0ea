import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { type LocationQueryValue, useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { FacetName, LedgerOrder } from '../api/types'
import { today } from '../shared/dates'

export type LedgerGroups = 'NONE' | 'SERIES' | 'KIND' | 'MONTH'

/** What of the ledger is shown, and how. All of it stands in the address, so that it can be kept and shared. */
export interface LedgerShown {
  /** What each folio is found by, as {@link facetOf} writes it. */
  facets: string[]
  archived: boolean
  groups: LedgerGroups
  by: LedgerOrder
  descending: boolean
  calendar: boolean
  /** The month of the calendar: `2026-03`. */
  month: string
}

/** A value of a facet as addresses write it. */
export function facetOf(facet: FacetName, value: string): string {
  return `${facet}:${encodeURIComponent(value)}`
}

type Query = LocationQueryValue | LocationQueryValue[] | undefined

function all(query: Query): string[] {
  return (Array.isArray(query) ? query : [query]).filter((v): v is string => typeof v === 'string')
}

const GROUPS: LedgerGroups[] = ['NONE', 'SERIES', 'KIND', 'MONTH']
const ORDERS: LedgerOrder[] = ['DATE', 'FOLIO', 'TITLE', 'DECISIONS', 'ACTIONS', 'PRESENT']

export function useLedgerShown() {
  const route = useRoute()
  const router = useRouter()

  const shown = computed<LedgerShown>(() => {
    const groups = GROUPS.find((g) => g === route.query.groups) ?? 'NONE'
    const by = ORDERS.find((o) => o === route.query.by) ?? 'DATE'
    return {
      facets: all(route.query.facet),
      archived: route.query.archived !== undefined,
      groups,
      by: groups === 'MONTH' ? 'DATE' : by,
      descending: route.query.up === undefined,
      calendar: route.query.calendar !== undefined,
      month: all(route.query.month)[0] ?? today().slice(0, 7),
    }
  })

  function show(query: Record<string, string | string[] | undefined>) {
    void router.push({ path: '/ledger', query: { ...route.query, ...query } })
  }

  /** Narrows by a value, or no more by it. */
  function toggle(facet: string) {
    const { facets } = shown.value
    const on = facets.includes(facet)
    show({ facet: on ? facets.filter((f) => f !== facet) : [...facets, facet] })
  }

  return { shown, show, toggle }
}

/** The folios that fit, as far as they were read: further pages come as they are scrolled to. */
export function useLedgerPages(shown: Ref<LedgerShown>) {
  const wanted = computed(() => {
    const { facets, archived, groups, by, descending } = shown.value
    return {
      facet: facets,
      archived,
      groups: groups === 'MONTH' ? ('NONE' as const) : groups,
      by,
      descending,
    }
  })
  const query = useInfiniteQuery({
    queryKey: [keys.ledger, 'rows', wanted],
    queryFn: ({ pageParam }) =>
      answer(api.GET('/api/ledger', { params: { query: { ...wanted.value, after: pageParam } } })),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (last) => last.next ?? undefined,
    placeholderData: keepPreviousData,
  })
  const rows = computed(() => query.data.value?.pages.flatMap((page) => page.rows))
  return { ...query, rows }
}

/** By what those that fit can be narrowed further, and how many they are. */
export function useLedgerFacets(shown: Ref<Pick<LedgerShown, 'facets' | 'archived'>>) {
  const wanted = computed(() => ({ facet: shown.value.facets, archived: shown.value.archived }))
  return useQuery({
    queryKey: [keys.ledger, 'facets', wanted],
    queryFn: () => answer(api.GET('/api/ledger/facets', { params: { query: wanted.value } })),
    placeholderData: keepPreviousData,
  })
}

/** The folios of the calendar's month. */
export function useLedgerMonth(shown: Ref<LedgerShown>) {
  const wanted = computed(() => ({
    month: shown.value.month,
    facet: shown.value.facets,
    archived: shown.value.archived,
  }))
  return useQuery({
    queryKey: [keys.ledger, 'month', wanted],
    queryFn: () => answer(api.GET('/api/ledger/month', { params: { query: wanted.value } })),
    placeholderData: keepPreviousData,
    enabled: computed(() => shown.value.calendar),
  })
}
