import type { QuestionReading } from '../api/types'

/** How a question was read, for tests: as one after anything at all, but for what is said otherwise. */
export function testReading(change: Partial<QuestionReading>): QuestionReading {
  return {
    aim: 'ANYTHING',
    form: 'SENTENCE',
    about: '',
    people: [],
    from: null,
    to: null,
    meetings: null,
    onlyOpen: false,
    onlyOverdue: false,
    onlyChanged: false,
    also: null,
    ...change,
  }
}
