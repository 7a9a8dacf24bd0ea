import { describe, expect, it } from 'vitest'
import type { Person } from '../api/types'
import { completion } from './completion'
import {
  inOrder,
  nested,
  NOTHING_UNDERSTOOD,
  type PageLine,
  pasted,
  positionAfter,
  unchanged,
} from './noteLines'

function line(name: string, change: Partial<PageLine> = {}): PageLine {
  return {
    name,
    stamp: 1,
    position: 1,
    indent: 0,
    text: name,
    agendaItem: null,
    typedAt: '2026-03-03T09:31:00Z',
    beside: false,
    removed: false,
    by: { id: 'm', name: 'Mira Voss' },
    understood: NOTHING_UNDERSTOOD,
    ...change,
  }
}

describe('the lines of a page', () => {
  it('stand by position, those of others below the rule', () => {
    const lines = [
      line('c', { position: 1, beside: true }),
      line('b', { position: 9 }),
      line('a', { position: 2 }),
    ]
    expect(inOrder(lines).map((l) => l.name)).toEqual(['a', 'b', 'c'])
  })

  it('find room between two, before the first and behind the last', () => {
    const lines = [line('a', { position: 10 }), line('b', { position: 20 })]
    expect(positionAfter(lines, 0)).toBe(15)
    expect(positionAfter(lines, -1)).toBeLessThan(10)
    expect(positionAfter(lines, 1)).toBeGreaterThan(20)
    expect(positionAfter([], -1)).toBeGreaterThan(0)
  })

  it.each([
    [0, 1, 0],
    [1, 1, 1],
    [2, 1, 1],
    [2, -1, 0],
    [1, -1, 0],
  ] as const)('line %i nested by %i stands at %i', (index, step, indent) => {
    const lines = [line('a'), line('b'), line('c', { indent: index === 2 && step === -1 ? 1 : 0 })]
    expect(nested(lines, index, step)).toBe(indent)
  })

  it('come out of pasted text with their indents', () => {
    expect(pasted('one\r\n  two\n\tthree\n\n    four\n')).toEqual([
      { indent: 0, text: 'one' },
      { indent: 1, text: 'two' },
      { indent: 1, text: 'three' },
      { indent: 2, text: 'four' },
    ])
  })
})

it('a pasted line that is too long for the server goes on in the next', () => {
  const pieces = pasted('x'.repeat(25_000))
  expect(pieces.map((p) => p.text.length)).toEqual([10_000, 10_000, 5_000])
})

describe('a name that is begun', () => {
  const people = ['Mira Voss', 'Tom Reyes', 'Petra Holt'].map(
    (name) => ({ name }) as unknown as Person,
  )

  it.each([
    ['A: To', 'm Reyes'],
    ['A: Tom', ' Reyes'],
    ['A: Tom R', 'eyes'],
    ['Ask Pe', 'tra Holt'],
    ['A: Tom Reyes and Pe', 'tra Holt'],
  ])('%s is completed by “%s”', (text, rest) => {
    expect(completion(text, people)?.rest).toBe(rest)
  })

  it.each(['A: tom', 'A: T', 'A: Tom Reyes', 'the tower', 'Xe', ''])('%s is left alone', (text) => {
    expect(completion(text, people)).toBeNull()
  })
})

describe('a page that is fetched anew', () => {
  it('draws only what is other than it was', () => {
    const shown = line('a')
    const same = { ...shown }
    const other = { ...shown, text: 'changed' }

    expect(unchanged(shown, same)).toBe(shown)
    expect(unchanged(shown, other)).toBe(other)
    expect(unchanged(undefined, same)).toBe(same)
  })
})
