import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { AskedAgain } from '../api/types'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import KeptAgain from './KeptAgain.vue'
import { testReading } from './testReading'

const asked = { question: 'What does Tom owe us?', reading: null, before: null, where: null }

const again = (change: Partial<AskedAgain>): AskedAgain => ({
  kept: {
    id: 'k',
    version: 3,
    asked,
    answered: true,
    askedOn: '2026-03-03',
    keptBy: 'Mira Voss',
    keptAt: '2026-03-03T09:00:00Z',
  },
  answer: {
    question: asked.question,
    reading: testReading({ aim: 'ACTION', form: 'LIST', people: ['Tom Reyes'], onlyOpen: true }),
    answered: true,
    statements: [
      { day: null, lead: 'due 9 March', text: 'Order the roller.', said: false, citations: [] },
    ],
    notSaid: null,
  },
  novelties: [{ news: 'SAME', was: null }],
  gone: [],
  ...change,
})

async function open(now: AskedAgain) {
  const server = testServer({
    'GET /api/kept/k': () => ({ body: now }),
    'PUT /api/kept/k': () => ({ body: now.kept }),
  })
  const { shown: page } = await testMount(KeptAgain, { id: 'k' })
  return { page, server }
}

describe('a kept question asked again', () => {
  afterEach(() => vi.unstubAllGlobals())

  it('says that nothing changed, and offers nothing to keep instead', async () => {
    const { page } = await open(again({}))

    expect(page.find('[role=status]').text()).toContain('nothing changed')
    expect(page.text()).not.toContain('Keep this answer instead')
  })

  it('tells what is said no longer, and keeps what is so now on the version that was read', async () => {
    const gone = {
      day: null,
      lead: 'open',
      text: 'Paint the bollards.',
      said: false,
      citations: [],
    }
    const { page, server } = await open(again({ gone: [gone] }))

    expect(page.find('[role=status]').text()).toContain('1 said no longer')
    expect(page.find('[aria-label="Said no longer"]').text()).toContain('Paint the bollards.')
    await page
      .findAll('button')
      .find((b) => b.text() === 'Keep this answer instead')
      ?.trigger('click')
    await flushPromises()
    expect(server.of('PUT')[0]?.headers.get('If-Match')).toBe('"3"')
  })

  it('counts what is new and says where the ledger answers now', async () => {
    const now = again({ novelties: [{ news: 'NEW', was: null }] })
    const { page } = await open({ ...now, kept: { ...now.kept, answered: false } })

    expect(page.find('[role=status]').text()).toContain(
      'the ledger says it now, 1 statement of 1 new or changed',
    )
  })
})
