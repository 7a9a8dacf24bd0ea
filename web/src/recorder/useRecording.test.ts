import { describe, expect, it } from 'vitest'
import type { Recording } from '../api/types'
import { withHeard } from './useRecording'

const recording = (change: Partial<Recording>): Recording => ({
  id: 'r',
  recorderId: 'x',
  recorder: 'Boat hall',
  title: 'Weekly',
  startedAt: '2026-03-03T09:30:00Z',
  heardAt: '2026-03-03T09:31:00Z',
  state: 'RUNNING',
  canCommand: true,
  sourceId: null,
  heard: [],
  ...change,
})

const said = (...numbers: number[]) =>
  numbers.map((n) => ({ n, speaker: 'Tom', startMs: n * 1000, text: `words ${n}` }))

describe('what a recorder tells live', () => {
  it('joins what was heard before, in order and once', () => {
    const before = recording({ heard: said(0, 1) })

    const now = withHeard(before, recording({ heard: said(3, 1, 2) }))

    expect(now.heard.map((h) => h.n)).toEqual([0, 1, 2, 3])
  })

  it('changes how the recording stands and keeps what was heard', () => {
    const now = withHeard(recording({ heard: said(0) }), recording({ state: 'PAUSED' }))

    expect(now.state).toBe('PAUSED')
    expect(now.heard).toHaveLength(1)
  })

  it('begins anew with another recording, and with none before', () => {
    const other = recording({ id: 's', heard: said(0) })

    expect(withHeard(recording({ heard: said(0, 1) }), other).heard).toHaveLength(1)
    expect(withHeard(null, other)).toBe(other)
  })

  it('is not needed any more once the whole is taken in', () => {
    const taken = recording({ state: 'TAKEN', sourceId: 'f' })

    expect(withHeard(recording({ heard: said(0, 1) }), taken).heard).toEqual([])
  })
})
