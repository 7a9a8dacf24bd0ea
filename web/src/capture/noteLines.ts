import type { NoteLine, Typed, Understood } from '../api/types'

/** A line of the page as the browser shows it. */
export type PageLine = NoteLine

const STEP = 1024
const DEEPEST = 20

export const NOTHING_UNDERSTOOD: Understood = {
  mark: null,
  kind: null,
  owner: null,
  due: null,
  dueWords: null,
  writtenOut: null,
}

/** What of a line goes to the server. */
export function typed(line: PageLine): Typed {
  const { name, stamp, position, indent, text, agendaItem, typedAt, removed } = line
  return { name, stamp, position, indent, text, agendaItem, typedAt, removed }
}

/** What is shown already, where what came says nothing else: then nothing is drawn anew. */
export function unchanged(shown: PageLine | undefined, came: PageLine): PageLine {
  return shown && JSON.stringify(shown) === JSON.stringify(came) ? shown : came
}

/** The lines in the order of the page: those below the rule last. */
export function inOrder(lines: PageLine[]): PageLine[] {
  return [...lines].sort(
    (a, b) =>
      Number(a.beside) - Number(b.beside) ||
      a.position - b.position ||
      (a.name < b.name ? -1 : Number(a.name > b.name)),
  )
}

/** A position behind the line at `index`; -1 is before the first. */
export function positionAfter(lines: PageLine[], index: number): number {
  const before = lines[index]?.position
  const after = lines[index + 1]?.position
  if (before === undefined) return after === undefined ? STEP : after - STEP
  return after === undefined ? before + STEP : (before + after) / 2
}

/** A line's indent after one step in or out; never deeper than one below the line before it. */
export function nested(lines: PageLine[], index: number, step: 1 | -1): number {
  const indent = lines[index]?.indent ?? 0
  const deepest = index === 0 ? 0 : Math.min(DEEPEST, (lines[index - 1]?.indent ?? 0) + 1)
  return Math.max(0, Math.min(deepest, indent + step))
}

/** No line the server takes is longer; what is, goes on in the next line. */
const LONGEST_LINE = 10_000

/** Pasted text as lines with their indents, from the indents it was written with. */
export function pasted(text: string): { indent: number; text: string }[] {
  return text
    .split(/\r\n|\r|\n/)
    .filter((line) => line.trim() !== '')
    .flatMap((line) => {
      const blanks = /^[\t ]*/.exec(line)?.[0] ?? ''
      const columns = [...blanks].reduce((sum, c) => sum + (c === '\t' ? 2 : 1), 0)
      const indent = Math.min(DEEPEST, Math.floor(columns / 2))
      return inPieces(line.trim()).map((text) => ({ indent, text }))
    })
}

function inPieces(text: string): string[] {
  return Array.from({ length: Math.ceil(text.length / LONGEST_LINE) }, (_, i) =>
    text.slice(i * LONGEST_LINE, (i + 1) * LONGEST_LINE),
  )
}
