import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, type MockInstance, vi } from 'vitest'
import type { Router } from 'vue-router'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import AgendaLetterPage from './AgendaLetterPage.vue'

let push: MockInstance<Router['push']>

const TOM = { name: 'Tom Reyes', address: 'tom@skerry.example' }
const ELIN = { name: 'Elin Strand', address: 'elin@county.example' }

async function open(refusing = false) {
  const server = testServer({
    'GET /api/meetings/m/agenda-letter': () => ({
      body: {
        to: [TOM, ELIN],
        without: ['Joss Lindqvist'],
        domains: ['skerry.example', 'county.example'],
      },
    }),
    'POST /api/meetings/m/agenda-letter/words': (sent) => ({
      body: {
        subject: 'Agenda: Weekly',
        text: `${(sent.body as { message: string }).message}\n1. Holm`,
      },
    }),
    'POST /api/meetings/m/agenda-letter': () =>
      refusing ? { status: 400, body: { detail: 'Nobody is left.' } } : {},
  })
  const { shown: page, router } = await testMount(
    AgendaLetterPage,
    {},
    '/meeting/m/agenda',
    '/meeting/:id/agenda',
  )
  push = vi.spyOn(router, 'push')
  const sent = () => server.sent.filter((s) => s.path === '/api/meetings/m/agenda-letter' && s.body)
  return { page, sent }
}

beforeEach(() => {
  vi.useFakeTimers()
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('circulating an agenda', () => {
  it('goes to everybody invited but for those who are left out, and to those who are typed', async () => {
    const { page, sent } = await open()
    expect(page.text()).toContain('Invited, with no known address: Joss Lindqvist.')
    await page.findAll('input[type=checkbox]')[0]!.setValue(false)
    await page.findAll('textarea')[0]!.setValue('Nils Farrow <nils@brae-yard.example>')
    expect(page.find('button.go').text()).toBe('Circulate to 2')
    expect(page.find('button.go').attributes('disabled')).toBeDefined()
    expect(page.text()).toContain('to Nils Farrow (nils@brae-yard.example)')
    await page.find('.outside input').setValue(true)
    await page.find('form').trigger('submit')
    await flushPromises()

    expect(sent()[0]?.body).toEqual({
      message: '',
      withMatters: true,
      to: [ELIN, { name: 'Nils Farrow', address: 'nils@brae-yard.example' }],
      outside: true,
    })
    expect(push).toHaveBeenCalledWith('/meeting/m')
  })

  it('shows the words as they will go out, a moment after they are typed', async () => {
    const { page } = await open()
    await page.findAll('textarea')[1]!.setValue('Bring boots.')
    await vi.advanceTimersByTimeAsync(300)
    await flushPromises()

    expect(page.find('.words').text()).toBe('Bring boots.\n1. Holm')
  })

  it('waits while a typed line names no address', async () => {
    const { page } = await open()
    await page.findAll('textarea')[0]!.setValue('Nils Farrow')

    expect(page.find('[role=alert]').text()).toBe('No address in: Nils Farrow.')
    expect(page.find('button.go').attributes('disabled')).toBeDefined()
  })

  it('says why it was refused, and keeps what was typed', async () => {
    const { page } = await open(true)
    await page.findAll('textarea')[1]!.setValue('Bring boots.')
    await page.find('form').trigger('submit')
    await flushPromises()

    expect(page.text()).toContain('Nobody is left.')
    expect(page.findAll('textarea')[1]!.element.value).toBe('Bring boots.')
    expect(push).not.toHaveBeenCalled()
  })
})
