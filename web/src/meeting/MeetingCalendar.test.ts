import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { queryClient } from '../api/queries'
import type { InCalendar, Meeting } from '../api/types'
import { emptyMeeting } from '../tray/meetingForm'
import { testServer } from '../shared/testServer'
import MeetingCalendar from './MeetingCalendar.vue'

const FERRIES = { id: 'c', kind: 'CALDAV', name: 'Ferries' }
const meeting = (change = {}) =>
  ({
    ...emptyMeeting('2026-03-03'),
    id: 'm',
    start: '09:30',
    calledOff: false,
    ...change,
  }) as unknown as Meeting

const standing = (change: Partial<InCalendar> = {}): InCalendar => ({
  connectionId: 'c',
  name: 'Ferries',
  madeHere: true,
  waiting: false,
  writtenAt: '2026-03-03T09:00:00Z',
  problem: null,
  clashes: [],
  ...change,
})

async function open(there: InCalendar[], connections: unknown[] = [FERRIES], of = meeting()) {
  queryClient.clear()
  const server = testServer({
    'GET /api/meetings/m/calendars': () => ({ body: there }),
    'GET /api/connections': () => ({ body: connections }),
    'POST /api/meetings/m/calendars': () => ({ body: [standing({ waiting: true })] }),
    'PUT /api/meetings/m/calendars/settled': () => ({ body: [standing()] }),
  })
  const shown = mount(MeetingCalendar, {
    props: { meeting: of },
    global: { plugins: [[VueQueryPlugin, { queryClient }]] },
  })
  await flushPromises()
  return { shown, server }
}

afterEach(() => {
  queryClient.clear()
  vi.unstubAllGlobals()
})

describe('a meeting and its calendar', () => {
  it('is written where one says so', async () => {
    const { shown, server } = await open([])
    await shown.find('form').trigger('submit')
    await flushPromises()

    expect(server.of('POST')[0]?.body).toEqual({ connectionId: 'c' })
    expect(shown.text()).toContain('being written')
  })

  it('wants an hour first', async () => {
    const { shown } = await open([], [FERRIES], meeting({ start: null }))

    expect(shown.find('form button').attributes('disabled')).toBeDefined()
    expect(shown.text()).toContain('wants to know when it begins')
  })

  it('says where it comes from, and why it is not written', async () => {
    expect((await open([standing({ madeHere: false })])).shown.text()).toContain('comes from there')
    const { shown } = await open([
      standing({ waiting: true, problem: 'The server cannot be reached.' }),
    ])
    expect(shown.text()).toContain('it is tried again')
    expect(shown.find('[role=alert]').text()).toBe('The server cannot be reached.')
  })

  it('shows both of what was changed on two sides, and takes the one that is chosen', async () => {
    const clashes: InCalendar['clashes'] = [
      { what: 'DATE', here: '2026-03-03', there: '2026-03-04' },
      { what: 'PLACE', here: 'Quay', there: null },
    ]
    const { shown, server } = await open([standing({ clashes })])
    expect(shown.text()).toContain('here: Tue 3 Mar 2026')
    expect(shown.text()).toContain('there: Wed 4 Mar 2026')
    expect(shown.text()).toContain('there: nothing')

    await shown.findAll('.clash button')[1]!.trigger('click')
    await flushPromises()
    expect(server.of('PUT')[0]?.body).toEqual({ theirs: ['DATE', 'PLACE'] })
    expect(shown.find('.clash').exists()).toBe(false)
  })

  it('is not there where nobody has a calendar to write to', async () => {
    const { shown } = await open([], [{ ...FERRIES, kind: 'FEED' }])

    expect(shown.find('section').exists()).toBe(false)
  })
})
