import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { queryClient } from '../api/queries'
import type { Token } from '../api/types'
import { testServer } from '../shared/testServer'
import TokensPage from './TokensPage.vue'
import { usesInWords } from './uses'

const token: Token = {
  id: 't',
  name: 'Nightly hand-in',
  uses: ['BRING', 'DRAFT'],
  madeAt: '2026-09-01T06:00:00Z',
  lastDay: null,
  usedAt: null,
}

async function open(tokens: Token[]) {
  queryClient.clear()
  const server = testServer({
    'GET /api/tokens': () => ({ body: tokens }),
    'POST /api/tokens': () => {
      tokens.unshift({ ...token, id: 'n', name: 'Asking' })
      return { status: 201, body: { token: tokens[0], words: 'lamp_abc' } }
    },
    'DELETE /api/tokens/t': () => ({ status: 204 }),
  })
  const page = mount(TokensPage, {
    global: { plugins: [[VueQueryPlugin, { queryClient }]], stubs: { DayField: true } },
  })
  await flushPromises()
  return { page, server }
}

describe('the page of access tokens', () => {
  afterEach(() => vi.unstubAllGlobals())

  it('says what each is good for and whether it was ever used', async () => {
    const { page } = await open([token])

    expect(page.find('li').text()).toContain('hands in and drafts')
    expect(page.find('li').text()).toContain('never used')
  })

  it('shows the words of a new one, beside it', async () => {
    const { page, server } = await open([{ ...token }])

    await page.find('form input').setValue('Asking')
    await page.find('form').trigger('submit')
    await flushPromises()

    expect(server.of('POST')[0]?.body).toMatchObject({ name: 'Asking', uses: ['LOOK'] })
    expect(page.find('li [role=alert] code').text()).toBe('lamp_abc')
    expect(page.findAll('[role=alert]')).toHaveLength(1)
  })

  it('makes none that is good for nothing', async () => {
    const { page } = await open([])

    await page.findAll('input[type=checkbox]')[0]?.setValue(false)

    expect(page.find<HTMLButtonElement>('form .go').element.disabled).toBe(true)
  })

  it('tells uses in the order of the choices', () => {
    expect(usesInWords(['FILE', 'LOOK'])).toBe('looks and files')
    expect(usesInWords(['DRAFT'])).toBe('drafts')
  })
})
