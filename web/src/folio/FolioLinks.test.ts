import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { queryClient } from '../api/queries'
import type { LineLink } from '../api/types'
import { testServer } from '../shared/testServer'
import FolioLinks from './FolioLinks.vue'

function link(change: Partial<LineLink> = {}): LineLink {
  return {
    id: 'k1',
    version: 3,
    effect: 'DONE',
    state: 'PENCIL',
    earlier: { lineId: 'l1', folio: 12, number: 4, kind: 'ACTION', text: 'Tom Reyes to draw it.' },
    later: { folio: 14, number: null, title: 'Berth weekly', date: '2026-03-10' },
    due: null,
    ownerId: null,
    evidence: [
      {
        sourceId: 's1',
        passage: 7,
        start: 0,
        end: 9,
        quote: 'I drew it on Friday.',
        speaker: 'Tom Reyes',
        startMs: null,
      },
    ],
    ...change,
  }
}

async function open(links: { says: LineLink[]; said: LineLink[] }) {
  queryClient.clear()
  const server = testServer({
    'GET /api/folios/14/links': () => ({ body: { linked: true, ...links } }),
    'PUT /api/links/k1': () => ({ body: link({ version: 4, state: 'INK' }) }),
  })
  const page = mount(FolioLinks, {
    props: { folio: 14, people: [] },
    global: {
      plugins: [[VueQueryPlugin, { queryClient }]],
      stubs: { RouterLink: RouterLinkStub },
    },
  })
  await flushPromises()
  return { page, server }
}

afterEach(() => vi.unstubAllGlobals())

describe('what a folio says of earlier ones', () => {
  it('stands in pencil with the words that say it, and is inked on its version', async () => {
    const { page, server } = await open({ says: [link()], said: [] })
    expect(page.text()).toContain('closes')
    expect(page.text()).toContain('I drew it on Friday.')
    await page.find('[aria-label="Ink: closes 12.4"]').trigger('click')
    await flushPromises()
    expect(server.of('PUT')[0]).toMatchObject({ path: '/api/links/k1', body: { state: 'INK' } })
  })

  it('is restored from what was dismissed', async () => {
    const { page, server } = await open({ says: [link({ state: 'STRUCK' })], said: [] })
    expect(page.find('summary').text()).toBe('1 dismissed')
    await page.find('details .btn').trigger('click')
    await flushPromises()
    expect(server.of('PUT')[0]?.body).toEqual({ state: 'POSSIBLE' })
  })

  it('is nothing where nothing hangs together', async () => {
    const { page } = await open({ says: [], said: [] })
    expect(page.text()).toBe('')
  })

  it('leads on to what later folios say of its own lines', async () => {
    const { page } = await open({ says: [], said: [link({ effect: 'CHANGES', state: 'INK' })] })
    expect(page.text()).toContain('12.4 changed')
    expect(page.text()).toContain('folio 14')
  })
})
