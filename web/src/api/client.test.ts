import { afterEach, describe, expect, it, vi } from 'vitest'
import { testServer } from '../shared/testServer'
import { answer, api, onSignedOut, onVersion, sendForm } from './client'
import { Problem } from './problem'
import { facts } from '../spread/testLines'

afterEach(() => {
  vi.unstubAllGlobals()
  document.cookie = 'XSRF-TOKEN=; expires=Thu, 01 Jan 1970 00:00:00 GMT'
})

describe('asking the server', () => {
  it('gives what it answered', async () => {
    testServer({ 'GET /api/tray': () => ({ body: [{ name: 'weekly.vtt' }] }) })
    expect(await answer(api.GET('/api/tray'))).toEqual([{ name: 'weekly.vtt' }])
  })

  it('throws what it refused, in its words', async () => {
    testServer({
      'GET /api/tray': () => ({
        status: 409,
        body: { title: 'Not possible now', detail: 'Filed.' },
      }),
    })
    await expect(answer(api.GET('/api/tray'))).rejects.toMatchObject({
      status: 409,
      detail: 'Filed.',
    })
  })

  it('says so where it is not reached', async () => {
    testServer({ 'GET /api/tray': () => 'unreachable' })
    const failed = await answer(api.GET('/api/tray')).catch((thrown: unknown) => thrown)
    expect(failed).toBeInstanceOf(Problem)
    expect((failed as Problem).isUnreachable).toBe(true)
  })

  it('carries the session’s token with every change, and the version it was made on', async () => {
    document.cookie = 'XSRF-TOKEN=a%2Fb'
    const server = testServer({
      'GET /api/tray': () => ({ body: [] }),
      'PUT /api/lines/7': () => ({ body: {} }),
      'POST /api/tray': () => ({ body: [] }),
    })
    await answer(api.GET('/api/tray'))
    await answer(
      api.PUT('/api/lines/{id}', {
        params: { path: { id: '7' }, header: onVersion(3) },
        body: facts({ text: 'x' }),
      }),
    )
    await sendForm('/api/tray', new FormData())
    expect(server.sent.map((s) => s.headers.get('X-XSRF-TOKEN'))).toEqual([null, 'a/b', 'a/b'])
    expect(server.of('PUT')[0]?.headers.get('If-Match')).toBe('"3"')
  })

  it('tells when a session has ended, but not when a sign-in is refused', async () => {
    const told = vi.fn()
    onSignedOut(told)
    testServer({
      'GET /api/tray': () => ({ status: 401, body: { detail: 'Sign in first.' } }),
      'POST /api/session': () => ({ status: 401, body: { detail: 'No.' } }),
    })
    await sendForm('/api/session', new URLSearchParams()).catch(() => undefined)
    expect(told).not.toHaveBeenCalled()
    await answer(api.GET('/api/tray')).catch(() => undefined)
    expect(told).toHaveBeenCalledTimes(1)
  })
})
