import type { LineKind } from '../api/types'
import { STATE_NAMES } from '../shared/lineStates'
import type { Clash } from './lineSaver'

/** One thing that two people set differently, in words. */
export interface Difference {
  what: string
  mine: string
  theirs: string
}

interface Wording {
  person: (id: string) => string
  day: (day: string) => string
  kind: (kind: LineKind) => string
}

/** What differs between the two versions of a line. */
export function differences({ mine, theirs }: Clash, words: Wording): Difference[] {
  const owner = (id: string | null) => (id ? words.person(id) : 'open')
  const due = (day: string | null) => (day ? words.day(day) : 'none')
  return [
    { what: 'wording', mine: mine.text, theirs: theirs.text },
    { what: 'kind', mine: words.kind(mine.kind), theirs: words.kind(theirs.kind) },
    { what: 'owner', mine: owner(mine.ownerId), theirs: owner(theirs.ownerId) },
    { what: 'date', mine: due(mine.due), theirs: due(theirs.due) },
    { what: 'state', mine: STATE_NAMES[mine.state], theirs: STATE_NAMES[theirs.state] },
  ].filter((d) => d.mine !== d.theirs)
}
