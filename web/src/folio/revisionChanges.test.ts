import { describe, expect, it } from 'vitest'
import type { RevisionChange } from '../api/types'
import { facts } from '../spread/testLines'
import { changesOf } from './revisionChanges'

const words = { person: (id: string) => `person ${id}`, day: (day: string) => `on ${day}` }
const change = (was: RevisionChange['was'], became: RevisionChange['became']): RevisionChange => ({
  lineId: 'a',
  line: 3,
  person: null,
  was,
  became,
})
const stand = (patch: Parameters<typeof facts>[0]) => ({ line: facts(patch), present: null })

describe('what a revision changed', () => {
  it('is told side by side, and only where something differs', () => {
    const told = changesOf(
      change(
        stand({ text: 'order one roller', ownerId: 't', due: '2026-03-06' }),
        stand({ text: 'order two rollers', ownerId: null, due: '2026-03-06' }),
      ),
      words,
    )
    expect(told).toEqual({
      was: ['order one roller', 'person t'],
      became: ['order two rollers', 'owner open'],
    })
  })

  it('tells a new line from one that was struck', () => {
    expect(changesOf(change(null, stand({ text: 'new' })), words)).toEqual({
      was: ['did not stand'],
      became: ['new'],
    })
    const struck = change(stand({ text: 'old' }), stand({ text: 'old', state: 'STRUCK' }))
    expect(changesOf(struck, words)).toEqual({ was: ['old'], became: ['struck: old'] })
  })

  it('tells of whom nobody knew whether they were there', () => {
    const known = { line: null, present: true }
    const told = changesOf(change({ line: null, present: null }, known), words)
    expect(told).toEqual({ was: ['not known whether present'], became: ['present'] })
  })

  it('tells who was there after all', () => {
    const there = change({ line: null, present: false }, { line: null, present: true })
    expect(changesOf(there, words)).toEqual({ was: ['absent'], became: ['present'] })
  })
})
