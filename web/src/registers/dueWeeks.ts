import type { RegisterRow } from '../api/types'
import { addDays, type IsoDay, shortDay, weekOf } from '../shared/dates'

/** Actions that stand together. */
export interface EntryGroup {
  heading: string
  red?: boolean
  entries: RegisterRow[]
}

const OPEN_END = 'No day'

function headingOf(due: IsoDay | null, today: IsoDay): string {
  if (due === null) return OPEN_END
  const [monday = due] = weekOf(due)
  const [thisMonday = today] = weekOf(today)
  if (due < today) return 'Overdue'
  if (monday === thisMonday) return 'This week'
  if (monday === addDays(thisMonday, 7)) return 'Next week'
  return `Week of ${shortDay(monday)}`
}

/** Open actions by the week they are due, in the order they come: what is overdue first, what has no day last. */
export function byDueWeek(entries: RegisterRow[], today: IsoDay): EntryGroup[] {
  const groups: EntryGroup[] = []
  for (const entry of entries) {
    const heading = headingOf(entry.due, today)
    const group = groups.find((g) => g.heading === heading)
    if (group) group.entries.push(entry)
    else groups.push({ heading, red: heading === 'Overdue', entries: [entry] })
  }
  return groups
}
