import { describe, expect, it } from 'vitest'
import type { Passage } from '../api/types'
import { findWords } from './findWords'

const passages = [
  'The cable runs under the quay.',
  'Cable, cable and more CABLE',
  'nothing of it (here)',
].map((text, n) => ({ n, text }) as Passage)

describe('finding words in a source', () => {
  it('counts every place, whatever the case', () => {
    expect(findWords(passages, 'cable')).toEqual([
      { passage: 0, start: 4, end: 9 },
      { passage: 1, start: 0, end: 5 },
      { passage: 1, start: 7, end: 12 },
      { passage: 1, start: 22, end: 27 },
    ])
  })

  it('takes signs as they are and any space between words', () => {
    expect(findWords(passages, '(here)')).toHaveLength(1)
    expect(findWords(passages, 'of   it')).toHaveLength(1)
    expect(findWords(passages, '.*')).toHaveLength(0)
  })

  it('finds nothing for no words, nor for a single letter', () => {
    expect(findWords(passages, '  ')).toEqual([])
    expect(findWords(passages, 'c')).toEqual([])
  })
})
