import { mount, RouterLinkStub } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { AnswerPlace, LampAnswer, Novelty } from '../api/types'
import { isQuestion } from './isQuestion'
import LampAnswerBox from './LampAnswer.vue'
import { plainAnswer } from './plainAnswer'
import SaidThere from './SaidThere.vue'
import { statementGroups } from './statementGroups'
import { testReading } from './testReading'
import { readingIn } from './useAnswer'
import { partInWords, whereIn, writtenPart } from './where'

const place = (facts: Partial<AnswerPlace>): AnswerPlace => ({
  folio: 22,
  draft: null,
  title: 'Steering group',
  date: '2026-11-02',
  line: null,
  sourceId: 's',
  passage: 4,
  quote: 'We buy the second charger.',
  ...facts,
})

const answer = (answered: boolean): LampAnswer => ({
  question: 'What about the charger?',
  reading: testReading({ aim: 'DECISION', about: 'charger' }),
  answered,
  statements: [
    {
      day: '2026-11-02',
      lead: '',
      text: 'Buy the second charger.',
      said: false,
      citations: [place({ line: 2 })],
    },
    {
      day: null,
      lead: 'Ivo',
      text: "I'm <b>against</b>.",
      said: true,
      citations: [place({ quote: "I'm <b>against</b>." })],
    },
    {
      day: '2026-07-15',
      lead: 'Rafe',
      text: 'Not this year.',
      said: true,
      citations: [place({ folio: 7, title: 'Norrvik', quote: 'Not this year.' })],
    },
  ],
  notSaid: null,
})

const global = { stubs: { RouterLink: RouterLinkStub } }

describe('what is typed into the lamp field', () => {
  it.each(['why is it late', 'What did we decide?', 'charger?', 'summarise the July meeting'])(
    'asks: %s',
    (typed) => expect(isQuestion(typed)).toBe(true),
  )
  it.each(['charger', 'mobile unit', 'what', 'whatever the weather does', 'is it'])(
    'names words to be found: %s',
    (typed) => expect(isQuestion(typed)).toBe(false),
  )
})

describe('an answer', () => {
  it('is told meeting by meeting, what is of record before what was said', () => {
    const groups = statementGroups(answer(true).statements)
    expect(groups.map((g) => g.day)).toEqual(['2026-11-02', '2026-07-15'])
    expect(groups[0]?.recorded.map((s) => s.text)).toEqual(['Buy the second charger.'])
    expect(groups[0]?.said.map((s) => s.lead)).toEqual(['Ivo'])
    expect(groups[0]?.places.map((p) => p.folio)).toEqual([22])
  })

  it('leads to the line and the folio it rests on, and shows words as they are', () => {
    const shown = mount(LampAnswerBox, { props: { answer: answer(true) }, global })
    expect(shown.findAllComponents(RouterLinkStub).map((l) => l.props('to'))).toEqual([
      '/folio/22#22.2',
      '/folio/22',
      '/folio/7',
    ])
    expect(shown.text()).toContain("“I'm <b>against</b>.”")
    expect(shown.classes()).toContain('lamplight')
  })

  it('that is none says so, without lamplight and with nothing to copy', () => {
    const shown = mount(LampAnswerBox, { props: { answer: answer(false) }, global })
    expect(shown.find('h2').text()).toBe('The ledger does not say')
    expect(shown.classes()).not.toContain('lamplight')
    expect(shown.find('button').exists()).toBe(false)
  })

  it('names the one of two questions that it does not answer, also when it is copied', () => {
    const half = { ...answer(true), notSaid: 'who pays for it?' }
    const shown = mount(LampAnswerBox, { props: { answer: half }, global })

    expect(shown.find('.not-said').text()).toBe('The ledger does not say: “who pays for it?”')
    expect(plainAnswer(half).split('\n').at(-1)).toBe('The ledger does not say: who pays for it?')
  })

  it('of a draft leads to the draft', () => {
    const drafted = answer(true)
    for (const s of drafted.statements)
      s.citations = s.citations.map((c) => ({ ...c, folio: null, draft: 'd', line: null }))
    const shown = mount(LampAnswerBox, { props: { answer: drafted }, global })

    const links = shown.findAllComponents(RouterLinkStub)
    expect(new Set(links.map((l) => l.props('to')))).toEqual(new Set(['/minutes/d']))
    expect(plainAnswer(drafted)).toContain('Buy the second charger. (the draft)')
  })

  it('says what is new and what is changed since the one that is kept', () => {
    const first = answer(true).statements[0]!
    const novelties: Novelty[] = [
      { news: 'CHANGED', was: { ...first, text: 'Buy one charger.' } },
      { news: 'SAME', was: null },
      { news: 'NEW', was: null },
    ]
    const shown = mount(LampAnswerBox, { props: { answer: answer(true), novelties }, global })

    expect(shown.findAll('.news').map((n) => n.text())).toEqual(['changed', 'new'])
    expect(shown.find('del').text()).toBe('Buy one charger.')
  })

  it('is copied with the folios behind every statement', () => {
    expect(plainAnswer(answer(true))).toBe(
      'What about the charger?\n\n' +
        'Mon 2 Nov 2026: Buy the second charger. (22.2)\n' +
        "Ivo: “I'm <b>against</b>.” (folio 22)\n" +
        'Wed 15 Jul 2026, Rafe: “Not this year.” (folio 7)',
    )
  })

  it('has the words it rests on beside it, lit, by meeting', () => {
    const shown = mount(SaidThere, { props: { answer: answer(true) }, global })
    expect(shown.find('h2').text()).toBe('Said in 2 meetings')
    expect(shown.findAll('.lit').map((l) => l.text())).toEqual([
      'We buy the second charger.',
      "I'm <b>against</b>.",
      'Not this year.',
    ])
  })
})

describe('the part of the ledger that is asked', () => {
  const whole = { folio: null, draft: null, series: null, collection: null, notes: null }

  it.each([
    ['folio:27', { ...whole, folio: 27 }],
    ['draft:0199-ab', { ...whole, draft: '0199-ab' }],
    ['series:Safety: review', { ...whole, series: 'Safety: review' }],
    ['collection:Berths', { ...whole, collection: 'Berths' }],
  ])('is written in the address as %s', (written, where) => {
    expect(whereIn({ in: written })).toEqual(where)
    expect(writtenPart(where)).toBe(written)
  })

  it.each(['folio:x', 'folio:-3', 'choir:alto', '', null])('is all of it for %s', (written) =>
    expect(whereIn({ in: written })).toBeNull(),
  )

  it('may have the reference notes with it', () => {
    expect(whereIn({ notes: '' })).toEqual({ ...whole, notes: true })
    expect(partInWords(whereIn({ in: 'folio:27', notes: '' }))).toBe(
      'folio 27, with reference notes',
    )
    expect(partInWords(whereIn({ in: 'collection:Berths' }))).toBe('Berths')
    expect(partInWords(null)).toBe('')
  })
})

describe('a reading in the address', () => {
  it('is taken as it is written, and nothing where it is none', () => {
    expect(readingIn('{"aim":"DAY"}')).toEqual({ aim: 'DAY' })
    expect(readingIn('{oops')).toBeNull()
    expect(readingIn('7')).toBeNull()
    expect(readingIn(undefined)).toBeNull()
  })
})
