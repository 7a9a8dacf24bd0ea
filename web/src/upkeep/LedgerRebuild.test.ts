import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import LedgerRebuild from './LedgerRebuild.vue'

async function section(rebuild: object | null) {
  const state = { rebuild }
  const server = testServer({
    'GET /api/ledger-rebuild': () => ({ body: state }),
    'POST /api/ledger-rebuild': () => {
      state.rebuild = { done: 0, folios: 20, begunAt: '2026-03-03T09:00:00Z', endedAt: null }
      return { status: 202, body: state.rebuild }
    },
  })
  const { shown } = await testMount(LedgerRebuild)
  await flushPromises()
  return { shown, server }
}

describe('making the ledger list and the registers anew', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('begins on demand and tells how far it is', async () => {
    const { shown, server } = await section(null)
    expect(shown.find('[role=status]').exists()).toBe(false)

    await shown.get('button').trigger('click')
    await flushPromises()

    expect(server.of('POST')).toHaveLength(1)
    expect(shown.get('[role=status]').text()).toMatch(/0 of\s+20 folios done/)
    expect(shown.get('button').attributes('disabled')).toBeDefined()
  })

  it('tells when it was done the last time', async () => {
    const { shown } = await section({
      done: 1,
      folios: 1,
      begunAt: '2026-03-03T09:00:00Z',
      endedAt: '2026-03-03T09:00:10Z',
    })

    expect(shown.get('[role=status]').text()).toMatch(/Rebuilt .+: 1 folio\./)
    expect(shown.find('progress').exists()).toBe(false)
  })
})
