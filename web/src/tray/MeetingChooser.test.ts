import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { queryClient } from '../api/queries'
import type { Meeting } from '../api/types'
import { testServer } from '../shared/testServer'
import MeetingChooser from './MeetingChooser.vue'

const meeting = (id: string, change: Partial<Meeting> = {}) =>
  ({
    id,
    title: `Meeting ${id}`,
    date: '2026-03-03',
    start: '09:30:00',
    hasMinutes: false,
    hasFolio: false,
    ...change,
  }) as Meeting

async function chooser(
  meetings: Meeting[],
  suggestedId: string | null = null,
  chosen: Meeting | 'new' | null = null,
) {
  queryClient.clear()
  const server = testServer({ 'GET /api/meetings': () => ({ body: meetings }) })
  const shown = mount(MeetingChooser, {
    props: { date: '2026-03-03', suggestedId, chosen },
    global: { plugins: [[VueQueryPlugin, { queryClient }]] },
  })
  await flushPromises()
  return { shown, server }
}

afterEach(() => vi.unstubAllGlobals())

describe('which meeting a source belongs to', () => {
  it('is offered from three days before to three days after', async () => {
    const { shown, server } = await chooser([meeting('a')])
    expect(server.sent[0]?.query.get('from')).toBe('2026-02-28')
    expect(server.sent[0]?.query.get('to')).toBe('2026-03-06')
    expect(shown.text()).toContain('Meeting a')
    expect(shown.text()).toContain('Tue 3 Mar, 09:30')
  })

  it('is chosen for one where it is likely, unless one has chosen already', async () => {
    const likely = meeting('b')
    expect((await chooser([meeting('a'), likely], 'b')).shown.emitted('choose')).toEqual([[likely]])
    expect(
      (await chooser([meeting('a'), likely], 'b', 'new')).shown.emitted('choose'),
    ).toBeUndefined()
  })

  it('is none whose minutes were begun', async () => {
    const { shown } = await chooser([meeting('a', { hasFolio: true })], 'a')
    expect(shown.find('fieldset').exists()).toBe(false)
    expect(shown.emitted('choose')).toBeUndefined()
  })

  it('can be a new one', async () => {
    const { shown } = await chooser([meeting('a')], null, meeting('a'))
    await shown.findAll('input')[0]?.trigger('change')
    expect(shown.emitted('choose')).toEqual([['new']])
  })
})
