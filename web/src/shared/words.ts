import type { Detail, LineKind } from '../api/types'

/** `1 line`, `2 lines` */
export function count(n: number, one: string, many = `${one}s`): string {
  return `${n.toLocaleString('en-GB')} ${n === 1 ? one : many}`
}

/** What a kind of line is called. */
export const KIND_NAMES: Record<LineKind, string> = {
  SUMMARY: 'Summary',
  DECISION: 'Decision',
  ACTION: 'Action',
  QUESTION: 'Open question',
  RISK: 'Risk',
  HIGHLIGHT: 'Highlight',
  LOWLIGHT: 'Lowlight',
  POINT: 'Point',
  ANSWER: 'Answer',
}

/** How much of a talk is written down, in words. */
export const DETAILS: Record<Detail, string> = {
  BRIEF: 'brief',
  STANDARD: 'standard',
  FULL: 'full',
}

/** The first letters of a name's first and last word. */
export function initials(name: string): string {
  const words = name.trim().split(/\s+/)
  const last = words.length > 1 ? words[words.length - 1] : ''
  return `${words[0]?.[0] ?? ''}${last?.[0] ?? ''}`.toUpperCase()
}

/** A list in words: `Ana, Tom and Joss`; with `most`, the rest as a number. */
export function listed(items: string[], most = items.length): string {
  const shown = items.length > most ? items.slice(0, most) : items
  const rest = items.length - shown.length
  if (rest > 0) return `${shown.join(', ')} and ${rest} more`
  return shown.length < 2
    ? shown.join('')
    : `${shown.slice(0, -1).join(', ')} and ${shown[shown.length - 1]}`
}

/** `312 B`, `4 kB`, `1.5 MB` */
export function fileSize(bytes: number): string {
  if (bytes < 1024) return `${bytes} B`
  return bytes < 1 << 20 ? `${Math.round(bytes / 1024)} kB` : `${(bytes / (1 << 20)).toFixed(1)} MB`
}
