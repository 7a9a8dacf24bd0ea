import { describe, expect, it } from 'vitest'
import type { Minutes, Section } from '../api/types'
import { line } from '../spread/testLines'
import { lineAside } from './lineAside'
import { groupHeading, inReadingOrder, sectionsOf } from './sections'

const topic = (title: string) => ({ title, from: 0, to: 1, startMs: null, agendaItem: null })

const section = (heading: string, content: Section['content'], more: Partial<Section> = {}) => ({
  heading,
  content,
  grouping: content === 'TOPICS' ? ('BY_TOPIC' as const) : ('NONE' as const),
  form: 'LIST' as const,
  required: false,
  text: [],
  ...more,
})

const withSections = (...sections: Section[]) =>
  ({
    template: { name: 'Weekly status', sections },
    topics: [topic('Holm'), topic('Crew')],
    attendance: [],
    mattersArising: [],
    meeting: { agenda: [] },
  }) as unknown as Minutes

const minutes = withSections(
  section('Attendance', 'ATTENDEES'),
  section('Decisions', 'DECISIONS'),
  section('Risks', 'RISKS'),
  section('Discussed', 'TOPICS'),
)

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

  it('offers what is only possible by its topic, behind everything else', () => {
    const offered = line('m', { kind: 'DECISION', topic: 1, state: 'POSSIBLE' })
    const page = sectionsOf(minutes, [...lines, offered])
    expect(page.at(-1)?.heading).toBe('Possible lines')
    expect(page.at(-1)?.count).toBe(page.at(-1)?.groups.flatMap((g) => g.lines).length)
    expect(page.at(-1)?.groups.map((g) => [g.topic?.title, g.lines.map((l) => l.id)])).toEqual([
      ['Crew', ['m']],
    ])
    expect(page.find((s) => s.heading === 'Decisions')?.groups[0]?.lines).toHaveLength(1)
  })

  it('is read from top to bottom', () => {
    expect(inReadingOrder(sections).map((l) => l.id)).toEqual(['d', 'p1', 'p2', 'p3'])
  })
})

describe('a section', () => {
  it('that asks holds the answers to its own question only', () => {
    const asked = withSections(section('Money', 'ANSWER'), section('Time', 'ANSWER'))
    const answers = [
      line('m', { kind: 'ANSWER', section: 'Money' }),
      line('t', { kind: 'ANSWER', section: 'Time' }),
    ]
    expect(
      sectionsOf(asked, answers).map((s) => s.groups.flatMap((g) => g.lines.map((l) => l.id))),
    ).toEqual([['m'], ['t']])
  })

  it('grouped by owner puts together what is whose, and what is nobody’s last', () => {
    const owned = withSections(section('Actions', 'ACTIONS', { grouping: 'BY_OWNER' }))
    const actions = [
      line('open', { kind: 'ACTION' }),
      line('a', { kind: 'ACTION', ownerId: 'ana' }),
      line('t', { kind: 'ACTION', ownerId: 'tom' }),
      line('b', { kind: 'ACTION', ownerId: 'ana' }),
    ]
    const people = [{ id: 'ana', version: 0, name: 'Ana', role: null, email: null, aliases: [] }]
    const groups = sectionsOf(owned, actions)[0]?.groups ?? []
    expect(groups.map((g) => g.lines.map((l) => l.id))).toEqual([['a', 'b'], ['t'], ['open']])
    expect(groups.map((g) => groupHeading(g, people))).toEqual(['Ana', 'Nobody yet', 'Nobody yet'])
  })

  it('that is required stands also where it is empty', () => {
    const both = withSections(
      section('Risks', 'RISKS'),
      section('Decisions', 'DECISIONS', { required: true }),
      section('Agenda', 'AGENDA'),
    )
    expect(sectionsOf(both, []).map((s) => s.heading)).toEqual(['Decisions'])
  })

  it('of its own is made for lines that the template has no section for', () => {
    const narrow = withSections(section('Decisions', 'DECISIONS'))
    const page = sectionsOf(narrow, [line('r', { kind: 'RISK' }), line('d', { kind: 'DECISION' })])
    expect(page.map((s) => s.heading)).toEqual(['Decisions', 'Also noted'])
    expect(inReadingOrder(page).map((l) => l.id)).toEqual(['d', 'r'])
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
