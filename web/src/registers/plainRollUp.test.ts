import { expect, it } from 'vitest'
import type { Person, RegisterRow, RolledUp } from '../api/types'
import { plainRollUp } from './plainRollUp'

const entry = (facts: Partial<RegisterRow>) =>
  ({
    text: 'Paint the bollards.',
    folio: 4,
    number: 2,
    heldOn: '2026-03-03',
    due: null,
    ownerId: null,
    contested: false,
    ...facts,
  }) as RegisterRow

it('writes a page as text, with numbers to cite and nothing of what is empty', () => {
  const rolled = [
    { kind: 'ACTION', entries: [entry({ ownerId: 'a', due: '2026-03-20' })], more: false },
    { kind: 'DECISION', entries: [entry({ contested: true })], more: false },
    { kind: 'RISK', entries: [], more: false },
  ] as RolledUp[]
  const headings = new Map([
    ['ACTION', 'Actions'],
    ['DECISION', 'Decisions'],
    ['RISK', 'Risks'],
  ] as const)

  expect(plainRollUp(rolled, headings, [{ id: 'a', name: 'Ana Prokop' } as Person])).toBe(
    'Actions\n- Paint the bollards. (Ana Prokop; due Fri 20 Mar 2026; 4.2, Tue 3 Mar 2026)\n\n' +
      'Decisions\n- Paint the bollards. (contested; 4.2, Tue 3 Mar 2026)',
  )
})
