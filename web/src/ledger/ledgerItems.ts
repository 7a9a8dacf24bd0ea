import type { LedgerRow } from '../api/types'
import { dateOf } from '../shared/dates'
import type { LedgerGroups } from './useLedger'

/** What stands in a line of the table: a folio, or the heading of those that follow. */
export type LedgerItem = { heading: string } | { row: LedgerRow }

const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric' })

function groupOf(row: LedgerRow, groups: LedgerGroups): string {
  switch (groups) {
    case 'SERIES':
      return row.series ?? 'No series'
    case 'KIND':
      return row.sort === 'NOTE' ? 'Reference notes' : (row.kind ?? 'No kind')
    case 'MONTH':
      return MONTH.format(dateOf(row.date))
    case 'NONE':
      return ''
  }
}

/** The rows with a heading before each group. */
export function ledgerItems(rows: LedgerRow[], groups: LedgerGroups): LedgerItem[] {
  if (groups === 'NONE') return rows.map((row) => ({ row }))
  const items: LedgerItem[] = []
  let last: string | null = null
  for (const row of rows) {
    const group = groupOf(row, groups)
    if (group !== last) items.push({ heading: group })
    last = group
    items.push({ row })
  }
  return items
}
