import type { Recipient } from '../api/types'

/** Those of some recipients whose address is in none of these domains. */
export function outsideOf(to: Recipient[], domains: string[]): Recipient[] {
  return to.filter((r) => !domains.includes(r.address.trim().toLowerCase().replace(/.*@/, '')))
}
