import { describe, expect, it } from 'vitest'
import type { LampAnswer, QuestionReading } from '../api/types'
import { testMount } from '../shared/testMount'
import AnswerTable from './AnswerTable.vue'

type Statement = LampAnswer['statements'][number]

const statement = (change: Partial<Statement>): Statement => ({
  day: null,
  lead: '',
  text: 'Four hundred kilowatts.',
  said: true,
  citations: [],
  ...change,
})

const place = (folio: number, line: number | null) => ({
  folio,
  draft: null,
  title: 'Steering group',
  date: '2026-11-02',
  line,
  sourceId: null,
  passage: null,
  quote: '',
})

async function table(aim: QuestionReading['aim'], statements: Statement[]) {
  const answer = { reading: { aim }, statements }
  const { shown } = await testMount(AnswerTable, { answer })
  return shown.findAll('tbody tr').map((row) => row.findAll('td').map((cell) => cell.text()))
}

describe('an answer set as a table', () => {
  it('reads how something changed from the first to the last', async () => {
    const rows = await table('CHANGE', [
      statement({ day: '2026-11-02', text: 'Six hundred.' }),
      statement({ day: '2026-07-15', text: 'Four hundred.' }),
    ])

    expect(rows.map((r) => r[1])).toEqual(['“Four hundred.”', '“Six hundred.”'])
  })

  it('keeps the order of everything else', async () => {
    const rows = await table('FIGURE', [
      statement({ day: '2026-11-02', text: 'Six hundred.' }),
      statement({ day: '2026-07-15', text: 'Four hundred.' }),
    ])

    expect(rows.map((r) => r[1])).toEqual(['“Six hundred.”', '“Four hundred.”'])
  })

  it('gives a statement without a day the day of the one it goes on with', async () => {
    const rows = await table('CHANGE', [
      statement({ day: '2026-11-02', text: 'Six hundred.' }),
      statement({ text: 'With the spare.' }),
      statement({ day: '2026-07-15', text: 'Four hundred.' }),
    ])

    expect(rows.map((r) => [r[0], r[1]])).toEqual([
      ['Wed 15 Jul 2026', '“Four hundred.”'],
      ['Mon 2 Nov 2026', '“Six hundred.”'],
      ['Mon 2 Nov 2026', '“With the spare.”'],
    ])
  })

  it('has a column of who or what only where there is some, and names each place once', async () => {
    const rows = await table('OBJECTION', [
      statement({ lead: 'against', citations: [place(22, 3), place(22, 3), place(7, null)] }),
      statement({ text: 'Recorded so.', said: false }),
    ])

    expect(rows[0]).toEqual(['', 'against', '“Four hundred kilowatts.”', '22.3folio 7'])
    expect(rows[1]).toEqual(['', '', 'Recorded so.', ''])
  })
})
