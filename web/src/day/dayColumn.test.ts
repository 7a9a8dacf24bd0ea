import { describe, expect, it } from 'vitest'
import type { DayEntry } from '../api/types'
import { layOut, nowIn } from './dayColumn'

function meeting(start: string | null, plannedMinutes: number | null = 60): DayEntry {
  return {
    meetingId: `${start}`,
    title: 'Weekly',
    start,
    plannedMinutes,
    zone: 'Europe/Oslo',
    location: null,
    kind: null,
    people: [],
    minutesId: null,
    folio: null,
    pencil: 0,
    ink: 0,
    calledOff: false,
    matters: [],
  }
}

describe('the day column', () => {
  it('rules the usual hours on an empty day', () => {
    const column = layOut([])
    expect(column.hours[0]).toBe(8)
    expect(column.hours.at(-1)).toBe(18)
  })

  it('grows to hold an early and a late meeting', () => {
    const column = layOut([meeting('05:30:00'), meeting('21:45', 30)])
    expect(column.hours[0]).toBe(5)
    expect(column.hours.at(-1)).toBe(23)
  })

  it('places a meeting by the minute, as high as it is long', () => {
    const [placed] = layOut([meeting('09:30', 45)]).placed
    expect(placed).toMatchObject({ top: 90, height: 45, lane: 0, lanes: 1 })
  })

  it('gives a very short meeting room to be read, and an hour where nobody said how long', () => {
    expect(layOut([meeting('09:00', 5)]).placed[0]?.height).toBe(30)
    expect(layOut([meeting('09:00', null)]).placed[0]?.height).toBe(60)
  })

  it('puts meetings of the same time side by side, and only those', () => {
    const { placed } = layOut([
      meeting('09:00', 60),
      meeting('09:30', 60),
      meeting('10:00', 30),
      meeting('13:00', 30),
    ])
    expect(placed.map((p) => [p.lane, p.lanes])).toEqual([
      [0, 2],
      [1, 2],
      [0, 2],
      [0, 1],
    ])
  })

  it('keeps meetings without an hour apart', () => {
    const column = layOut([meeting(null), meeting('09:00')])
    expect(column.unplaced).toHaveLength(1)
    expect(column.placed).toHaveLength(1)
  })

  it('shows the time of day while the column holds it', () => {
    const column = layOut([])
    expect(nowIn(column, new Date(2026, 2, 3, 9, 15))).toBe(75)
    expect(nowIn(column, new Date(2026, 2, 3, 7, 59))).toBeNull()
    expect(nowIn(column, new Date(2026, 2, 3, 18, 1))).toBeNull()
  })
})
