import { describe, expect, it } from 'vitest'
import type { Cites } from '../api/types'
import { citedPieces } from './citedPieces'

const cites = (written: string) => ({ written, folio: 1, number: 2 }) as Cites

describe('words that cite', () => {
  it('are cut at the numbers that are cited, wherever these stand', () => {
    const pieces = citedPieces('27.3 replaces 4.1, not 27.31.', [cites('27.3'), cites('4.1')])
    expect(pieces.map((p) => p.text)).toEqual(['27.3', ' replaces ', '4.1', ', not 27.31.'])
    expect(pieces.filter((p) => p.cites).map((p) => p.cites?.written)).toEqual(['27.3', '4.1'])
  })

  it('are left whole where nothing is cited', () => {
    expect(citedPieces('27.3 percent', [])).toEqual([{ text: '27.3 percent' }])
  })

  it('keep every letter, also of a number inside another', () => {
    const text = 'see 27.3; 127.3 and 27.3.1 are others'
    expect(
      citedPieces(text, [cites('27.3')])
        .map((p) => p.text)
        .join(''),
    ).toBe(text)
    expect(citedPieces(text, [cites('27.3')]).filter((p) => p.cites)).toHaveLength(1)
  })
})
