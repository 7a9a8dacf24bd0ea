import { describe, expect, it } from 'vitest'
import type { Letter } from '../api/types'
import { standing, summary } from './letterStates'

const letter = (change: Partial<Letter> = {}): Letter => ({
  id: 'l',
  name: 'Tom Reyes',
  address: 'tom@skerry.example',
  state: 'WAITING',
  attempts: 0,
  nextTryAt: '2026-03-03T10:15:00Z',
  settledAt: null,
  problem: null,
  ...change,
})

const delivered = letter({ state: 'DELIVERED', attempts: 1, settledAt: '2026-03-03T10:00:00Z' })
const failed = letter({ state: 'FAILED', attempts: 12, settledAt: '2026-03-03T10:00:00Z' })

describe('a letter', () => {
  it('is on its way until it was tried', () => {
    expect(standing(letter())).toBe('on its way')
  })

  it('says how often it was tried and when it is tried again', () => {
    expect(standing(letter({ attempts: 1 }))).toMatch(/^tried 1 time; again .*15$/)
    expect(standing(letter({ attempts: 3 }))).toMatch(/^tried 3 times; again /)
  })

  it('says what became of it', () => {
    expect(standing(delivered)).toMatch(/^delivered /)
    expect(standing(failed)).toMatch(/^not delivered, given up /)
    expect(standing(letter({ state: 'WITHDRAWN', settledAt: '2026-03-03T10:00:00Z' }))).toMatch(
      /^withdrawn /,
    )
  })
})

describe('a dispatch', () => {
  it('names the one it went to, or counts them', () => {
    expect(summary([delivered])).toBe('delivered to Tom Reyes')
    expect(summary([delivered, delivered, delivered])).toBe('delivered to all 3')
  })

  it('says what is still to come and what failed', () => {
    expect(summary([delivered, letter(), failed, failed])).toBe(
      '1 of 4 delivered · 1 waiting · 2 failed',
    )
    expect(summary([letter()])).toBe('0 of 1 delivered · 1 waiting')
  })
})
