import type { Guest, Reader, Recipient } from '../api/types'

/** What was chosen for a reader. */
export interface Chosen {
  left: boolean
  part: Reader['part']
}

export const PART_NAMES: Record<Reader['part'], string> = {
  WHOLE: 'the minutes',
  CATCH_UP: 'a catch-up',
  OWN: 'own actions',
}

export const REASONS: Record<Reader['reason'], string> = {
  ATTENDED: 'was there',
  ABSENT: 'was invited, not there',
  INVITED: 'was invited',
  OWNER: 'has something to do',
  GROUP: 'of a group',
}

/** All of the first list and those of the second who are not in it: nobody twice, by name or address. */
export function together(readers: Reader[], more: Reader[]): Reader[] {
  const address = (reader: Reader) => reader.address?.toLowerCase()
  const known = (reader: Reader) =>
    readers.some(
      (r) => r.name === reader.name || (r.address !== null && address(r) === address(reader)),
    )
  return [...readers, ...more.filter((reader) => !known(reader))]
}

/** Who gets what: readers who are not left out, then those who were typed. */
export function addressees(
  readers: Reader[],
  chosen: Map<string, Chosen>,
  typed: Guest[],
): { recipient: Recipient; part: Reader['part'] }[] {
  const listed = readers
    .filter((r) => !chosen.get(r.name)?.left)
    .map((r) => ({
      recipient: { name: r.name, address: r.address ?? '' },
      part: chosen.get(r.name)?.part ?? r.part,
    }))
  const taken = new Set(listed.map((a) => a.recipient.address.toLowerCase()))
  const others = typed.flatMap((g) =>
    g.email && !taken.has(g.email.toLowerCase())
      ? [{ recipient: { name: g.name, address: g.email }, part: 'WHOLE' as const }]
      : [],
  )
  return [...listed, ...others]
}
