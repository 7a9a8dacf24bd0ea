import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { queryClient } from '../api/queries'
import type { Matter } from '../api/types'
import { useNotices } from '../shared/notices'
import { testServer } from '../shared/testServer'
import MattersList from './MattersList.vue'

function matter(change: Partial<Matter> = {}): Matter {
  return {
    lineId: 'l1',
    folio: 3,
    number: 7,
    kind: 'ACTION',
    text: 'Order the roller.',
    ownerId: 'p1',
    due: '2020-01-03',
    open: true,
    last: null,
    actId: null,
    here: false,
    pulled: false,
    ...change,
  }
}

async function open(matters: Matter[], refused = false) {
  queryClient.clear()
  const server = testServer({
    'GET /api/meetings/m/matters': () => ({ body: matters }),
    'GET /api/people': () => ({
      body: [{ id: 'p1', name: 'Tom Reyes', role: null, email: null, aliases: [], version: 0 }],
    }),
    'POST /api/lines/l1/acts': () =>
      refused
        ? { status: 404, body: { detail: 'There is no such line of record.' } }
        : { body: matter({ actId: 'a1' }) },
    'DELETE /api/acts/a1': () => ({}),
    'DELETE /api/meetings/m/matters': () => ({}),
    'GET /api/meetings/m/matters/elsewhere': () => ({ body: [] }),
  })
  const list = mount(MattersList, {
    props: { meetingId: 'm' },
    global: {
      plugins: [[VueQueryPlugin, { queryClient }]],
      stubs: { RouterLink: RouterLinkStub, DayField: true },
    },
  })
  await flushPromises()
  return { list, server }
}

const notices = () => useNotices().notices.value

afterEach(() => {
  vi.unstubAllGlobals()
  useNotices().notices.value = []
})

describe('matters arising', () => {
  it('say whose they are, since when they are overdue, and where they come from', async () => {
    const { list } = await open([matter()])
    expect(list.text()).toContain('Tom Reyes')
    expect(list.find('.red').text()).toContain('overdue since Fri 3 Jan')
    expect(list.findComponent(RouterLinkStub).props('to')).toBe('/folio/3#3.7')
  })

  it('are ticked, with a way back', async () => {
    const { list, server } = await open([matter()])
    await list.find('input').setValue(true)
    await flushPromises()
    expect(server.of('POST')[0]?.body).toEqual({
      kind: 'DONE',
      due: null,
      ownerId: null,
      meetingId: 'm',
    })
    notices()[0]?.undo?.()
    await flushPromises()
    expect(server.of('DELETE')[0]?.path).toBe('/api/acts/a1')
  })

  it('ticked here are taken back by their box, ticked elsewhere are opened again', async () => {
    const here = await open([matter({ open: false, here: true, last: 'DONE', actId: 'a1' })])
    await here.list.find('input').setValue(false)
    await flushPromises()
    expect(here.server.of('DELETE')[0]?.path).toBe('/api/acts/a1')
    const elsewhere = await open([matter({ open: false, last: 'DONE', actId: 'a1' })])
    await elsewhere.list.find('input').setValue(false)
    await flushPromises()
    expect(elsewhere.server.of('POST')[0]?.body).toMatchObject({ kind: 'REOPENED' })
  })

  it('say what went wrong', async () => {
    const { list } = await open([matter()], true)
    await list.find('input').setValue(true)
    await flushPromises()
    expect(notices()[0]).toMatchObject({ failed: true, text: 'There is no such line of record.' })
  })

  it('pulled in from elsewhere can be let go', async () => {
    const { list, server } = await open([matter({ pulled: true })])
    await list.find('[aria-label="Let go of 3.7"]').trigger('click')
    await flushPromises()
    expect(server.of('DELETE')[0]?.query.get('line')).toBe('l1')
  })

  it('that are none say so, and offer those of other meetings', async () => {
    const { list } = await open([])
    expect(list.text()).toContain('Nothing is open')
    await list.find('.more').trigger('click')
    await flushPromises()
    expect(list.text()).toContain('No open action of another meeting')
  })
})
