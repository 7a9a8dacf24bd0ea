import type { Cites } from '../api/types'

/** A piece of some words: what is cited there, or nothing. */
export interface Piece {
  text: string
  cites?: Cites
}

/** Cuts words at the numbers they cite. */
export function citedPieces(text: string, cites: Cites[]): Piece[] {
  if (cites.length === 0) return [{ text }]
  const byNumber = new Map(cites.map((c) => [c.written, c]))
  const any = cites.map((c) => c.written.replace('.', '\\.')).join('|')
  const numbers = new RegExp(`(?<![\\p{L}\\d.,:/])(?:${any})(?![\\p{L}\\d]|[.,:]\\d)`, 'gu')
  const pieces: Piece[] = []
  let from = 0
  for (const match of text.matchAll(numbers)) {
    if (match.index > from) pieces.push({ text: text.slice(from, match.index) })
    pieces.push({ text: match[0], cites: byNumber.get(match[0]) })
    from = match.index + match[0].length
  }
  if (from < text.length) pieces.push({ text: text.slice(from) })
  return pieces
}
