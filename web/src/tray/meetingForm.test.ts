import { describe, expect, it } from 'vitest'
import type { Meeting } from '../api/types'
import {
  agendaItems,
  agendaText,
  differences,
  emptyMeeting,
  facts,
  guestsIn,
  guestsText,
  overlap,
  ZONES,
} from './meetingForm'

describe('an agenda', () => {
  it('is one item a line, whatever stood before it', () => {
    expect(agendaItems('1. Holm\n - Crew\n\n•  Winter timetable \n2) Any other business')).toEqual([
      'Holm',
      'Crew',
      'Winter timetable',
      'Any other business',
    ])
  })

  it('comes back as it was', () => {
    const items = ['Holm', '24 deckhands', 'A: not a mark here']
    expect(agendaItems(agendaText(items))).toEqual(items)
  })
})

describe('people whom the roster does not know', () => {
  it('are one a line, with or without an address', () => {
    expect(
      guestsIn('Elin Strand <elin@county.example>\n\n  Nils Farrow \nhedda.krag@norrvik.example'),
    ).toEqual([
      { name: 'Elin Strand', email: 'elin@county.example' },
      { name: 'Nils Farrow', email: null },
      { name: 'hedda krag', email: 'hedda.krag@norrvik.example' },
    ])
  })

  it('come back as they were', () => {
    const guests = [
      { name: 'Nils O’Farrow', email: null },
      { name: 'Elin', email: 'elin@county.example' },
    ]
    expect(guestsIn(guestsText(guests))).toEqual(guests)
  })
})

describe('a meeting that exists', () => {
  const meeting = {
    title: 'Weekly',
    date: '2026-03-03',
    start: '09:30:00',
    people: [{ id: 'a', name: 'Ana' }],
  } as Meeting

  it('keeps its people and gains those who spoke, each once', () => {
    expect(facts(meeting, ['b', 'a']).people).toEqual(['a', 'b'])
  })

  it('shows its start without seconds', () => {
    expect(facts(meeting, []).start).toBe('09:30')
  })
})

describe('two who change a meeting at once', () => {
  const before = { ...emptyMeeting('2026-03-03'), title: 'Weekly', location: 'Quay' }

  it('each change only what they touched', () => {
    expect(differences({ ...before, location: 'Crane' }, before)).toEqual({ location: 'Crane' })
    expect(differences({ ...before, agenda: [] }, before)).toEqual({})
  })

  it('are told what both changed, unless to the same', () => {
    const mine = { location: 'Crane', title: 'Weekly talk', agenda: ['a'] }
    expect(overlap(mine, { location: 'Boat hall', start: '10:00' })).toEqual(['place'])
    expect(overlap(mine, { location: 'Crane', agenda: ['a'] })).toEqual([])
    expect(overlap(mine, {})).toEqual([])
  })
})

describe('time zones', () => {
  it('are the browser’s own list', () => {
    expect(ZONES).toContain('Europe/Oslo')
  })
})
