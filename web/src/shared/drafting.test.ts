import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Drafting } from '../api/types'
import { drafted } from './drafting'
import { testServer } from './testServer'

const drafting = (more: Partial<Drafting>): Drafting => ({
  id: 'd',
  state: 'READING',
  done: 0,
  all: 0,
  minutesId: null,
  problem: null,
  ...more,
})

afterEach(() => vi.unstubAllGlobals())

describe('a draft in the making', () => {
  it('says how far it is until it is there', async () => {
    const steps = [
      drafting({ done: 340, all: 1200 }),
      drafting({ done: 1200, all: 1200 }),
      drafting({ state: 'DONE', minutesId: 'm' }),
    ]
    testServer({ 'GET /api/draftings/d': () => ({ body: steps.shift() }) })
    const heard: string[] = []

    expect(await drafted(drafting({ state: 'WAITING' }), (s) => heard.push(s))).toBe('m')
    expect(heard).toEqual([
      'Drafting …',
      'Drafting: 340 of 1,200 sentences read',
      'Drafting: putting it together',
    ])
  })

  it('says why it failed', async () => {
    testServer({
      'GET /api/draftings/d': () => ({
        body: drafting({ state: 'FAILED', problem: 'No source.' }),
      }),
    })
    await expect(drafted(drafting({}), () => undefined)).rejects.toThrow('No source.')
  })
})
