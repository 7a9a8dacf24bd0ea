import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import AuditPage from './AuditPage.vue'

const entry = (n: number, change: object = {}) => ({
  id: `e${n}`,
  at: `2026-03-03T10:00:${String(n % 60).padStart(2, '0')}Z`,
  who: 'Mira Voss',
  kind: 'NETWORK_ALLOWED',
  about: `10.${n}.0.0/16`,
  network: '127.0.0.1',
  ...change,
})

async function audit(entries: ReturnType<typeof entry>[]) {
  const server = testServer({
    'GET /api/audit': (sent) => ({ body: sent.query.has('before') ? [entry(7)] : entries }),
  })
  const { shown } = await testMount(AuditPage)
  await flushPromises()
  return { shown, server }
}

describe('the audit trail', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('tells in plain words who did what, and from where', async () => {
    const { shown } = await audit([entry(1), entry(2, { kind: 'SIGNED_IN', about: '' })])

    const rows = shown.findAll('tbody tr').map((r) => r.text())
    expect(rows[0]).toContain('network allowed: 10.1.0.0/16')
    expect(rows[1]).toContain('signed in')
    expect(rows[1]).not.toContain(':  ')
    expect(shown.find('button').exists()).toBe(false)
  })

  it('goes on with earlier entries where a page is full', async () => {
    const { shown, server } = await audit(Array.from({ length: 200 }, (_, n) => entry(n)))

    await shown.get('button').trigger('click')
    await flushPromises()

    expect(server.sent.at(-1)?.query.get('before')).toBe('2026-03-03T10:00:19Z')
    expect(shown.findAll('tbody tr')).toHaveLength(201)
  })

  it('asks for one kind alone, and says where there is none of it', async () => {
    const { shown, server } = await audit([])

    expect(shown.text()).toContain('Nothing has happened yet.')
    await shown.get('select').setValue('EXPORTED')
    await flushPromises()
    expect(server.sent.at(-1)?.query.get('kind')).toBe('EXPORTED')
    expect(shown.text()).toContain('Nothing of this kind has happened.')
  })
})
