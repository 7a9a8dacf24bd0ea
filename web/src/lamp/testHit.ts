import type { Hit } from '../api/types'

/** A place that was found, for tests: a line of record, but for what is said otherwise. */
export function testHit(change: Partial<Hit>): Hit {
  return {
    line: 2,
    kind: 'DECISION',
    sourceId: null,
    passage: null,
    speaker: null,
    startMs: null,
    alike: false,
    text: [{ text: 'Buy the second charger.', lit: false }],
    ...change,
  }
}
