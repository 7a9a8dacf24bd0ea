import type { Basis, Line } from '../api/types'
import { counts } from '../shared/lineStates'

/** Where the lamp stands: on a line of the minutes, on a passage of a source, or nowhere. */
export type Lamp =
  | { on: 'line'; lineId: string }
  | { on: 'passage'; sourceId: string; passage: number }
  | { on: 'nothing' }

/** Characters of a passage, from `start` up to but without `end`. */
export interface Range {
  start: number
  end: number
}

/** A piece of text, lit or not. */
export interface Piece {
  text: string
  lit: boolean
  /** Which character of the text it begins with. */
  start: number
}

/** The lines that rest on a passage, in order. */
export function linesRestingOn(lines: Line[], sourceId: string, passage: number): Line[] {
  return lines.filter(
    (line) =>
      counts(line) && line.evidence.some((e) => e.sourceId === sourceId && e.passage === passage),
  )
}

/** The lines the lamp lights. */
export function litLines(lines: Line[], lamp: Lamp): Line[] {
  if (lamp.on === 'line') return lines.filter((line) => line.id === lamp.lineId)
  return lamp.on === 'passage' ? linesRestingOn(lines, lamp.sourceId, lamp.passage) : []
}

/** The words the lamp lights, by passage of one source. A passage that fed no line is lit as a whole. */
export function litRanges(lines: Line[], lamp: Lamp, sourceId: string): Map<number, Range[]> {
  const ranges = new Map<number, Range[]>()
  const add = (basis: Basis) =>
    ranges.set(basis.passage, [
      ...(ranges.get(basis.passage) ?? []),
      { start: basis.start, end: basis.end },
    ])
  for (const line of litLines(lines, lamp)) {
    line.evidence
      .filter((e) => e.sourceId === sourceId)
      .filter((e) => lamp.on === 'line' || (lamp.on === 'passage' && e.passage === lamp.passage))
      .forEach(add)
  }
  if (lamp.on === 'passage' && lamp.sourceId === sourceId && ranges.size === 0) {
    ranges.set(lamp.passage, [{ start: 0, end: Number.MAX_SAFE_INTEGER }])
  }
  return ranges
}

/** Cuts a text where ranges begin and end; overlapping ranges join. */
export function pieces(text: string, ranges: Range[]): Piece[] {
  const cut: Piece[] = []
  let at = 0
  for (const range of [...ranges].sort((a, b) => a.start - b.start)) {
    const start = Math.max(at, range.start)
    const end = Math.min(text.length, range.end)
    if (end <= start) continue
    if (start > at) cut.push({ text: text.slice(at, start), lit: false, start: at })
    const last = cut[cut.length - 1]
    if (last?.lit && start === at) last.text += text.slice(start, end)
    else cut.push({ text: text.slice(start, end), lit: true, start })
    at = end
  }
  if (at < text.length) cut.push({ text: text.slice(at), lit: false, start: at })
  return cut
}
