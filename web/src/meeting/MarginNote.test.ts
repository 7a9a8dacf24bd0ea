import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { queryClient } from '../api/queries'
import { testServer } from '../shared/testServer'
import MarginNote from './MarginNote.vue'

let answer: () => { status?: number; body?: unknown } | 'unreachable'

async function open() {
  queryClient.clear()
  const server = testServer({
    'GET /api/meetings/m/margin': () => ({ body: { version: 4, text: 'ask about pay' } }),
    'PUT /api/meetings/m/margin': () => answer(),
  })
  const note = mount(MarginNote, {
    props: { meetingId: 'm' },
    global: { plugins: [[VueQueryPlugin, { queryClient }]] },
  })
  await flushPromises()
  const field = note.find('textarea')
  return { note, field, server }
}

async function pass(ms: number) {
  await vi.advanceTimersByTimeAsync(ms)
  await flushPromises()
}

beforeEach(() => {
  vi.useFakeTimers()
  answer = () => ({ body: { version: 5, text: '' } })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('the private margin', () => {
  it('is saved a moment after the last key, on the version it was read in', async () => {
    const { field, server } = await open()
    await field.setValue('ask about pay and')
    await field.setValue('ask about pay and days')
    await pass(1000)
    expect(server.of('PUT')).toHaveLength(1)
    expect(server.of('PUT')[0]?.headers.get('If-Match')).toBe('"4"')
    expect(server.of('PUT')[0]?.body).toEqual({ text: 'ask about pay and days' })
  })

  it('keeps both where another window wrote meanwhile', async () => {
    const { field, server } = await open()
    answer = () => ({
      status: 412,
      body: { detail: 'changed', current: { version: 9, text: 'from the other window' } },
    })
    await field.setValue('from this one')
    await pass(650)
    answer = () => ({ body: { version: 10, text: '' } })
    await pass(1000)
    expect(field.element.value).toBe('from the other window\n\nfrom this one')
    expect(server.of('PUT').at(-1)?.headers.get('If-Match')).toBe('"9"')
  })

  it('says what is not saved yet, and saves it with the next try', async () => {
    const { note, field } = await open()
    answer = () => 'unreachable'
    await field.setValue('in a tunnel')
    await pass(650)
    expect(note.find('[role=alert]').text()).toContain('Not saved yet')
    answer = () => ({ body: { version: 5, text: '' } })
    await pass(1000)
    expect(note.find('[role=alert]').exists()).toBe(false)
  })

  it('is saved when one leaves at once', async () => {
    const { note, field, server } = await open()
    await field.setValue('quick')
    note.unmount()
    await pass(0)
    expect(server.of('PUT')[0]?.body).toEqual({ text: 'quick' })
  })
})
