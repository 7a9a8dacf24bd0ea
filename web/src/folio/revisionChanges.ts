import type { LineFacts, RevisionChange } from '../api/types'
import { KIND_NAMES } from '../shared/words'

interface Wording {
  person: (id: string) => string
  day: (day: string) => string
}

type Stand = RevisionChange['became']

/** What a change of a folio made of what, in words; what stayed as it was is not said. */
export function changesOf(
  change: RevisionChange,
  words: Wording,
): { was: string[]; became: string[] } {
  return {
    was: change.was ? told(change.was, change.became, words) : ['did not stand'],
    became: told(change.became, change.was, words),
  }
}

function told(stand: Stand, other: Stand | null, words: Wording): string[] {
  if (stand.line === null) return [attended(stand.present)]
  return toldOfLine(stand.line, other?.line ?? null, words)
}

function attended(present: boolean | null): string {
  if (present === null) return 'not known whether present'
  return present ? 'present' : 'absent'
}

function toldOfLine(line: LineFacts, other: LineFacts | null, words: Wording): string[] {
  const said = [line.state === 'STRUCK' ? `struck: ${line.text}` : line.text]
  const differs = (key: keyof LineFacts) => other !== null && other[key] !== line[key]
  if (differs('kind')) said.push(KIND_NAMES[line.kind])
  if (differs('ownerId')) said.push(line.ownerId ? words.person(line.ownerId) : 'owner open')
  if (differs('due')) said.push(line.due ? words.day(line.due) : 'no date')
  if (differs('position') || differs('topic')) said.push('in another place')
  return said
}
