import type { Line, LineState } from '../api/types'

/** What a state is called behind a line. */
export const STATE_NAMES: Record<LineState, string> = {
  POSSIBLE: 'possible',
  PENCIL: 'in pencil',
  INK: 'in ink',
  STRUCK: 'struck',
}

/** The sign before what nobody has confirmed, beside the words that say so. */
export const STATE_SIGNS: Record<LineState, string> = {
  POSSIBLE: '?',
  PENCIL: '✎',
  INK: '',
  STRUCK: '',
}

/** Whether a line is part of the minutes as they stand: neither struck nor merely possible. */
export function counts(line: Line): boolean {
  return line.state === 'PENCIL' || line.state === 'INK'
}
