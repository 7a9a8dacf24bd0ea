import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { LampQuestion, QuestionReading } from '../api/types'
import { isQuestion } from './isQuestion'
import { whereIn } from './where'

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
  const where = computed(() => whereIn(route.query))
  const asks = computed(
    () => question.value !== '' && (route.query.ask !== undefined || isQuestion(question.value)),
  )
  const changed = computed(() => readingIn(route.query.read))
  /** How the question was read that this one may lean on. */
  const before = computed(() => readingIn(route.query.after))
  const asked = computed<LampQuestion>(() => ({
    question: question.value,
    reading: changed.value,
    before: before.value,
    where: where.value,
  }))
  const query = useQuery({
    queryKey: [keys.asked, asked],
    queryFn: () => answer(api.POST('/api/ask', { body: asked.value })),
    enabled: asks,
    placeholderData: keepPreviousData,
  })

  function read(as: QuestionReading) {
    void router.push({ path: '/lamp', query: { ...route.query, read: JSON.stringify(as) } })
  }

  /**
   * Asks another part of the ledger.
   *
   * @param part as an address writes it, or blank for the whole ledger
   * @param notes whether reference notes are asked as well
   */
  function askIn(part: string, notes: boolean) {
    const query = { ...route.query, in: part || undefined, notes: notes ? '' : undefined }
    void router.push({ path: '/lamp', query })
  }

  function ask() {
    void router.push({ path: '/lamp', query: { q: question.value, ask: '' } })
  }

  /** Asks on: the question may leave out what the one before it said. */
  function askOn(further: string, after: QuestionReading) {
    const { in: part, notes } = route.query
    void router.push({
      path: '/lamp',
      query: { q: further, ask: '', after: JSON.stringify(after), in: part, notes },
    })
  }

  return {
    asks,
    asked,
    where,
    answered: query.data,
    failure: query.error,
    looking: query.isFetching,
    retry: query.refetch,
    read,
    ask,
    askIn,
    askOn,
  }
}
