import { describe, expect, it } from 'vitest'
import type { Person } from '../api/types'
import type { Line, Topic } from '../api/types'
import type { PageSection } from '../shared/sections'
import {
  agrees,
  isSameLine,
  joined,
  moved,
  nextInSection,
  placeBelow,
  splitAt,
  renamed,
} from './lineFacts'
import { basis, line } from './testLines'

function section(...groups: { topic?: Topic; ownerId?: string; lines: Line[] }[]): PageSection {
  return {
    heading: 'Discussed',
    content: 'TOPICS',
    groups: groups.map((g) => ({ topic: null, ...g })),
  } as unknown as PageSection
}
const topic = (title: string) => ({ title }) as Topic

describe('joining two lines', () => {
  it('says both, rests on both, and keeps the owner and date that either has', () => {
    const a = line('a', { text: 'Order the roller', due: '2026-03-06', evidence: [basis(1, 0, 4)] })
    const b = line('b', {
      text: 'fit it on Monday',
      ownerId: 't',
      due: '2026-03-09',
      evidence: [basis(1, 0, 4), basis(2, 0, 3)],
    })
    expect(joined(a, b)).toEqual({
      text: 'Order the roller; fit it on Monday',
      ownerId: 't',
      due: '2026-03-06',
      evidence: [basis(1, 0, 4), basis(2, 0, 3)],
    })
  })

  it('puts no second stop after a full one', () => {
    expect(joined(line('a', { text: 'Done.' }), line('b', { text: 'Next.' })).text).toBe(
      'Done. Next.',
    )
  })
})

describe('splitting a line', () => {
  it('cuts at the place and leaves no link hanging', () => {
    expect(splitAt('order the roller; fit it', 17)).toEqual(['order the roller', 'fit it'])
    expect(splitAt('one two', 3)).toEqual(['one', 'two'])
  })

  it('makes no empty line', () => {
    expect(splitAt('one', 0)).toBeNull()
    expect(splitAt('one  ', 3)).toBeNull()
  })
})

describe('where a line stands', () => {
  const [a, b, c] = [1, 2, 3].map((n) => line('abc'[n - 1] as string, { position: n }))
  const lines = [a, b, c] as Line[]

  it('right below another is between it and what follows on the whole page', () => {
    expect(placeBelow(a as Line, lines)).toBe(1.5)
    expect(placeBelow(c as Line, lines)).toBe(4)
  })

  it('moves past the line beside it, and beyond neither end', () => {
    const page = [section({ lines })]
    expect(moved(a as Line, 1, page)).toEqual({ position: 2.5 })
    expect(moved(b as Line, 1, page)).toEqual({ position: 3.5 })
    expect(moved(c as Line, -1, page)).toEqual({ position: 1.5 })
    expect(moved(a as Line, -1, page)).toBeNull()
    expect(moved(c as Line, 1, page)).toBeNull()
  })

  it('moves into the topic beside its own', () => {
    const d = line('d', { position: 9, topic: 1 })
    const page = [section({ topic: topic('Cable'), lines }, { topic: topic('Fender'), lines: [d] })]
    expect(moved(c as Line, 1, page)).toEqual({ topic: 1, position: 8 })
    expect(moved(d, -1, page)).toEqual({ topic: 0, position: 4 })
  })

  it('never moves to another owner: that would be a promise nobody gave', () => {
    const d = line('d', { position: 9, ownerId: 't' })
    const page = [section({ ownerId: 'm', lines }, { ownerId: 't', lines: [d] })]
    expect(moved(c as Line, 1, page)).toBeNull()
    expect(nextInSection(c as Line, page)).toBe(d)
  })
})

describe('the same line', () => {
  it('is known by what it rests on where the draft was made anew', () => {
    const a = line('a', { evidence: [basis(3, 0, 9)] })
    expect(isSameLine(a, line('anew', { evidence: [basis(3, 0, 9)] }))).toBe(true)
    expect(isSameLine(a, line('anew', { evidence: [basis(3, 2, 9)] }))).toBe(false)
    expect(isSameLine(a, line('anew', { evidence: [basis(3, 0, 9)], kind: 'RISK' }))).toBe(false)
    expect(isSameLine(line('x'), line('y'))).toBe(false)
  })

  it('stands as told where all that a person sees agrees', () => {
    expect(agrees(line('a', { position: 4 }), { text: 'line a', position: 7 })).toBe(true)
    expect(agrees(line('a'), { text: 'other' })).toBe(false)
  })
})

describe('another owner', () => {
  const people = [
    { id: 'tom', name: 'Tom Reyes' },
    { id: 'ana', name: 'Ana Prokop' },
  ] as Person[]
  const renamedTo = (text: string, before: string | null, after: string | null) =>
    renamed(line('a', { kind: 'ACTION', text, ownerId: before }), after, people)

  it('takes the place of the one named in the words', () => {
    expect(renamedTo('Tom Reyes to ring the yard.', 'tom', 'ana')).toBe(
      'Ana Prokop to ring the yard.',
    )
    expect(renamedTo('Ring the yard.', null, 'ana')).toBe('Ana Prokop to ring the yard.')
    expect(renamedTo('Tom Reyes to ring the yard.', 'tom', null)).toBe('Ring the yard.')
  })

  it('leaves alone what somebody worded otherwise, and what is quoted', () => {
    expect(renamedTo('The yard is rung by Tom.', 'tom', 'ana')).toBe('The yard is rung by Tom.')
    const quote = 'Yard. Tom Reyes: “I’ll ring them.”'
    expect(renamedTo(quote, 'tom', 'ana')).toBe(quote)
  })
})
