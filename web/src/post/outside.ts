import { computed, ref, watch } from 'vue'
import type { Recipient } from '../api/types'

/** Those of some recipients whose address is in none of these domains. */
export function outsideOf(to: Recipient[], domains: string[]): Recipient[] {
  return to.filter((r) => !domains.includes(r.address.trim().toLowerCase().replace(/.*@/, '')))
}

/** Who of those a letter goes to is outside the team's own domains, and whether that is meant. */
export function useOutside(to: () => Recipient[], domains: () => string[]) {
  const outside = computed(() => outsideOf(to(), domains()))
  const meant = ref(false)
  const isUnmeant = computed(() => outside.value.length > 0 && !meant.value)

  // What was confirmed for some does not hold for others.
  watch(
    () => outside.value.map((r) => r.address).join(' '),
    () => (meant.value = false),
  )
  return { outside, meant, isUnmeant }
}
