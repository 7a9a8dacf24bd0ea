import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { testServer } from '../shared/testServer'
import { useSession } from './session'

const MIRA = { name: 'Mira Voss', email: 'mira@skerry.example', team: 'Skerry' }

beforeEach(() => useSession().forget())
afterEach(() => vi.unstubAllGlobals())

describe('the session', () => {
  it('is asked for once, however often it is looked at', async () => {
    const server = testServer({
      'GET /api/session': () => ({ body: { member: MIRA, setupNeeded: false } }),
    })
    const session = useSession()
    await session.load()
    await session.load()
    expect(session.member.value).toEqual(MIRA)
    expect(server.sent).toHaveLength(1)
  })

  it('begins with address and password, sent as a form', async () => {
    const server = testServer({
      'POST /api/session': () => ({}),
      'GET /api/session': () => ({ body: { member: MIRA, setupNeeded: false } }),
    })
    await useSession().signIn('mira@skerry.example', 'lamp & quay')
    expect(server.of('POST')[0]?.body).toBe('email=mira%40skerry.example&password=lamp+%26+quay')
    expect(useSession().member.value?.name).toBe('Mira Voss')
  })

  it('does not begin where the password is wrong', async () => {
    testServer({
      'POST /api/session': () => ({
        status: 401,
        body: { detail: 'They do not belong together.' },
      }),
    })
    await expect(useSession().signIn('a', 'b')).rejects.toThrow('They do not belong together.')
    expect(useSession().member.value).toBeNull()
  })

  it('of the very first visit creates the member, then signs in', async () => {
    const server = testServer({
      'POST /api/setup': () => ({}),
      'POST /api/session': () => ({}),
      'GET /api/session': () => ({ body: { member: MIRA, setupNeeded: false } }),
    })
    await useSession().setUp({
      code: 'ABCD-EFGH-JKLM',
      team: 'Skerry',
      name: 'Mira Voss',
      email: 'm@x',
      password: 'long enough',
    })
    expect(server.sent.map((s) => s.path)).toEqual(['/api/setup', '/api/session', '/api/session'])
  })

  it('is forgotten when it ends', async () => {
    testServer({
      'GET /api/session': () => ({ body: { member: MIRA, setupNeeded: false } }),
      'POST /api/session/end': () => ({}),
    })
    await useSession().load()
    await useSession().signOut()
    expect(useSession().member.value).toBeNull()
  })
})
