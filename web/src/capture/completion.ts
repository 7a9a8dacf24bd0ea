import type { Person } from '../api/types'

const FEWEST_LETTERS = 2

/**
 * What would complete the name that `text` ends in: the rest of it, and whose it is. Names begin with a capital, so that
 * ordinary words are left alone.
 */
export function completion(text: string, people: Person[]): { rest: string; name: string } | null {
  const word = /(?:^|[^\p{L}\p{N}'’-])(\p{Lu}[\p{L}'’-]*(?: \p{Lu}?[\p{L}'’-]*)?)$/u.exec(text)?.[1]
  if (!word) return null
  const tries = word.includes(' ') ? [word, word.slice(word.indexOf(' ') + 1)] : [word]
  for (const begun of tries) {
    if (begun.length < FEWEST_LETTERS || !/^\p{Lu}/u.test(begun)) continue
    const match = people.find(
      (p) => p.name.toLowerCase().startsWith(begun.toLowerCase()) && p.name.length > begun.length,
    )
    if (match) return { rest: match.name.slice(begun.length), name: match.name }
  }
  return null
}
