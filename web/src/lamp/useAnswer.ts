import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { QuestionReading } from '../api/types'
import { isQuestion } from './isQuestion'

/** The reading that an address holds; nothing where it holds none or what is written there is none. */
export function readingIn(written: unknown): QuestionReading | null {
  if (typeof written !== 'string') return null
  try {
    const reading: unknown = JSON.parse(written)
    return typeof reading === 'object' ? (reading as QuestionReading | null) : null
  } catch {
    return null
  }
}

/** What the ledger says to a question. How the question was read stands in the address once somebody changed it. */
export function useAnswer(question: Ref<string>) {
  const route = useRoute()
  const router = useRouter()
  const asks = computed(() => route.query.ask !== undefined || isQuestion(question.value))
  const changed = computed(() => readingIn(route.query.read))
  const query = useQuery({
    queryKey: [keys.asked, question, changed],
    queryFn: () =>
      answer(api.POST('/api/ask', { body: { question: question.value, reading: changed.value } })),
    enabled: asks,
    placeholderData: keepPreviousData,
  })

  function read(as: QuestionReading) {
    void router.push({ path: '/lamp', query: { ...route.query, read: JSON.stringify(as) } })
  }

  function ask() {
    void router.push({ path: '/lamp', query: { q: question.value, ask: '' } })
  }

  return {
    asks,
    changed,
    answered: query.data,
    failure: query.error,
    looking: query.isFetching,
    retry: query.refetch,
    read,
    ask,
  }
}
