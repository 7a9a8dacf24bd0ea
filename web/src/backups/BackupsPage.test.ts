import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import BackupsPage from './BackupsPage.vue'

const backup = (change: object = {}) => ({
  id: 'b1',
  nightly: true,
  due: '2026-03-03T02:30:00Z',
  finishedAt: '2026-03-03T02:31:00Z',
  file: 'ledger-lamp-2026-03-03-023000.zip',
  bytes: 3 << 20,
  encrypted: false,
  tried: true,
  problem: null,
  ...change,
})

async function page(backups: object[], encrypted = false) {
  const server = testServer({
    'GET /api/backups': () => ({
      body: { folder: '/data/backups', at: '02:30:00', keepDays: 14, encrypted, backups },
    }),
    'GET /api/team-archives': () => ({ body: [] }),
    'POST /api/backups': () => ({ status: 202, body: backup({ id: 'b2' }) }),
  })
  const { shown } = await testMount(BackupsPage)
  await flushPromises()
  return { shown, server }
}

describe('backups', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('say where they lie, for how long, and that they can be read by anybody', async () => {
    const { shown } = await page([backup()])

    expect(shown.text()).toContain('every day at 02:30')
    expect(shown.text()).toContain('kept for 14 days')
    expect(shown.text()).toContain('/data/backups')
    expect(shown.text()).toContain('not encrypted')
    expect(shown.get('tbody tr').text()).toContain('3.0 MB')
    expect(shown.get('tbody tr').text()).toContain('read back and whole')
  })

  it('do not warn where all are encrypted', async () => {
    const { shown } = await page([backup({ encrypted: true })], true)

    expect(shown.text()).not.toContain('not encrypted')
    expect(shown.get('tbody tr').text()).toContain('encrypted')
  })

  it('tell why one was not made', async () => {
    const { shown } = await page([backup({ file: null, problem: 'no room on the disk' })])

    expect(shown.get('tbody .red').text()).toContain('no room on the disk')
  })

  it('are made on demand, one after the other', async () => {
    const { shown, server } = await page([backup()])

    await shown.get('button').trigger('click')
    await flushPromises()

    expect(server.sent.some((s) => s.method === 'POST')).toBe(true)
    shown.unmount()
    const { shown: later } = await page([backup({ finishedAt: null, file: null })])
    expect(later.get('button').attributes('disabled')).toBeDefined()
    expect(later.text()).toContain('None has been made yet.')
  })
})
