import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { queryClient } from '../api/queries'
import type { RegisterRow } from '../api/types'
import { testServer } from '../shared/testServer'
import RegistersPage from './RegistersPage.vue'

function entry(change: Partial<RegisterRow> = {}): RegisterRow {
  return {
    lineId: 'l1',
    folio: 12,
    number: 4,
    kind: 'ACTION',
    text: 'Tom Reyes to draw the gangway hinge.',
    heldOn: '2026-03-03',
    series: 'Berth weekly',
    ownerId: 'tom',
    due: '2020-01-02',
    standing: 'OPEN',
    contested: false,
    last: null,
    actId: null,
    later: [],
    ...change,
  }
}

async function open(path: string, pages: { entries: RegisterRow[]; next: string | null }[]) {
  queryClient.clear()
  let asked = 0
  const page = () => ({ body: pages[Math.min(asked++, pages.length - 1)] })
  const server = testServer({
    'GET /api/people': () => ({
      body: [
        { id: 'tom', version: 0, name: 'Tom Reyes', role: null, email: null, aliases: [] },
        { id: 'ana', version: 0, name: 'Ana Prokop', role: null, email: null, aliases: [] },
      ],
    }),
    'GET /api/registers': () => ({ body: [{ kind: 'ACTION', open: 3, overdue: 1 }] }),
    'GET /api/registers/ACTION': page,
    'GET /api/registers/DECISION': page,
    'POST /api/lines/l1/acts': () => ({ body: { actId: 'a1' } }),
  })
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/registers/:register', component: RegistersPage },
      { path: '/:rest(.*)*', component: { template: '<div />' } },
    ],
  })
  await router.push(path)
  const wrapper = mount(RegistersPage, {
    global: { plugins: [router, [VueQueryPlugin, { queryClient }]] },
  })
  await flushPromises()
  return { wrapper, server, router }
}

afterEach(() => vi.unstubAllGlobals())

describe('the registers', () => {
  it('say of an action where it was recorded, when it was due and what later folios say of it', async () => {
    const later: RegisterRow['later'] = [
      { folio: 14, date: '2026-03-10', effect: 'SLIPPED', state: 'PENCIL' },
    ]
    const { wrapper } = await open('/registers/actions', [
      { entries: [entry({ later })], next: null },
    ])
    const row = wrapper.find('li').text()
    expect(row).toContain('12.4')
    expect(row).toContain('overdue since')
    expect(row).toContain('put off in')
    expect(row).toContain('not confirmed')
  })

  it('have an action ticked, and it is told what was done', async () => {
    const { wrapper, server } = await open('/registers/actions', [
      { entries: [entry()], next: null },
    ])
    await wrapper.find('input[type=checkbox]').trigger('change')
    await flushPromises()
    expect(server.of('POST')[0]).toMatchObject({
      path: '/api/lines/l1/acts',
      body: { kind: 'DONE', due: null, ownerId: null, meetingId: null },
    })
  })

  it('have an action handed over to somebody else', async () => {
    const { wrapper, server } = await open('/registers/actions', [
      { entries: [entry()], next: null },
    ])
    await wrapper.find('[aria-label="Hand over 12.4"]').trigger('click')
    const select = wrapper.find('form select')
    expect(select.text()).not.toContain('Tom Reyes')
    await select.setValue('ana')
    await flushPromises()
    expect(server.of('POST')[0]?.body).toMatchObject({ kind: 'HANDED_OVER', ownerId: 'ana' })
  })

  it('are read on page by page', async () => {
    const { wrapper } = await open('/registers/actions', [
      { entries: [entry()], next: '2026-03-06/12/4' },
      { entries: [entry({ lineId: 'l2', number: 5 })], next: null },
    ])
    expect(wrapper.findAll('li')).toHaveLength(1)
    await wrapper.find('.more').trigger('click')
    await flushPromises()
    expect(wrapper.findAll('li')).toHaveLength(2)
    expect(wrapper.find('.more').exists()).toBe(false)
  })

  it('keep in the address what is shown', async () => {
    const { wrapper, router, server } = await open('/registers/actions', [
      { entries: [], next: null },
    ])
    await wrapper.findAll('.filters .btn')[1]?.trigger('click')
    await flushPromises()
    expect(router.currentRoute.value.query).toHaveProperty('overdue')
    expect(server.of('GET').at(-1)?.path).toContain('/api/registers/ACTION')
    expect(wrapper.text()).toContain('Nothing fits')
    expect(wrapper.find('a[href*="form=csv"]').attributes('href')).toContain('overdue=true')
  })

  it('show a decision that was changed as such, without a box to tick', async () => {
    const changed = entry({ kind: 'DECISION', standing: 'CHANGED', contested: true, due: null })
    const { wrapper } = await open('/registers/decisions?all', [{ entries: [changed], next: null }])
    expect(wrapper.find('li').text()).toContain('changed')
    expect(wrapper.find('li .red').text()).toBe('contested')
    expect(wrapper.find('li input').exists()).toBe(false)
  })
})
