import { describe, expect, it } from 'vitest'
import { labelled, placed } from './timeChart'

describe('a chart through time', () => {
  it('puts days as far apart as they are, and the largest value on top', () => {
    const at = placed(
      [
        { day: '2026-01-01', value: 10 },
        { day: '2026-01-11', value: 30 },
        { day: '2026-01-31', value: 20 },
      ],
      300,
      100,
    )
    expect(at.map((p) => Math.round(p.x))).toEqual([0, 100, 300])
    expect(at.map((p) => p.y)).toEqual([100, 0, 50])
  })

  it('puts values that are all alike in the middle', () => {
    const at = placed(
      [
        { day: '2026-01-01', value: 5 },
        { day: '2026-01-01', value: 5 },
      ],
      300,
      100,
    )
    expect(at).toEqual([
      { x: 150, y: 50 },
      { x: 150, y: 50 },
    ])
  })

  it('begins at a value that is given, where all others are above it', () => {
    expect(placed([{ day: '2026-01-01', value: 50 }], 10, 100, 0)).toEqual([{ x: 5, y: 0 }])
  })
})

describe('labels along a chart', () => {
  it('leave out what would cover another, and never the last', () => {
    expect([...labelled([0, 30, 80, 200, 250], 74)].sort()).toEqual([0, 2, 4])
    expect([...labelled([10], 74)]).toEqual([0])
    expect([...labelled([], 74)]).toEqual([])
  })
})
