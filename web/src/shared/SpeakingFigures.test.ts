import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Attendee, Figures } from '../api/types'
import SpeakingFigures from './SpeakingFigures.vue'

const someone = (name: string, words: number, more: Partial<Attendee> = {}): Attendee => ({
  id: name,
  version: 0,
  name,
  role: null,
  personId: null,
  present: true,
  late: false,
  words,
  share: words / 1000,
  turns: 3,
  seconds: null,
  ...more,
})

const figures = (more: Partial<Figures> = {}): Figures => ({
  seconds: null,
  plannedSeconds: null,
  startedAfterSeconds: null,
  silence: null,
  ...more,
})

function shown(attendance: Attendee[], f = figures()) {
  return mount(SpeakingFigures, { props: { attendance, figures: f } })
}

describe('speaking figures', () => {
  it('put whoever spoke most first and leave time out where it is unknown', () => {
    const page = shown([someone('Tom', 100), someone('Ana', 900)])
    expect(page.findAll('tbody th').map((th) => th.text())).toEqual(['Ana', 'Tom'])
    expect(page.find('tbody tr').text()).toContain('90%')
    expect(page.text()).not.toContain('Time')
  })

  it('name who was silent and who came later', () => {
    const page = shown([someone('Tom', 100, { late: true }), someone('Joss', 0)])
    expect(page.find('p').text()).toBe('Came later: Tom. Said nothing: Joss.')
  })

  it('say how long it took against the plan, and how much of it was silent', () => {
    const f = figures({
      seconds: 2580,
      plannedSeconds: 2700,
      startedAfterSeconds: 120,
      silence: 0.18,
    })
    expect(
      shown([someone('Tom', 100)], f)
        .find('p')
        .text(),
    ).toBe('It took 43:00 of 45:00 planned, 18% of it silent. It began 2:00 late.')
  })
})
