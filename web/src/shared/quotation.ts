/** A line that quotes somebody: what it is about, who says it, the words as said. */
export interface Quotation {
  matter: string | null
  speaker: string | null
  words: string
}

const QUOTATION = /^(?:(.+?)\. )?(?:([^.:“”]+): )?“([^“”]+)”$/u

/** What a line quotes; null where it is in words of its own. */
export function quotationIn(text: string): Quotation | null {
  const match = QUOTATION.exec(text.trim())
  return match?.[3]
    ? { matter: match[1] ?? null, speaker: match[2] ?? null, words: match[3] }
    : null
}

/** The line that quotes `words`. */
export function quoted({ matter, speaker, words }: Quotation): string {
  const about = matter ? `${matter}. ` : ''
  const by = speaker ? `${speaker}: ` : ''
  return `${about}${by}“${words.replace(/[“”]/g, '"').trim()}”`
}
