import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref, ref, watch } from 'vue'
import { answer, api } from '../api/client'
import type { Hit } from '../api/types'
import { settled } from '../shared/settled'
import { isQuestion } from './isQuestion'

const MOST = 6
const FEWEST_LETTERS = 2
const PAUSE_MS = 150

/** So many letters stand before the first word that was found; the rest of a long passage is left out. */
const LETTERS_BEFORE = 36

/** The words of a place from shortly before the first that was found, so that it is in sight. */
export function fromTheFirst(text: Hit['text']): Hit['text'] {
  const first = text.findIndex((part) => part.lit)
  const before = text
    .slice(0, Math.max(0, first))
    .map((part) => part.text)
    .join('')
  if (before.length <= LETTERS_BEFORE) return text
  const near = before.slice(-LETTERS_BEFORE).replace(/^\S*\s/, '')
  return [{ text: `… ${near}`, lit: false }, ...text.slice(first)]
}

/** A place shown while one types. */
export interface Glimpsed {
  folio: number
  title: string
  hit: Hit
}

/**
 * The first places that have the words, while one types them away from the lamp's page.
 *
 * @param words as typed
 * @param on whether they are wanted here and now
 */
export function useGlimpse(words: Ref<string>, on: Ref<boolean>) {
  const sought = settled(() => words.value.trimStart(), PAUSE_MS)
  const { data } = useQuery({
    queryKey: ['glimpse', sought],
    queryFn: () =>
      answer(api.GET('/api/lamp', { params: { query: { q: sought.value, most: 2 * MOST } } })),
    enabled: computed(
      () => on.value && sought.value.trim().length >= FEWEST_LETTERS && !isQuestion(sought.value),
    ),
    // What was found stays until what is typed now is found: nothing flickers.
    placeholderData: (before) => before,
  })
  const places = computed<Glimpsed[]>(() => {
    const typed = words.value.trim()
    if (!on.value || typed.length < FEWEST_LETTERS || isQuestion(typed)) return []
    const found = data.value?.folios ?? []
    return found
      .flatMap((f) =>
        f.hits.slice(0, 2).map((hit) => ({
          folio: f.folio,
          title: f.title,
          hit: { ...hit, text: fromTheFirst(hit.text) },
        })),
      )
      .slice(0, MOST)
  })
  /** Which of them the keyboard is on; none at first, so that Enter looks for all. */
  const active = ref(-1)
  watch(places, () => (active.value = -1))

  function move(by: 1 | -1) {
    const n = places.value.length
    if (n) active.value = ((active.value + by + 1 + n + 1) % (n + 1)) - 1
  }

  return { places, active, move }
}
