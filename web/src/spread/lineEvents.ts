import type { Line, LineFacts } from '../api/types'

/** What a person does to a line. Every event says which line it is about, so its listeners are the same for all lines. */
export type LineEvents = {
  select: [line: Line]
  edit: [line: Line]
  ink: [line: Line]
  strike: [line: Line]
  change: [line: Line, label: string, patch: Partial<LineFacts>]
  typing: [line: Line, text: string]
  edited: [line: Line, text: string]
  abandoned: [line: Line]
  settled: [line: Line]
}
