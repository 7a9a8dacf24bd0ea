import type { Basis, Line, LineFacts, Person } from '../api/types'
import { quotationIn } from '../shared/quotation'
import type { PageSection } from '../shared/sections'

/** Some of what a person may set of a line. */
export type Patch = Partial<LineFacts>

/** All of a line that a person may set. */
export function factsOf(line: Line): LineFacts {
  const { kind, text, ownerId, due, state, position, topic, evidence } = line
  return { kind, text, ownerId, due, state, position, topic, evidence }
}

/** What a person sees of a line: where it stands and what it rests on moves by itself when a draft is made anew. */
const SEEN = ['kind', 'text', 'ownerId', 'due', 'state'] as const

/** Whether a line stands as `facts` say, as far as they say anything a person sees. */
export function agrees(line: Line, facts: Patch): boolean {
  return SEEN.every((key) => facts[key] === undefined || facts[key] === line[key])
}

/** Whether two lines are the same one, also when the draft was made anew between them. */
export function isSameLine(a: Line, b: Line): boolean {
  if (a.id === b.id) return true
  const [first, other] = [a.evidence[0], b.evidence[0]]
  return (
    a.drafted &&
    b.drafted &&
    a.kind === b.kind &&
    a.section === b.section &&
    first !== undefined &&
    other !== undefined &&
    isSameBasis(first, other)
  )
}

function isSameBasis(a: Basis, b: Basis): boolean {
  return (
    a.sourceId === b.sourceId && a.passage === b.passage && a.start === b.start && a.end === b.end
  )
}

/** What a line says and rests on once another one is joined to it. */
export function joined(line: Line, next: Line): Patch {
  const more = next.evidence.filter((b) => !line.evidence.some((a) => isSameBasis(a, b)))
  const link = /[.!?;:]$/.test(line.text) ? ' ' : '; '
  return {
    text: line.text + link + next.text,
    ownerId: line.ownerId ?? next.ownerId,
    due: line.due ?? next.due,
    evidence: [...line.evidence, ...more],
  }
}

/** An action's words with another owner in front: "Tom Reyes to call the yard". Other words stay as they are. */
export function renamed(line: Line, ownerId: string | null, people: Person[]): string {
  const before = people.find((p) => p.id === line.ownerId)?.name
  const after = people.find((p) => p.id === ownerId)?.name
  if (quotationIn(line.text)) return line.text
  const begins = before ? `${before} to ` : ''
  if (!line.text.startsWith(begins)) return line.text
  const deed = line.text.slice(begins.length)
  if (!after) return deed.charAt(0).toUpperCase() + deed.slice(1)
  if (before) return `${after} to ${deed}`
  const lower = /^\p{Lu}\p{Ll}/u.test(deed) ? deed.charAt(0).toLowerCase() + deed.slice(1) : deed
  return /^\p{L}+ (?:to|:)/u.test(deed) ? line.text : `${after} to ${lower}`
}

/** The two wordings that a line is split into; null where one of them would be empty. */
export function splitAt(text: string, at: number): [string, string] | null {
  const first = text.slice(0, at).trim().replace(/[;,]$/, '').trim()
  const second = text.slice(at).trim().replace(/^[;,]/, '').trim()
  return first && second ? [first, second] : null
}

/** A place right below a line, above whatever follows. */
export function placeBelow(line: Line, lines: Line[]): number {
  const later = lines.map((l) => l.position).filter((position) => position > line.position)
  return later.length ? (line.position + Math.min(...later)) / 2 : line.position + 1
}

/** The section a line stands in. */
export function sectionOf(line: Line, sections: PageSection[]): PageSection | undefined {
  return sections.find((s) => s.groups.some((g) => g.lines.some((l) => l.id === line.id)))
}

/** The line that stands below another in its section. */
export function nextInSection(line: Line, sections: PageSection[]): Line | undefined {
  const all = sectionOf(line, sections)?.groups.flatMap((g) => g.lines) ?? []
  return all[all.findIndex((l) => l.id === line.id) + 1]
}

/**
 * Where a line stands once it is moved up or down by one: past its neighbour, or into the topic beside it. Null where it
 * cannot go: it is the first or the last of its section, or the line beside it belongs to another owner.
 */
export function moved(line: Line, by: 1 | -1, sections: PageSection[]): Patch | null {
  const groups = sectionOf(line, sections)?.groups ?? []
  const at = groups.findIndex((g) => g.lines.some((l) => l.id === line.id))
  const own = groups[at]?.lines ?? []
  const i = own.findIndex((l) => l.id === line.id)
  const neighbour = own[i + by]
  if (neighbour) {
    const beyond = own[i + 2 * by]?.position ?? neighbour.position + by
    return { position: (neighbour.position + beyond) / 2 }
  }
  const group = groups[at + by]
  if (!group?.topic || !groups[at]?.topic) return null
  const edge = by > 0 ? group.lines[0] : group.lines.at(-1)
  return edge ? { topic: edge.topic, position: edge.position - by } : null
}
