import { describe, expect, it } from 'vitest'
import type { Minutes } from '../api/types'
import { line } from '../spread/testLines'
import { lineAside } from './lineAside'
import { inReadingOrder, sectionsOf } from './sections'

const topic = (title: string) => ({ title, from: 0, to: 1, startMs: null, agendaItem: null })

const minutes = {
  template: {
    name: 'Weekly status',
    sections: [
      { heading: 'Attendance', content: 'ATTENDEES' },
      { heading: 'Decisions', content: 'DECISIONS' },
      { heading: 'Risks', content: 'RISKS' },
      { heading: 'Discussed', content: 'TOPICS' },
    ],
  },
  topics: [topic('Holm'), topic('Crew')],
} as unknown as Minutes

describe('the page', () => {
  const lines = [
    line('p2', { topic: 1 }),
    line('d', { kind: 'DECISION' }),
    line('p1', { topic: 0 }),
    line('p3', { topic: 7 }),
  ]
  const sections = sectionsOf(minutes, lines)

  it('has the sections of its template, but none without lines', () => {
    expect(sections.map((s) => s.heading)).toEqual(['Attendance', 'Decisions', 'Discussed'])
  })

  it('groups what was discussed by topic, with what belongs to none at the end', () => {
    expect(sections[2]?.groups.map((g) => [g.topic?.title, g.lines.map((l) => l.id)])).toEqual([
      ['Holm', ['p1']],
      ['Crew', ['p2']],
      [undefined, ['p3']],
    ])
  })

  it('is read from top to bottom', () => {
    expect(inReadingOrder(sections).map((l) => l.id)).toEqual(['d', 'p1', 'p2', 'p3'])
  })
})

describe('beside a line', () => {
  const people = [
    { id: 'tom', version: 0, name: 'Tom Reyes', role: null, email: null, aliases: [] },
  ]
  const day = (d: string) => `<${d}>`
  const action = (text: string, ownerId: string | null, due: string | null) =>
    lineAside(line('a', { kind: 'ACTION', text, ownerId, due }), people, day)

  it('stands an action’s date, and its owner unless the words name one', () => {
    expect(action('Tom Reyes to ring the yard.', 'tom', '2026-03-06')).toBe('<2026-03-06>')
    expect(action('Ring the yard.', 'tom', '2026-03-06')).toBe('Tom Reyes · <2026-03-06>')
    expect(action('Ring the yard.', null, null)).toBe('owner open')
  })

  it('stands how a decision was received, and nothing beside a point', () => {
    const grounds = { ...line('d').grounds, standing: 'contested' }
    expect(lineAside(line('d', { kind: 'DECISION', grounds }), people, day)).toBe('contested')
    expect(lineAside(line('p'), people, day)).toBe('')
  })
})
