import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Findings } from '../api/types'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import LampPage from './LampPage.vue'
import { testHit } from './testHit'

const found = (total: number): Findings => ({
  query: 'charger',
  words: 'charger',
  narrowings: [],
  total,
  reach: 'ALL',
  facets: [],
  folios: total
    ? [
        {
          folio: 22,
          title: 'Steering group',
          date: '2026-11-02',
          series: null,
          more: 0,
          hits: [testHit({})],
        },
      ]
    : [],
})

async function search(total: number, at = '/lamp?q=charger') {
  const server = testServer({
    'GET /api/lamp': () => ({ body: found(total) }),
    'GET /api/kept': () => ({ body: [] }),
  })
  const { shown: page } = await testMount(LampPage, {}, at)
  return { page, server }
}

describe('a search for words', () => {
  afterEach(() => vi.unstubAllGlobals())

  it('that found all there is says so, and neither offers more nor says that nothing was found', async () => {
    const { page } = await search(1)

    expect(page.text()).toContain('Buy the second charger.')
    expect(page.text()).not.toContain('The ledger does not say')
    expect(page.text()).not.toContain('Show more places')
  })

  it('that found more than it shows offers the others', async () => {
    const { page, server } = await search(41)

    expect(page.text()).not.toContain('The ledger does not say')
    await page.get('.more button').trigger('click')
    await flushPromises()
    expect(server.sent.map((s) => s.query.get('most'))).toEqual(['40', '200'])
    expect(page.text()).not.toContain('Show more places')
  })

  it('that found nothing says so', async () => {
    const { page } = await search(0)

    expect(page.text()).toContain('The ledger does not say')
    expect(page.text()).not.toContain('Show more places')
  })

  it('offers questions to begin with while nothing is asked', async () => {
    const { page, server } = await search(0, '/lamp')

    const questions = page.findAll('[aria-label="Questions to begin with"] a')
    expect(questions.map((q) => q.text())).toContain('What is overdue?')
    expect(questions[0]?.attributes('href')).toBe('/lamp?q=What+is+overdue?')
    expect(server.sent.map((s) => s.path)).toEqual(['/api/kept'])
  })
})
