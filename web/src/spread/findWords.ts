import type { Passage } from '../api/types'
import type { Range } from './lighting'

/** A place in a source where words that are looked for stand. */
export interface Hit extends Range {
  passage: number
}

const MOST_HITS = 10_000
/** One letter stands everywhere. */
const LEAST = 2

/** Every place where the words stand, whatever their case and however they are spaced, in order. */
export function findWords(passages: Passage[], words: string): Hit[] {
  const wanted = words.trim()
  if (wanted.length < LEAST) return []
  const pattern = wanted
    .split(/\s+/)
    .map((word) => word.replace(/[\\^$.*+?()[\]{}|/-]/g, '\\$&'))
    .join('\\s+')
  const hits: Hit[] = []
  for (const passage of passages) {
    for (const match of passage.text.matchAll(new RegExp(pattern, 'giu'))) {
      hits.push({ passage: passage.n, start: match.index, end: match.index + match[0].length })
      if (hits.length === MOST_HITS) return hits
    }
  }
  return hits
}
