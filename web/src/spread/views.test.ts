import { describe, expect, it } from 'vitest'
import type { Minutes } from '../api/types'
import { viewNamed, viewsOf } from './views'

const sources = (...notes: boolean[]) =>
  notes.map((n) => ({ notes: n })) as unknown as Minutes['sources']

describe('the views of a spread', () => {
  it('are those of the notes only where there are notes beside a talk', () => {
    expect(viewsOf(sources(false))).toEqual(['both', 'source', 'minutes'])
    expect(viewsOf(sources(true))).toEqual(['both', 'source', 'minutes'])
    expect(viewsOf(sources(false, true))).toContain('beside')
  })

  it('are named by the address, which may name nonsense', () => {
    expect(viewNamed('minutes', viewsOf(sources(false)))).toBe('minutes')
    expect(viewNamed('notes', viewsOf(sources(false)))).toBe('both')
    expect(viewNamed(undefined, viewsOf(sources(false)))).toBe('both')
  })
})
