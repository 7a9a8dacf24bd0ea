import type { RouteLocationRaw } from 'vue-router'
import type { AnswerPlace } from '../api/types'
import { cited, folioAddress } from '../shared/folioNumbers'

/** What a place is cited as: its line's number, its folio, or the draft. */
export function placeName(place: AnswerPlace): string {
  if (place.folio === null) return 'the draft'
  return place.line === null ? `folio ${place.folio}` : cited(place.folio, place.line)
}

/** Where the minutes or the note stand that a place is in. */
export function homeAddress(place: AnswerPlace): string {
  return place.folio === null ? `/minutes/${place.draft}` : folioAddress(place.folio)
}

/** Where a line stands; else its minutes. */
export function placeAddress(place: AnswerPlace): string {
  return place.folio === null ? homeAddress(place) : folioAddress(place.folio, place.line)
}

/** Where the words stand: in the source, where they are of one. */
export function wordsAddress(place: AnswerPlace): RouteLocationRaw {
  return place.sourceId === null || place.folio === null
    ? placeAddress(place)
    : {
        path: `/folio/${place.folio}/source`,
        query: { source: place.sourceId, passage: String(place.passage) },
      }
}

/** The places of a statement, each named once. */
export function named(places: AnswerPlace[]): AnswerPlace[] {
  return places.filter(
    (place, i) => places.findIndex((other) => placeName(other) === placeName(place)) === i,
  )
}
