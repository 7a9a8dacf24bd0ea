import { describe, expect, it } from 'vitest'
import { count, initials, listed } from './words'

describe('count', () => {
  it('knows one from many', () => {
    expect(count(1, 'line')).toBe('1 line')
    expect(count(0, 'line')).toBe('0 lines')
    expect(count(12_345, 'folio')).toBe('12,345 folios')
  })
})

describe('initials', () => {
  it.each([
    ['Mira Voss', 'MV'],
    ['Ana Maria Prokop', 'AP'],
    ['Joss', 'J'],
    ['  ', ''],
  ])('of “%s” are “%s”', (name, expected) => {
    expect(initials(name)).toBe(expected)
  })
})

describe('listed', () => {
  it('joins the last with and, or counts the rest', () => {
    expect(listed([])).toBe('')
    expect(listed(['Ana'])).toBe('Ana')
    expect(listed(['Ana', 'Tom', 'Joss'])).toBe('Ana, Tom and Joss')
    expect(listed(['Ana', 'Tom', 'Joss', 'Mira'], 2)).toBe('Ana, Tom and 2 more')
  })
})
