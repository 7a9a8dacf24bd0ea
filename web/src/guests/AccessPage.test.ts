import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import AccessPage from './AccessPage.vue'

const GRANT = {
  id: 'g1',
  folio: 27,
  series: null,
  writes: false,
  by: 'Mira Voss',
  at: '2026-09-01T06:00:00Z',
}
const GUEST = { id: 'u1', name: 'Odd Lindgren', email: 'odd@yard.example', joined: false }

async function access(grants = [GRANT], letIn: { status?: number; body?: unknown } = {}) {
  const server = testServer({
    'GET /api/access': () => ({
      body: {
        guests: grants.length ? [{ ...GUEST, grants }] : [],
        members: [{ id: 'm1', name: 'Mira Voss', email: 'mira@skerry.example' }],
      },
    }),
    'GET /api/ledger': () => ({
      body: { rows: [{ series: 'Weekly' }, { series: null }, { series: 'Weekly' }] },
    }),
    'POST /api/access': () => letIn,
    'PUT /api/access/g1': () => ({}),
    'DELETE /api/access/g1': () => ({}),
  })
  const { shown } = await testMount(AccessPage)
  return { shown, server }
}

describe('who can see what', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('says into what somebody was let, by whom, and whether they came yet', async () => {
    const { shown } = await access()

    const guest = shown.get('[aria-label="Who can see what"] li').text()
    expect(guest).toContain('has not chosen a password yet')
    expect(guest).toContain('folio 27')
    expect(guest).toContain('by Mira Voss')
  })

  it('says that nobody was let in', async () => {
    const { shown } = await access([])

    expect(shown.text()).toContain('No guests.')
    expect(shown.text()).not.toContain('Odd Lindgren')
  })

  it('lets a reader write, and takes back what was given', async () => {
    const { shown, server } = await access()

    await shown.get('[aria-label="What Odd Lindgren may do there"]').setValue('write')
    await shown.get('[aria-label="Take back from Odd Lindgren"]').trigger('click')
    await flushPromises()
    expect(server.of('PUT')[0]?.body).toEqual({ writes: true })
    expect(server.of('DELETE')[0]?.path).toBe('/api/access/g1')
  })

  it('lets somebody into a series, each of which is offered once', async () => {
    const { shown, server } = await access([], { status: 201, body: GUEST })

    await shown.get('form input').setValue('Odd Lindgren')
    await shown.get('form input[type=email]').setValue('odd@yard.example')
    await shown.get('form select').setValue('series')
    expect(shown.findAll('datalist option').map((o) => o.attributes('value'))).toEqual(['Weekly'])
    await shown.get('input[list=series]').setValue('Weekly')
    await shown.get('form').trigger('submit')
    await flushPromises()

    expect(server.of('POST')[0]?.body).toEqual({
      name: 'Odd Lindgren',
      email: 'odd@yard.example',
      folio: null,
      series: 'Weekly',
      writes: false,
    })
    expect(shown.get<HTMLInputElement>('form input').element.value).toBe('')
  })

  it('says why somebody could not be let in, and keeps what was typed', async () => {
    const { shown } = await access([], { status: 400, body: { detail: 'There is no folio 99.' } })

    await shown.get('form input').setValue('Odd "the Yard" Lindgren')
    await shown.get('form').trigger('submit')
    await flushPromises()
    expect(shown.get('form [role=alert]').text()).toBe('There is no folio 99.')
    expect(shown.get<HTMLInputElement>('form input').element.value).toBe('Odd "the Yard" Lindgren')
  })
})
