import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'

/** A filed set of minutes by its number. */
export function useFolio(number: number) {
  return useQuery({
    queryKey: [keys.folio, number],
    queryFn: () => answer(api.GET('/api/folios/{number}', { params: { path: { number } } })),
  })
}
