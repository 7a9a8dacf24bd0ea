import { describe, expect, it } from 'vitest'
import { quotationIn, quoted } from './quotation'

describe('a quoted line', () => {
  it('is told by its form: matter, speaker, words', () => {
    expect(quotationIn('Second berth. Tom Reyes: “The fender goes before the frost.”')).toEqual({
      matter: 'Second berth',
      speaker: 'Tom Reyes',
      words: 'The fender goes before the frost.',
    })
    expect(quotationIn('Tom Reyes: “It goes.”')).toMatchObject({
      matter: null,
      speaker: 'Tom Reyes',
    })
    expect(quotationIn('“It goes.”')).toEqual({ matter: null, speaker: null, words: 'It goes.' })
  })

  it('is no line that only holds a quoted word', () => {
    expect(quotationIn('Name the boat “Gannet”')).toBeNull()
    expect(quotationIn('Paint the “Gannet” in May.')).toBeNull()
    expect(quotationIn('Ines Calado to call the yard.')).toBeNull()
  })

  it('comes back as it was', () => {
    const line = 'Second berth. Tom Reyes: “The fender goes before the frost.”'
    expect(quoted(quotationIn(line)!)).toBe(line)
    expect(quoted({ matter: null, speaker: null, words: 'He said “no”. ' })).toBe('“He said "no".”')
  })
})
