import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { KeptQuestion } from '../api/types'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import KeepAnswer from './KeepAnswer.vue'
import KeptQuestions from './KeptQuestions.vue'

const asked = { question: 'What does Tom owe us?', reading: null, before: null, where: null }

const kept = (change: Partial<KeptQuestion> = {}): KeptQuestion => ({
  id: 'k1',
  version: 0,
  asked,
  answered: true,
  askedOn: '2026-03-03',
  keptBy: 'Mira Voss',
  keptAt: '2026-03-03T09:00:00Z',
  ...change,
})

describe('the kept questions', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('are not spoken of while there is none', async () => {
    testServer({ 'GET /api/kept': () => ({ body: [] }) })
    const { shown } = await testMount(KeptQuestions)

    expect(shown.text()).toBe('')
  })

  it('say of what they were asked, what came of it, when and for whom', async () => {
    const where = {
      folio: null,
      draft: null,
      series: 'Safety review',
      collection: null,
      notes: null,
    }
    testServer({
      'GET /api/kept': () => ({
        body: [kept(), kept({ id: 'k2', asked: { ...asked, where }, answered: false })],
      }),
    })
    const { shown } = await testMount(KeptQuestions)

    const [first, second] = shown.findAll('li')
    expect(first!.get('a').attributes('href')).toBe('/lamp?kept=k1')
    expect(first!.text()).toMatch(/answered on\s+Tue 3 Mar 2026 · kept by Mira Voss/)
    expect(second!.text()).toMatch(
      /of Safety review ·\s+the ledger did not say on\s+Tue 3 Mar 2026/,
    )
  })

  it('are let go of one by one', async () => {
    let all = [kept(), kept({ id: 'k2', asked: { ...asked, question: 'Who is “Nan”?' } })]
    const server = testServer({
      'GET /api/kept': () => ({ body: all }),
      'DELETE /api/kept/k2': () => {
        all = [kept()]
        return {}
      },
    })
    const { shown } = await testMount(KeptQuestions)

    await shown.get('[aria-label="Let go of “Who is “Nan”?”"]').trigger('click')
    await flushPromises()
    expect(server.of('DELETE').map((s) => s.path)).toEqual(['/api/kept/k2'])
    expect(shown.findAll('li')).toHaveLength(1)
  })

  it('that cannot be fetched say why, and are asked for again on demand', async () => {
    let reachable = false
    testServer({
      'GET /api/kept': () =>
        reachable
          ? { body: [kept()] }
          : { status: 403, body: { detail: 'You are not of the team.' } },
    })
    const { shown } = await testMount(KeptQuestions)

    expect(shown.get('[role=alert]').text()).toContain('You are not of the team.')
    reachable = true
    await shown.get('[role=alert] button').trigger('click')
    await flushPromises()
    expect(shown.findAll('li')).toHaveLength(1)
  })

  it('are kept with what was asked, reading and scope included', async () => {
    const server = testServer({
      'GET /api/kept': () => ({ body: [] }),
      'POST /api/kept': () => ({ status: 201, body: kept() }),
    })
    const { shown } = await testMount(KeepAnswer, { asked })

    await shown.get('button').trigger('click')
    await flushPromises()
    expect(server.of('POST')[0]?.body).toEqual(asked)
  })
})
