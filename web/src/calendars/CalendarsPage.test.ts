import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { queryClient } from '../api/queries'
import type { Connection } from '../api/types'
import { testServer } from '../shared/testServer'
import CalendarsPage from './CalendarsPage.vue'

function connection(change: Partial<Connection> = {}): Connection {
  return {
    id: 'c1',
    kind: 'CALDAV',
    name: 'Ferries',
    address: 'http://calendar.skerry.example/',
    username: 'mira',
    asking: false,
    triedAt: null,
    reachedAt: null,
    problem: null,
    ...change,
  }
}

async function open(connections: Connection[], kept: { status?: number; body: unknown }) {
  queryClient.clear()
  const server = testServer({
    'GET /api/connections': () => ({ body: connections }),
    'POST /api/connections': () => kept,
    'POST /api/connections/offered': () => ({
      body: [
        { name: 'Ferries', address: 'http://calendar.skerry.example/ferries/' },
        { name: 'Yard', address: 'http://calendar.skerry.example/yard/' },
      ],
    }),
    'POST /api/connections/c1/ask': () => ({ body: connection({ asking: true }) }),
  })
  const page = mount(CalendarsPage, {
    global: { plugins: [[VueQueryPlugin, { queryClient }]] },
  })
  await flushPromises()
  return { page, server }
}

afterEach(() => vi.unstubAllGlobals())

const KEPT = { body: connection() }

describe('the calendars', () => {
  it('say what they are good for while there is none', async () => {
    const { page } = await open([], KEPT)
    expect(page.text()).toContain('No calendar is connected')
  })

  it('say since when they are out of reach, and that what was known stays', async () => {
    const { page } = await open([connection({ problem: 'The server cannot be reached.' })], KEPT)
    expect(page.find('[role=alert]').text()).toContain('What it said last stays.')
    expect(page.text()).toContain('not reached yet')
  })

  it('are asked on demand', async () => {
    const { page, server } = await open([connection()], KEPT)
    await page.find('li .btn').trigger('click')
    await flushPromises()
    expect(server.of('POST')[0]?.path).toBe('/api/connections/c1/ask')
  })

  it('are chosen from what a server offers, and connected', async () => {
    const { page, server } = await open([], KEPT)
    await page.find('.btn.go').trigger('click')
    await page.find('input[placeholder]').setValue('http://calendar.skerry.example/')
    await page.find('form .btn').trigger('click')
    await flushPromises()
    await page.find('select').setValue('Yard')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(server.of('POST').at(-1)?.body).toMatchObject({
      name: 'Yard',
      address: 'http://calendar.skerry.example/yard/',
    })
    expect(page.find('form').exists()).toBe(false)
  })

  it('that cannot be connected leave the form as it was filled in', async () => {
    const { page } = await open([], { status: 400, body: { detail: '“x” is no address.' } })
    await page.find('.btn.go').trigger('click')
    await page.find('input[placeholder]').setValue('x')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.find('form [role=alert]').text()).toBe('“x” is no address.')
    expect(page.find<HTMLInputElement>('input[placeholder]').element.value).toBe('x')
  })
})
