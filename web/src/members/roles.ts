import type { Member } from '../api/types'

/** What members may do, in plain words. */
export const ROLES: { name: Member['role']; called: string; may: string }[] = [
  {
    name: 'ADMINISTERS',
    called: 'administers',
    may: 'everything, also members, mail server, recorders and networks',
  },
  { name: 'TAKES_PART', called: 'takes part', may: 'everything about meetings and minutes' },
  { name: 'LOOKS_ON', called: 'looks on', may: 'read, search and ask, and change nothing' },
]

/** A role as it is called. */
export function called(role: Member['role']): string {
  return ROLES.find((r) => r.name === role)!.called
}
