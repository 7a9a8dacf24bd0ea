import { describe, expect, it } from 'vitest'
import { outsideOf } from './outside'

describe('whoever is outside', () => {
  const to = [
    { name: 'Tom', address: 'tom@skerry.example' },
    { name: 'Nils', address: ' Nils@BRAE-yard.example' },
    { name: 'Ana', address: 'ana@harbour.skerry.example' },
  ]

  it('has an address in none of the team’s domains', () => {
    expect(outsideOf(to, ['skerry.example']).map((r) => r.name)).toEqual(['Nils', 'Ana'])
    expect(outsideOf(to, ['skerry.example', 'brae-yard.example']).map((r) => r.name)).toEqual([
      'Ana',
    ])
  })
})
