import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import FolioDeletion from './FolioDeletion.vue'

async function opened(answer: object = { status: 204, body: undefined }) {
  const server = testServer({
    'GET /api/folios/14/erasing': () => ({
      body: { lines: 9, sources: 1, attachments: 0, letters: 2, excerpts: 0, keptAnswers: 1 },
    }),
    'POST /api/folios/14/erasing': () => answer,
  })
  const { shown } = await testMount(FolioDeletion, { folio: 14 })
  await shown.get('button').trigger('click')
  await flushPromises()
  return { shown, server }
}

describe('deleting a folio for good', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('says first what goes with it, and only that', async () => {
    const { shown, server } = await opened()

    const goes = shown.findAll('li').map((l) => l.text())
    expect(goes).toContain('9 lines')
    expect(goes).toContain('2 letters in the post room')
    expect(goes.join()).not.toContain('excerpt')
    expect(server.sent.every((s) => s.method === 'GET')).toBe(true)
  })

  it('wants a reason', async () => {
    const { shown, server } = await opened()
    const button = () => shown.findAll('button').at(-1)!
    expect(button().attributes('disabled')).toBeDefined()

    await shown.get('input').setValue('Asked for by the owner')
    expect(button().attributes('disabled')).toBeUndefined()
    await shown.get('form').trigger('submit')
    await flushPromises()

    expect(server.sent.at(-1)?.body).toEqual({ reason: 'Asked for by the owner' })
  })

  it('is left with Escape, nothing done', async () => {
    const { shown, server } = await opened()

    await shown.get('form').trigger('keydown', { key: 'Escape' })

    expect(shown.find('form').exists()).toBe(false)
    expect(server.sent.some((s) => s.method === 'POST')).toBe(false)
  })

  it('says why it was refused', async () => {
    const { shown } = await opened({
      status: 403,
      body: { detail: 'An administrator may do that.' },
    })

    await shown.get('input').setValue('because')
    await shown.get('form').trigger('submit')
    await flushPromises()

    expect(shown.get('[role=alert]').text()).toContain('An administrator may do that.')
  })
})
