import { describe, expect, it } from 'vitest'
import { asFile, fromFile, without } from './shorthand'

const OURS = {
  marks: [{ sign: '!!', says: 'RISK' as const }],
  abbreviations: [{ brief: 'w/', full: 'with "care"' }],
}

describe('marks and abbreviations as a file', () => {
  it('come back as they went out', () => {
    expect(fromFile(asFile(OURS))).toEqual(OURS)
  })

  it.each([
    ['{broken', 'no JSON'],
    ['{"marks":["!!"]}', '“marks” is to be an object'],
    ['{"marks":{"!!":"joke"}}', 'which no mark can say'],
  ])('%s is refused with the reason', (text, why) => {
    expect(() => fromFile(text)).toThrow(why)
  })

  it('may hold one of the two alone', () => {
    expect(fromFile('{"abbreviations":{"w/":"with"}}').marks).toEqual([])
  })
})

it('one entry is left out by its sign or short form', () => {
  expect(without(OURS, 'marks', '!!').marks).toEqual([])
  expect(without(OURS, 'abbreviations', 'w/').marks).toEqual(OURS.marks)
})
