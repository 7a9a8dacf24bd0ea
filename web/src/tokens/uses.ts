import type { Token } from '../api/types'
import { listed } from '../shared/words'

type Use = Token['uses'][number]

/** What a token can be made for: as a choice, and in short. */
export const USES: { name: Use; may: string; short: string }[] = [
  { name: 'LOOK', may: 'search, ask, and read folios and registers', short: 'looks' },
  { name: 'BRING', may: 'hand sources in with their meetings', short: 'hands in' },
  { name: 'DRAFT', may: 'have minutes drafted, read and correct the draft', short: 'drafts' },
  { name: 'FILE', may: 'file drafts into the ledger', short: 'files' },
]

/** What a token is good for, in short: "looks and files". */
export function usesInWords(uses: Use[]): string {
  return listed(USES.filter((u) => uses.includes(u.name)).map((u) => u.short))
}
