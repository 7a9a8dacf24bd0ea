import { describe, expect, it } from 'vitest'
import {
  addDays,
  clockTime,
  isDay,
  length,
  longDay,
  offset,
  shortDay,
  spokenDay,
  weekOf,
  typedDay,
} from './dates'

describe('days', () => {
  it('are written with their weekday', () => {
    expect(longDay('2026-03-06')).toBe('Fri 6 Mar 2026')
    expect(shortDay('2026-09-01')).toBe('Tue 1 Sep')
    expect(spokenDay('2026-12-31')).toBe('Thursday 31 December')
  })

  it.each([
    ['2026-02-28', 1, '2026-03-01'],
    ['2028-02-28', 1, '2028-02-29'],
    ['2026-01-01', -1, '2025-12-31'],
    ['2026-03-28', 2, '2026-03-30'],
  ])('%s and %i days make %s, over clock changes too', (day, days, expected) => {
    expect(addDays(day, days)).toBe(expected)
  })

  it('lie in weeks that start on Monday', () => {
    expect(weekOf('2026-03-01')).toEqual([
      '2026-02-23',
      '2026-02-24',
      '2026-02-25',
      '2026-02-26',
      '2026-02-27',
      '2026-02-28',
      '2026-03-01',
    ])
    expect(weekOf('2026-03-02')[0]).toBe('2026-03-02')
  })

  it.each(['', '2026-3-1', '2026-13-01', 'Friday'])('“%s” is none', (text) => {
    expect(isDay(text)).toBe(false)
  })
})

describe('times', () => {
  it.each([
    [0, '0:00'],
    [729_400, '12:09'],
    [3_729_000, '1:02:09'],
  ])('%i ms into a recording are %s', (ms, expected) => {
    expect(offset(ms)).toBe(expected)
  })

  it('of the clock have two digits and no seconds', () => {
    expect(clockTime('9:30')).toBe('09:30')
    expect(clockTime('09:30:00')).toBe('09:30')
  })

  it('that something takes are rounded to minutes from one on', () => {
    expect(length(59)).toBe('59 s')
    expect(length(2449)).toBe('41 min')
  })
})

describe('a typed day', () => {
  it.each([
    ['2026-03-13', '2026-03-13'],
    ['13 Mar', '2026-03-13'],
    ['Fri 13 March 2027', '2027-03-13'],
    ['13. mar.', '2026-03-13'],
    ['13.3.', '2026-03-13'],
    ['13.3.2027', '2027-03-13'],
    ['2 Jan', '2026-01-02'],
    ['28 Dec', '2025-12-28'],
    ['31 Feb', null],
    ['13 Octember', null],
    ['soon', null],
    ['', null],
  ])('%s is %s', (typed, day) => {
    expect(typedDay(typed, '2026-03-06')).toBe(day)
  })
})
