import type { AnswerPlace, LampAnswer } from '../api/types'
import { longDay } from '../shared/dates'
import { cited } from '../shared/folioNumbers'

/** What a place is cited as: its line's number, or its folio. */
export function placeName(place: AnswerPlace): string {
  return place.line === null ? `folio ${place.folio}` : cited(place.folio, place.line)
}

/** The places of a statement, each named once. */
export function named(places: AnswerPlace[]): AnswerPlace[] {
  return places.filter(
    (place, i) => places.findIndex((other) => placeName(other) === placeName(place)) === i,
  )
}

/** An answer as plain text with the folios it rests on, to be put into a letter or another document. */
export function plainAnswer(answer: LampAnswer): string {
  const said = answer.statements.map((s) => {
    const lead = [s.day && longDay(s.day), s.lead].filter(Boolean).join(', ')
    const words = s.said ? `“${s.text}”` : s.text
    const places = named(s.citations).map(placeName).join(', ')
    return `${lead ? `${lead}: ` : ''}${words}${places ? ` (${places})` : ''}`
  })
  return `${answer.question}\n\n${said.join('\n')}`
}
