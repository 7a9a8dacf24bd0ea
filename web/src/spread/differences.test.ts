import { describe, expect, it } from 'vitest'
import { differences } from './differences'
import { line } from './testLines'
import { factsOf } from './lineFacts'

const words = {
  person: (id: string) => `person ${id}`,
  day: (day: string) => `on ${day}`,
  kind: (kind: string) => kind.toLowerCase(),
}

describe('two versions of a line', () => {
  it('are told apart by what differs, and by nothing else', () => {
    const theirs = line('a', { kind: 'ACTION', text: 'theirs', ownerId: 'ana', state: 'INK' })
    const mine = { ...factsOf(theirs), text: 'mine', ownerId: null, due: '2026-03-06' }
    expect(differences({ mine, theirs }, words)).toEqual([
      { what: 'wording', mine: 'mine', theirs: 'theirs' },
      { what: 'owner', mine: 'open', theirs: 'person ana' },
      { what: 'date', mine: 'on 2026-03-06', theirs: 'none' },
    ])
  })

  it('say when one struck what the other confirmed', () => {
    const theirs = line('a', { state: 'STRUCK' })
    const mine = { ...factsOf(theirs), state: 'INK' as const }
    expect(differences({ mine, theirs }, words)).toEqual([
      { what: 'state', mine: 'in ink', theirs: 'struck' },
    ])
  })
})
