import { describe, expect, it } from 'vitest'
import type { FacetValue, LedgerRow } from '../api/types'
import { ledgerItems } from './ledgerItems'
import { sortedValues, valueName } from './ledgerWords'
import { facetOf } from './useLedger'

const value = (facts: Partial<FacetValue>): FacetValue => ({
  facet: 'COLLECTION',
  value: 'v',
  name: 'Name',
  within: null,
  folios: 1,
  ...facts,
})
const row = (folio: number, date: string, series: string | null) =>
  ({ folio, date, series, kind: null, sort: 'MINUTES' }) as LedgerRow

describe('the facets of the ledger', () => {
  it('list a collection before those that stand in it', () => {
    const values = [
      value({ value: 'b', name: 'Berths', within: 'q' }),
      value({ value: 'a', name: 'Boats' }),
      value({ value: 'q', name: 'Quays' }),
    ]
    expect(sortedValues('COLLECTION', values).map((v) => v.name)).toEqual([
      'Boats',
      'Quays',
      'Berths',
    ])
  })

  it('list people by how often they came, periods by time, series as one counts', () => {
    const people = [
      value({ facet: 'PERSON', name: 'Ana' }),
      value({ facet: 'PERSON', name: 'Tom', folios: 3 }),
    ]
    expect(sortedValues('PERSON', people).map((v) => v.name)).toEqual(['Tom', 'Ana'])
    const periods = ['2025-Q4', '2026-Q1'].map((p) => value({ facet: 'PERIOD', value: p, name: p }))
    expect(sortedValues('PERIOD', periods).map(valueName)).toEqual([
      'Jan to Mar 2026',
      'Oct to Dec 2025',
    ])
    const series = ['Crew 10', 'Crew 9'].map((s) => value({ facet: 'SERIES', value: s, name: s }))
    expect(sortedValues('SERIES', series).map((v) => v.name)).toEqual(['Crew 9', 'Crew 10'])
  })

  it('stand in an address so that a comma in them ends nothing', () => {
    expect(facetOf('SERIES', 'Crew, night: north')).toBe('SERIES:Crew%2C%20night%3A%20north')
  })
})

describe('the rows of the ledger', () => {
  const rows = [
    row(3, '2026-03-09', 'Crew'),
    row(2, '2026-03-02', null),
    row(1, '2026-02-27', null),
  ]

  it('get a heading before each group', () => {
    const items = ledgerItems(rows, 'MONTH')
    expect(items.map((i) => ('heading' in i ? i.heading : i.row.folio))).toEqual([
      'March 2026',
      3,
      2,
      'February 2026',
      1,
    ])
  })

  it('say where there is no series', () => {
    expect(ledgerItems(rows, 'SERIES').filter((i) => 'heading' in i)).toEqual([
      { heading: 'Crew' },
      { heading: 'No series' },
    ])
  })

  it('get none where they are not grouped', () => {
    expect(ledgerItems(rows, 'NONE')).toHaveLength(3)
  })
})
