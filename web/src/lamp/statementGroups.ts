import type { AnswerPlace, LampAnswer } from '../api/types'
import { homeAddress } from './placeAddress'

type Statement = LampAnswer['statements'][number]

/** Statements that follow one another from one meeting. */
export interface StatementGroup {
  day: string | null
  /** What is of record, each for itself. */
  recorded: Statement[]
  /** What was said, in order. */
  said: Statement[]
  /** Where what was said is to be found; each folio once. */
  places: AnswerPlace[]
}

/** A statement without a day goes on where the one before it was; one from several meetings stands alone. */
export function statementGroups(statements: Statement[]): StatementGroup[] {
  const groups: StatementGroup[] = []
  for (const s of statements) {
    const last = groups.at(-1)
    const goesOn = s.day === null && last?.day != null
    const group = goesOn ? last : { day: s.day, recorded: [], said: [], places: [] }
    if (!goesOn) groups.push(group)
    if (!s.said) {
      group.recorded.push(s)
      continue
    }
    group.said.push(s)
    for (const place of s.citations) {
      if (!group.places.some((p) => homeAddress(p) === homeAddress(place))) group.places.push(place)
    }
  }
  return groups
}
