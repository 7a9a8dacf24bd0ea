import type { Act, LinkEffect, RegisterRow, Standing } from '../api/types'

/** The registers by their place in the address. */
export const REGISTERS = {
  actions: { kind: 'ACTION', title: 'Actions', open: 'Open ones', none: 'No action is open.' },
  decisions: {
    kind: 'DECISION',
    title: 'Decisions',
    open: 'What stands',
    none: 'No decision is of record.',
  },
  questions: {
    kind: 'QUESTION',
    title: 'Open questions',
    open: 'Open ones',
    none: 'No question is open.',
  },
  risks: { kind: 'RISK', title: 'Risks', open: 'Open ones', none: 'No risk is of record.' },
} as const

export type RegisterName = keyof typeof REGISTERS

const STANDINGS: Record<Standing, string> = {
  OPEN: 'open',
  DONE: 'done',
  DROPPED: 'dropped',
  CONTINUED: 'goes on in a later folio',
  STANDS: 'stands',
  CHANGED: 'changed',
  WITHDRAWN: 'withdrawn',
}

const ENDED: Partial<Record<RegisterRow['kind'], string>> = { QUESTION: 'answered', RISK: 'over' }

/** How an entry stands, in a word. */
export function standingOf(entry: Pick<RegisterRow, 'kind' | 'standing'>): string {
  return (entry.standing === 'DONE' && ENDED[entry.kind]) || STANDINGS[entry.standing]
}

/** What an act is called in the course of a line. */
export const ACT_WORDS: Record<Act, string> = {
  DONE: 'ticked off',
  DROPPED: 'dropped',
  CARRIED: 'carried on',
  RE_DATED: 'given a new day',
  HANDED_OVER: 'handed over',
  REOPENED: 'opened again',
}

/** What a later folio says of an earlier line, as a verb before that line's number. */
export const EFFECT_VERBS: Record<LinkEffect, string> = {
  DONE: 'closes',
  PARTLY: 'does part of',
  SLIPPED: 'puts off',
  HANDED_OVER: 'hands over',
  DROPPED: 'drops',
  SPOKEN_OF: 'speaks of',
  CHANGES: 'changes',
  WITHDRAWS: 'withdraws',
  CONFIRMS: 'confirms',
}

/** The same, of the earlier line: a question is answered where an action is done. */
export function effectWord(effect: LinkEffect, kind: RegisterRow['kind']): string {
  return (effect === 'DONE' && ENDED[kind]) || EFFECT_WORDS[effect]
}

export const EFFECT_WORDS: Record<LinkEffect, string> = {
  DONE: 'done',
  PARTLY: 'partly done',
  SLIPPED: 'put off',
  HANDED_OVER: 'handed over',
  DROPPED: 'dropped',
  SPOKEN_OF: 'spoken of',
  CHANGES: 'changed',
  WITHDRAWS: 'withdrawn',
  CONFIRMS: 'confirmed',
}
