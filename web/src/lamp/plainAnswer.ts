import type { LampAnswer } from '../api/types'
import { longDay } from '../shared/dates'
import { named, placeName } from './placeAddress'

/** An answer as plain text with the folios it rests on, to be put into a letter or another document. */
export function plainAnswer(answer: LampAnswer): string {
  const said = answer.statements.map((s) => {
    const lead = [s.day && longDay(s.day), s.lead].filter(Boolean).join(', ')
    const words = s.said ? `“${s.text}”` : s.text
    const places = named(s.citations).map(placeName).join(', ')
    return `${lead ? `${lead}: ` : ''}${words}${places ? ` (${places})` : ''}`
  })
  if (answer.notSaid) said.push(`The ledger does not say: ${answer.notSaid}`)
  return `${answer.question}\n\n${said.join('\n')}`
}
