import { mount, RouterLinkStub } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Source } from '../api/types'
import SourceCard from './SourceCard.vue'

const READ: Source = {
  id: 's',
  name: 'weekly <b>.vtt',
  size: 4300,
  receivedAt: new Date().toISOString(),
  state: 'READ',
  read: null,
  notes: false,
  format: 'WebVTT',
  passages: 67,
  seconds: 605,
  speakers: ['Mira Voss', 'Tom Reyes'],
  problems: [],
  meetingId: null,
  guesses: [],
}

const card = (change: Partial<Source> = {}) =>
  mount(SourceCard, {
    props: { source: { ...READ, ...change } },
    global: { stubs: { RouterLink: RouterLinkStub } },
  })

describe('a source in the tray', () => {
  it('says what it is', () => {
    const text = card().text()
    expect(text).toContain('weekly <b>.vtt')
    expect(text).toContain('WebVTT · 67 passages · 10 min · 4 kB · Mira Voss and Tom Reyes')
  })

  it('leads on to its meeting, and to its bytes as they came', () => {
    const shown = card()
    expect(shown.findComponent(RouterLinkStub).props('to')).toBe('/tray/s')
    expect(shown.find('a[download]').attributes('href')).toBe('/api/sources/s/original')
  })

  it('offers the meetings that it may be of', () => {
    const shown = card({
      guesses: [{ meetingId: 'm', title: 'Yard talk', date: '2026-03-03', start: '09:30:00' }],
    })
    const link = shown.findComponent(RouterLinkStub)
    expect(link.props('to')).toEqual({ path: '/tray/s', query: { meeting: 'm' } })
    expect(link.text()).toBe('Yard talk, Tue 3 Mar 09:30')
  })

  it('that is broken says where and why, and leads nowhere', () => {
    const shown = card({
      state: 'BROKEN',
      problems: [{ place: 'line 3', message: 'expected two times' }],
    })
    expect(shown.find('.trouble').classes()).toContain('red')
    expect(shown.text()).toContain('line 3: expected two times')
    expect(shown.text()).toContain('The file is kept as it came.')
    expect(shown.findComponent(RouterLinkStub).exists()).toBe(false)
  })

  it('that was read in part lists five places and counts the rest', () => {
    const problems = Array.from({ length: 8 }, (_, i) => ({ place: `line ${i}`, message: 'bad' }))
    const shown = card({ problems })
    expect(shown.text()).toContain('Read, but for 8 places:')
    expect(shown.findAll('.trouble li')).toHaveLength(6)
    expect(shown.text()).toContain('and 3 more')
  })

  it('can be taken out', async () => {
    const shown = card()
    await shown.findAll('button')[0]?.trigger('click')
    expect(shown.emitted('discard')).toHaveLength(1)
  })
})
