import { describe, expect, it } from 'vitest'
import type { RegisterRow } from '../api/types'
import { byDueWeek } from './dueWeeks'

const TODAY = '2026-03-04'
const due = (day: string | null) => ({ due: day }) as RegisterRow

describe('actions by the week they are due', () => {
  it('puts what is overdue first, then week after week, and what has no day last', () => {
    const groups = byDueWeek(
      [
        '2026-02-27',
        '2026-03-03',
        '2026-03-04',
        '2026-03-08',
        '2026-03-09',
        '2026-03-20',
        null,
      ].map(due),
      TODAY,
    )
    expect(groups.map((g) => [g.heading, g.entries.length])).toEqual([
      ['Overdue', 2],
      ['This week', 2],
      ['Next week', 1],
      ['Week of Mon 16 Mar', 1],
      ['No day', 1],
    ])
    expect(groups.filter((g) => g.red)).toHaveLength(1)
  })

  it('makes no group where there is nothing', () => {
    expect(byDueWeek([], TODAY)).toEqual([])
  })
})
