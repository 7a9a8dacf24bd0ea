import type { LineKind, Person, RolledUp } from '../api/types'
import { longDay } from '../shared/dates'
import { cited } from '../shared/folioNumbers'

/** A rolled-up page as plain text, to be put into a letter or another document. */
export function plainRollUp(
  rolled: RolledUp[],
  headings: ReadonlyMap<LineKind, string>,
  people: Person[],
): string {
  return rolled
    .filter((r) => r.entries.length > 0)
    .map((r) => {
      const lines = r.entries.map((e) => {
        const owner = people.find((p) => p.id === e.ownerId)?.name
        const asides = [
          owner && !e.text.includes(owner) && owner,
          e.due && `due ${longDay(e.due)}`,
          e.contested && 'contested',
          `${cited(e.folio, e.number)}, ${longDay(e.heldOn)}`,
        ]
        return `- ${e.text} (${asides.filter(Boolean).join('; ')})`
      })
      return `${headings.get(r.kind) ?? ''}\n${lines.join('\n')}`
    })
    .join('\n\n')
}
