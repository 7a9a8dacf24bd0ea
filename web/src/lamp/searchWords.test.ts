import { describe, expect, it } from 'vitest'
import { unknownBecause, valueName } from './narrowingNames'
import { narrowed, typed, without } from './searchWords'

describe('what a search is narrowed to', () => {
  it('is typed with quotes where it has to', () => {
    expect(typed('KIND', 'decision')).toBe('kind:decision')
    expect(typed('SERIES', 'Steering group')).toBe('series:"Steering group"')
    expect(typed('TAG', 'the "new" mast')).toBe('tag:"the new mast"')
  })

  it('is put behind what is looked for, and taken away again', () => {
    const q = narrowed(narrowed('mast', 'SERIES', 'Steering group'), 'KIND', 'decision')
    expect(q).toBe('mast series:"Steering group" kind:decision')
    expect(without(q, 'SERIES', 'Steering group')).toBe('mast kind:decision')
    expect(without('Kind:decision mast', 'KIND', 'decision')).toBe('mast')
    expect(without(q, 'KIND', 'action')).toBe(q)
  })

  it('has one period at a time, and several of everything else', () => {
    expect(narrowed('mast when:2026-04', 'WHEN', 'last quarter')).toBe('mast when:"last quarter"')
    expect(narrowed('mast archived:only', 'ARCHIVED', 'yes')).toBe('mast archived:yes')
    expect(narrowed('tag:quay', 'TAG', 'racks')).toBe('tag:quay tag:racks')
  })

  it('leaves times and what only looks like it alone', () => {
    expect(without('at 10:30 kind: x', 'KIND')).toBe('at 10:30 kind: x')
  })

  it('is read in the words of the page, and says why it means nothing', () => {
    expect(valueName('KIND', 'question')).toBe('Open question')
    expect(valueName('KIND', 'said')).toBe('As said')
    expect(valueName('SERIES', 'said')).toBe('said')
    expect(unknownBecause('OWNER', 'Zebedee')).toContain('Nobody')
    expect(unknownBecause('WHEN', 'whenever')).toContain('names no days')
    expect(unknownBecause('KIND', 'sermon')).toContain('no kind')
  })
})
