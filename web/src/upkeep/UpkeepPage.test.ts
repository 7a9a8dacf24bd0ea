import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import UpkeepPage from './UpkeepPage.vue'

const rebuild = (written: number, waiting: number, endedAt: string | null) => ({
  startedAt: '2026-09-01T06:00:00Z',
  endedAt,
  total: 12_000,
  written,
  waiting,
})

async function upkeep(state: { rebuild: ReturnType<typeof rebuild> | null }, refused?: string) {
  const server = testServer({
    'GET /api/search-index': () => ({ body: state }),
    'GET /api/ledger-rebuild': () => ({ body: { rebuild: null } }),
    'POST /api/search-index/rebuild': () => {
      if (refused) return { status: 409, body: { detail: refused } }
      state.rebuild = rebuild(0, 0, null)
      return { status: 202, body: state }
    },
  })
  const { shown } = await testMount(UpkeepPage)
  return { shown, server, begin: shown.get<HTMLButtonElement>('.btn.go') }
}

describe('the upkeep of the search index', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('says that it was never rebuilt, and begins to on demand', async () => {
    const { shown, server, begin } = await upkeep({ rebuild: null })

    expect(shown.text()).toContain('It was never rebuilt.')
    await begin.trigger('click')
    await flushPromises()
    expect(server.of('POST')).toHaveLength(1)
    expect(shown.get('[role=status]').text()).toContain('0 of')
  })

  it('counts what is written, not what still waits to be, and cannot be begun twice', async () => {
    const { shown, begin } = await upkeep({ rebuild: rebuild(9_000, 1_500, null) })

    expect(shown.get('[role=status]').text()).toMatch(/7,500 of\s+12,000 places/)
    expect(shown.get('progress').element.value).toBe(7_500)
    expect(begin.element.disabled).toBe(true)
  })

  it('is at an end only when nothing waits any more', async () => {
    const ended = '2026-09-01T06:05:00Z'
    const waiting = await upkeep({ rebuild: rebuild(12_000, 10, ended) })
    expect(waiting.shown.get('[role=status]').text()).toContain('Writing')
    const done = await upkeep({ rebuild: rebuild(12_000, 0, ended) })
    expect(done.shown.get('[role=status]').text()).toContain('12,000 places.')
    expect(done.begin.element.disabled).toBe(false)
  })

  it('says why it could not be begun', async () => {
    const { shown, begin } = await upkeep({ rebuild: null }, 'It is being rebuilt already.')

    await begin.trigger('click')
    await flushPromises()
    expect(shown.get('[role=alert]').text()).toBe('It is being rebuilt already.')
  })
})
