import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { queryClient } from '../api/queries'
import LampField from '../frame/LampField.vue'
import { testServer } from '../shared/testServer'
import { testHit } from './testHit'
import { fromTheFirst } from './useGlimpse'

const hit = (line: number, text: string) =>
  testHit({
    line,
    text: [
      { text: 'The ', lit: false },
      { text, lit: true },
    ],
  })

async function field() {
  queryClient.clear()
  const server = testServer({
    'GET /api/lamp': () => ({
      body: { folios: [{ folio: 7, title: 'Weekly', hits: [hit(2, 'charger'), hit(3, 'mast')] }] },
    }),
  })
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:rest(.*)*', component: { template: '<i />' } }],
  })
  await router.push('/ledger')
  const box = mount(LampField, {
    global: { plugins: [router, [VueQueryPlugin, { queryClient }]] },
  })
  const input = box.find('input')
  const type = async (words: string) => {
    await input.trigger('focus')
    await input.setValue(words)
    await vi.advanceTimersByTimeAsync(200)
    await flushPromises()
  }
  return { box, input, type, router, server }
}

describe('the lamp field away from its page', () => {
  beforeEach(() => vi.useFakeTimers())
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('shows the first places while one types, and Enter looks for all of them', async () => {
    const { box, type, router } = await field()
    await type('charger')
    expect(box.findAll('[role=option]').map((o) => o.find('.small').text())).toEqual(['7.2', '7.3'])
    expect(box.find('input').attributes('aria-expanded')).toBe('true')

    await box.find('form').trigger('submit')
    await flushPromises()
    expect(router.currentRoute.value.fullPath).toBe('/lamp?q=charger')
  })

  it('is gone through by key, and leads to the place', async () => {
    const { box, input, type, router } = await field()
    await type('charger')
    await input.trigger('keydown', { key: 'ArrowDown' })
    await input.trigger('keydown', { key: 'ArrowDown' })
    expect(input.attributes('aria-activedescendant')).toBe('glimpse-1')

    await box.find('form').trigger('submit')
    await flushPromises()
    expect(router.currentRoute.value.fullPath).toBe('/folio/7#7.3')
  })

  it('closes by Escape and stays silent for questions', async () => {
    const { box, input, type, server } = await field()
    await type('charger')
    await input.trigger('keydown', { key: 'Escape' })
    expect(box.find('[role=listbox]').exists()).toBe(false)

    const asked = server.of('GET').length
    await type('what about the charger?')
    expect(box.find('[role=listbox]').exists()).toBe(false)
    expect(server.of('GET')).toHaveLength(asked)
  })

  it('begins shortly before the word that was found', () => {
    const long = 'We went through the whole list of things that the yard wants before the '
    expect(
      fromTheFirst([
        { text: long, lit: false },
        { text: 'charger', lit: true },
      ]).map((p) => p.text),
    ).toEqual(['… that the yard wants before the ', 'charger'])
    const short = [{ text: 'The charger', lit: true }]
    expect(fromTheFirst(short)).toEqual(short)
  })
})
