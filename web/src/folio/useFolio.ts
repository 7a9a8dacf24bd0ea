import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import { sectionsOf } from '../shared/sections'

/** A filed set of minutes by its number: the lines of record, and the page they stand on. */
export function useFolio(number: number) {
  const { data, error, refetch } = useQuery({
    queryKey: [keys.folio, number],
    queryFn: () => answer(api.GET('/api/folios/{number}', { params: { path: { number } } })),
  })
  const record = computed(() => (data.value?.lines ?? []).filter((line) => line.state === 'INK'))
  /** Prompts are for whoever took the notes, not for readers. */
  const sections = computed(() =>
    data.value ? sectionsOf(data.value, record.value).filter((s) => s.content !== 'PROMPTS') : [],
  )
  return { data, error, refetch, record, sections }
}

/** How those lines of a folio stand that registers list, by line: live, like the registers. */
export function useFolioEntries(number: number) {
  const { data } = useQuery({
    queryKey: [keys.registers, 'folio', number],
    queryFn: () =>
      answer(api.GET('/api/folios/{number}/entries', { params: { path: { number } } })),
  })
  return computed(() => new Map((data.value ?? []).map((entry) => [entry.lineId, entry])))
}
