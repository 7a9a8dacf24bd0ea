import type { Line, LineFacts } from '../api/types'

/** What a person does to a line. Every event says which line it is about, so its listeners are the same for all lines. */
export type LineEvents = {
  select: [line: Line]
  edit: [line: Line]
  ink: [line: Line]
  strike: [line: Line]
  /** Joins the line below to it. */
  join: [line: Line]
  /** Moves it down or up by one. */
  shift: [line: Line, by: 1 | -1]
  /** Makes two lines of what is typed, at a character of it. */
  split: [line: Line, text: string, at: number]
  change: [line: Line, label: string, patch: Partial<LineFacts>]
  typing: [line: Line, text: string]
  edited: [line: Line, text: string]
  abandoned: [line: Line]
  settled: [line: Line]
}
