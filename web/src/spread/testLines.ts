import type { Basis, Line, LineFacts } from '../api/types'

/** Words of a passage, for tests. */
export function basis(passage: number, start: number, end: number, sourceId = 'talk'): Basis {
  return { sourceId, passage, start, end, quote: '', speaker: null, startMs: null }
}

/** A line, for tests. */
export function line(id: string, change: Partial<Line> = {}): Line {
  return {
    id,
    version: 0,
    position: 0,
    number: null,
    kind: 'POINT',
    text: `line ${id}`,
    ownerId: null,
    due: null,
    dueWords: null,
    topic: 0,
    section: null,
    state: 'PENCIL',
    drafted: true,
    certainty: 0.8,
    grounds: { reasons: [], standing: null, proposedBy: null, assentedBy: [], objectedBy: [] },
    evidence: [],
    ...change,
  }
}

/** What a person set of a line, for tests. */
export function facts(change: Partial<LineFacts> = {}): LineFacts {
  return {
    kind: 'POINT',
    text: 'words',
    ownerId: null,
    due: null,
    state: 'INK',
    position: 0,
    topic: 0,
    evidence: [],
    ...change,
  }
}
