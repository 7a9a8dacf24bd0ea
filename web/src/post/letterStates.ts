import type { Dispatch, Letter } from '../api/types'
import { arrival } from '../shared/dates'
import { count } from '../shared/words'

const KINDS: Record<Dispatch['kind'], string> = {
  AGENDA: 'agenda',
  MINUTES: 'minutes',
  LET_IN: 'access invitation',
  INVITATION: 'invitation to the team',
  PASSWORD: 'link for a new password',
  DRAFT_READY: 'word of a draft',
  TRIAL: 'trial',
}

/** What a dispatch is, in a word or two. */
export const kindOf = (dispatch: Dispatch) => KINDS[dispatch.kind]

/** What became of a letter. */
export function standing(letter: Letter): string {
  switch (letter.state) {
    case 'DELIVERED':
      return `delivered ${arrival(letter.settledAt!)}`
    case 'FAILED':
      return `not delivered, given up ${arrival(letter.settledAt!)}`
    case 'WITHDRAWN':
      return `withdrawn ${arrival(letter.settledAt!)}`
    case 'WAITING':
      return letter.attempts === 0
        ? 'on its way'
        : `tried ${count(letter.attempts, 'time')}; again ${arrival(letter.nextTryAt!)}`
  }
}

/** What became of all letters of a dispatch, in one line. */
export function summary(letters: Letter[]): string {
  const delivered = letters.filter((l) => l.state === 'DELIVERED').length
  const waiting = letters.filter((l) => l.state === 'WAITING').length
  const failed = letters.filter((l) => l.state === 'FAILED').length
  return [
    delivered === letters.length
      ? `delivered to ${delivered === 1 ? letters[0]!.name : `all ${delivered}`}`
      : `${delivered} of ${letters.length} delivered`,
    waiting && `${waiting} waiting`,
    failed && `${failed} failed`,
  ]
    .filter(Boolean)
    .join(' · ')
}
