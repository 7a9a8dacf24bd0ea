import type { Line } from '../api/types'

/** Whether a line is part of the minutes as they stand: neither struck nor merely possible. */
export function counts(line: Line): boolean {
  return line.state === 'PENCIL' || line.state === 'INK'
}
