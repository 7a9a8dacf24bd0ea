import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import TeamArchives from './TeamArchives.vue'

const archive = (change: object = {}) => ({
  id: 'a1',
  orderedBy: 'Mira Voss',
  orderedAt: '2026-03-03T09:00:00Z',
  finishedAt: '2026-03-03T09:01:00Z',
  deletedAt: '2026-03-06T09:01:00Z',
  file: '2026-03-03-090000-a1.team.zip.gpg',
  bytes: 5 << 20,
  problem: null,
  ...change,
})

async function section(archives: object[], answer: object = { status: 202, body: archive() }) {
  const server = testServer({
    'GET /api/team-archives': () => ({ body: archives }),
    'POST /api/team-archives': () => answer,
    'DELETE /api/team-archives/a1': () => ({ status: 204 }),
  })
  const { shown } = await testMount(TeamArchives)
  await flushPromises()
  return { shown, server }
}

describe("a team's archives", () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('are made with a passphrase of some length, which is sent and forgotten', async () => {
    const { shown, server } = await section([])
    await shown.get('button').trigger('click')
    expect(document.activeElement).toBe(shown.get('input').element)
    const go = () => shown.get('button.go').attributes('disabled')

    await shown.get('input').setValue('too short')
    expect(go()).toBeDefined()
    await shown.get('input').setValue('lantern over the slipway')
    expect(go()).toBeUndefined()
    await shown.get('form').trigger('submit')
    await flushPromises()

    expect(server.of('POST').map((s) => s.body)).toEqual([
      { passphrase: 'lantern over the slipway' },
    ])
    expect(shown.find('input').exists()).toBe(false)
    expect(document.activeElement).toBe(shown.get('button').element)
  })

  it('are downloaded and deleted', async () => {
    const { shown, server } = await section([archive()])

    expect(shown.get('tbody tr').text()).toContain('5.0 MB')
    expect(shown.get('a').attributes('href')).toBe('/api/team-archives/a1/file')
    await shown.get('tbody button').trigger('click')
    await flushPromises()
    expect(server.of('DELETE').map((s) => s.path)).toEqual(['/api/team-archives/a1'])
  })

  it('say while one is made, and let nobody order another', async () => {
    const { shown } = await section([archive({ finishedAt: null, deletedAt: null, file: null })])

    expect(shown.get('tbody tr').text()).toContain('being made')
    expect(shown.find('a').exists()).toBe(false)
    expect(shown.get('button').attributes('disabled')).toBeDefined()
  })

  it('tell why one was not made, or not ordered', async () => {
    const { shown } = await section([archive({ file: null, problem: 'no room' })], {
      status: 409,
      body: { detail: 'An archive is being made already.' },
    })
    expect(shown.get('tbody .red').text()).toContain('no room')

    await shown.get('button').trigger('click')
    await shown.get('input').setValue('lantern over the slipway')
    await shown.get('form').trigger('submit')
    await flushPromises()
    expect(shown.get('[role=alert]').text()).toContain('being made already')
  })
})
