import type { Line, Person } from '../api/types'

/**
 * What stands beside a line: a decision's standing; of an action its date, and its owner where the words do not name
 * one.
 */
export function lineAside(line: Line, people: Person[], dayOf: (day: string) => string): string {
  if (line.kind === 'DECISION') return line.grounds.standing ?? ''
  if (line.kind !== 'ACTION') return ''
  const owner = people.find((p) => p.id === line.ownerId)?.name
  const named = owner !== undefined && line.text.includes(owner)
  return [named ? '' : (owner ?? 'owner open'), line.due ? dayOf(line.due) : '']
    .filter(Boolean)
    .join(' · ')
}

/** Whether what stands beside a line is bad news. */
export function isContested(line: Line): boolean {
  return line.kind === 'DECISION' && line.grounds.standing === 'contested'
}
