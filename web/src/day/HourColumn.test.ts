import { HERE } from '../shared/dates'
import { mount, RouterLinkStub } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { DayEntry } from '../api/types'
import HourColumn from './HourColumn.vue'

const WEEKLY: DayEntry = {
  meetingId: 'm',
  title: 'Weekly',
  start: '09:30:00',
  plannedMinutes: 45,
  zone: HERE,
  location: 'Boat hall',
  kind: null,
  people: ['Ana', 'Tom', 'Joss', 'Mira', 'Petra'],
  minutesId: null,
  folio: null,
  pencil: 0,
  ink: 0,
  calledOff: false,
  matters: [],
}

const show = (...entries: Partial<DayEntry>[]) =>
  mount(HourColumn, {
    props: { entries: entries.map((e) => ({ ...WEEKLY, ...e })), isToday: false },
    global: { stubs: { RouterLink: RouterLinkStub } },
  })

describe('the meetings of a day', () => {
  it('stand with hour, place and people', () => {
    expect(show({}).find('.entry').text()).toBe(
      'Weekly09:30 · Boat hall · Ana, Tom, Joss, Mira and 1 more',
    )
  })

  it.each([
    [{}, '/meeting/m', ''],
    [{ minutesId: 'x', pencil: 1 }, '/minutes/x', 'draft: 1 line in pencil'],
    [{ minutesId: 'x', ink: 9 }, '/minutes/x', 'all in ink, ready to file'],
    [{ minutesId: 'x', folio: 27 }, '/folio/27', 'filed as folio 27'],
  ])('%o lead to %s and say “%s”', (change, address, says) => {
    const shown = show(change)
    const link = shown.findComponent(RouterLinkStub)
    expect(link.exists() ? link.props('to') : undefined).toBe(address)
    expect(shown.find('.standing').exists() ? shown.find('.standing').text() : '').toBe(says)
  })

  it('say so where there are none', () => {
    expect(show().text()).toContain('No meeting on this day.')
  })

  it('without an hour stand above the hours', () => {
    expect(show({ start: null }).find('.unplaced').text()).toContain('no hour known')
  })
})
