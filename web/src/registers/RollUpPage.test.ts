import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { RegisterRow, RolledUp } from '../api/types'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import RollUpPage from './RollUpPage.vue'

const ENTRY: RegisterRow = {
  lineId: 'l1',
  folio: 12,
  number: 4,
  kind: 'ACTION',
  text: 'Draw the gangway hinge.',
  heldOn: '2026-03-03',
  series: 'Berth weekly',
  ownerId: 'tom',
  due: '2026-03-09',
  standing: 'OPEN',
  contested: false,
  last: null,
  actId: null,
  later: [],
}

const ROLLED = [
  { kind: 'DECISION', entries: [], more: false },
  { kind: 'ACTION', entries: [ENTRY], more: true },
] as RolledUp[]

async function rolledUp(address = '/roll-up') {
  const copied: string[] = []
  vi.stubGlobal('navigator', { clipboard: { writeText: async (t: string) => copied.push(t) } })
  const server = testServer({
    'GET /api/roll-up': () => ({ body: ROLLED }),
    'GET /api/people': () => ({
      body: [{ id: 'tom', version: 0, name: 'Tom Reyes', role: null, email: null, aliases: [] }],
    }),
    'GET /api/labels': () => ({
      body: [
        { id: 'c1', version: 0, sort: 'COLLECTION', name: 'Berths', parentId: null },
        { id: 't1', version: 0, sort: 'TAG', name: 'urgent', parentId: null },
      ],
    }),
    'GET /api/ledger/facets': () => ({
      body: {
        values: [{ facet: 'SERIES', value: 'Berth weekly', name: 'Berth weekly', count: 3 }],
      },
    }),
    'GET /api/citations': () => ({ body: [] }),
    'POST /api/citations': () => ({ body: [] }),
  })
  const { shown, router } = await testMount(RollUpPage, {}, address)
  const button = (name: string) => shown.findAll('button').find((b) => b.text() === name)!
  const wanted = () => server.sent.filter((s) => s.path === '/api/roll-up').at(-1)!.query
  return { shown, router, button, wanted, copied }
}

describe('a page rolled up from the registers', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('shows decisions, actions and risks that are open or stand, until others are chosen', async () => {
    const { wanted, button } = await rolledUp()

    expect(wanted().getAll('kind')).toEqual(['DECISION', 'ACTION', 'RISK'])
    expect(wanted().get('open')).toBe('true')
    void button('Risks').trigger('click')
    void button('Only what is open or stands').trigger('click')
    await flushPromises()
    expect(wanted().getAll('kind')).toEqual(['DECISION', 'ACTION'])
    expect(wanted().get('open')).toBe('false')
  })

  it('keeps at least one kind', async () => {
    const { wanted, button } = await rolledUp('/roll-up?kind=ACTION')

    await button('Actions').trigger('click')
    await flushPromises()
    expect(wanted().getAll('kind')).toEqual(['ACTION'])
  })

  it('says where there is none of a kind, and where there is more than it shows', async () => {
    const { shown } = await rolledUp()

    expect(shown.get('[aria-label=Decisions]').text()).toContain('None.')
    expect(shown.get('[aria-label=Actions]').text()).toContain('There are more')
  })

  it('is narrowed to a collection, a series and days, and stands in its address', async () => {
    const { shown, wanted, router } = await rolledUp('/roll-up?facet=COLLECTION:x')
    const [collection, series] = shown.findAll('select')

    expect(collection!.findAll('option').map((o) => o.text())).toEqual([
      'Every collection',
      'Berths',
    ])
    await collection!.setValue('COLLECTION:c1')
    await flushPromises()
    await series!.setValue('SERIES:Berth%20weekly')
    await flushPromises()
    const from = shown.get('#roll-up-from')
    await from.setValue('1 Mar 2026')
    await from.trigger('blur')
    await flushPromises()

    expect(wanted().getAll('facet')).toEqual(['COLLECTION:c1', 'SERIES:Berth%20weekly'])
    expect(wanted().get('from')).toBe('2026-03-01')
    expect(router.currentRoute.value.query.from).toBe('2026-03-01')
  })

  it('is copied as text, with owners, days and numbers', async () => {
    const { button, copied } = await rolledUp()

    await button('Copy as text').trigger('click')
    await flushPromises()
    expect(copied).toEqual([
      'Actions\n- Draw the gangway hinge. (Tom Reyes; due Mon 9 Mar 2026; 12.4, Tue 3 Mar 2026)',
    ])
  })
})
