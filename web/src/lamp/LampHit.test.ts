import { mount, RouterLinkStub } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Hit } from '../api/types'
import LampHit from './LampHit.vue'
import { testHit } from './testHit'

const hit = (change: Partial<Hit>) =>
  testHit({
    line: null,
    kind: null,
    text: [
      { text: 'Run off the ', lit: false },
      { text: 'mobile', lit: true },
      { text: ' <b>unit</b>', lit: false },
    ],
    ...change,
  })

const show = (of: Hit) =>
  mount(LampHit, {
    props: { hit: of, folio: 27 },
    global: { stubs: { RouterLink: RouterLinkStub } },
  })

describe('a place the lamp found', () => {
  it('lights what matches and shows the rest as it is', () => {
    const shown = show(hit({ line: 3, kind: 'DECISION' }))
    expect(shown.findAll('mark').map((m) => m.text())).toEqual(['mobile'])
    expect(shown.find('.text').text()).toBe('Run off the mobile <b>unit</b>')
  })

  it('in a line is cited and leads to the line', () => {
    const shown = show(hit({ line: 3, kind: 'DECISION' }))
    expect(shown.find('.place').text()).toBe('27.3 Decision')
    expect(shown.findComponent(RouterLinkStub).props('to')).toBe('/folio/27#27.3')
  })

  it('in a talk gives the time, and leads to the passage', () => {
    const shown = show(hit({ sourceId: 's', passage: 9, speaker: 'Ana Prokop', startMs: 729_000 }))
    expect(shown.find('.place').text()).toBe('12:09')
    expect(shown.text()).toContain('Ana Prokop')
    expect(shown.findComponent(RouterLinkStub).props('to')).toEqual({
      path: '/folio/27/source',
      query: { source: 's', passage: '9', words: 'mobile' },
    })
  })

  it('in notes says that it was noted', () => {
    expect(
      show(hit({ sourceId: 's', passage: 9 }))
        .find('.place')
        .text(),
    ).toBe('noted')
  })
})
