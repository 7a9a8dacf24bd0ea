import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import { REGISTERS, type RegisterName } from './registerWords'

/** What of a register is shown. */
export interface Shown {
  open: boolean
  overdue: boolean
  owner: string | undefined
  series?: string
}

/** A register, as far as it was read: further pages come as they are wanted. */
export function useRegister(register: Ref<RegisterName>, shown: Ref<Shown>) {
  const query = useInfiniteQuery({
    queryKey: [keys.registers, register, shown],
    queryFn: ({ pageParam }) =>
      answer(
        api.GET('/api/registers/{kind}', {
          params: {
            path: { kind: REGISTERS[register.value].kind },
            query: { ...shown.value, after: pageParam },
          },
        }),
      ),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (last) => last.next ?? undefined,
    placeholderData: keepPreviousData,
  })
  const entries = computed(() => query.data.value?.pages.flatMap((page) => page.entries))
  return { ...query, entries }
}

/** Who has actions to do, and how many. */
export function useRegisterOwners(wanted: Ref<boolean>) {
  return useQuery({
    queryKey: [keys.registers, 'owners'],
    queryFn: () => answer(api.GET('/api/register-owners')),
    enabled: wanted,
  })
}

/** How many entries of each register are open. */
export function useRegisterCounts() {
  return useQuery({
    queryKey: [keys.registers, 'counts'],
    queryFn: () => answer(api.GET('/api/registers')),
  })
}
