import { describe, expect, it } from 'vitest'
import { linesRestingOn, litLines, litRanges, pieces } from './lighting'
import { basis, line } from './testLines'

const decision = line('d', {
  evidence: [basis(3, 10, 20), basis(5, 0, 4), basis(1, 0, 9, 'notes')],
})
const action = line('a', { evidence: [basis(5, 6, 12)] })
const struck = line('s', { evidence: [basis(5, 0, 4)], state: 'STRUCK' })
const lines = [decision, action, struck]

describe('the lamp', () => {
  it('on a line lights the words it rests on, source by source', () => {
    const lamp = { on: 'line', lineId: 'd' } as const
    expect([...litRanges(lines, lamp, 'talk')]).toEqual([
      [3, [{ start: 10, end: 20 }]],
      [5, [{ start: 0, end: 4 }]],
    ])
    expect([...litRanges(lines, lamp, 'notes').keys()]).toEqual([1])
  })

  it('on a passage lights the lines it fed, and the words in it alone', () => {
    const lamp = { on: 'passage', sourceId: 'talk', passage: 5 } as const
    expect(litLines(lines, lamp)).toEqual([decision, action])
    expect([...litRanges(lines, lamp, 'talk')]).toEqual([
      [
        5,
        [
          { start: 0, end: 4 },
          { start: 6, end: 12 },
        ],
      ],
    ])
  })

  it('on a passage that fed nothing lights the passage as a whole', () => {
    const lamp = { on: 'passage', sourceId: 'talk', passage: 8 } as const
    expect(litLines(lines, lamp)).toEqual([])
    expect(pieces('Morning all', litRanges(lines, lamp, 'talk').get(8) ?? [])).toEqual([
      { text: 'Morning all', lit: true, start: 0 },
    ])
  })

  it('on nothing lights nothing', () => {
    expect(litLines(lines, { on: 'nothing' })).toEqual([])
    expect(litRanges(lines, { on: 'nothing' }, 'talk').size).toBe(0)
  })

  it('passes over struck lines when a passage is asked what it fed', () => {
    expect(linesRestingOn(lines, 'talk', 5)).toEqual([decision, action])
  })
})

describe('a text', () => {
  it('is cut where the light begins and ends', () => {
    expect(pieces('so let us do that', [{ start: 3, end: 9 }])).toEqual([
      { text: 'so ', lit: false, start: 0 },
      { text: 'let us', lit: true, start: 3 },
      { text: ' do that', lit: false, start: 9 },
    ])
  })

  it.each([
    ['no range', [], 1],
    ['an empty range', [{ start: 2, end: 2 }], 1],
    ['a range beyond the end', [{ start: 90, end: 99 }], 1],
    [
      'overlapping ranges',
      [
        { start: 0, end: 8 },
        { start: 4, end: 17 },
      ],
      1,
    ],
    [
      'ranges out of order',
      [
        { start: 10, end: 12 },
        { start: 0, end: 2 },
      ],
      4,
    ],
  ])('loses no character by %s', (_, ranges, parts) => {
    const cut = pieces('so let us do that', ranges)
    expect(cut.map((p) => p.text).join('')).toBe('so let us do that')
    expect(cut).toHaveLength(parts)
  })
})
