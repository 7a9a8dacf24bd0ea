import { describe, expect, it } from 'vitest'
import type { Reader } from '../api/types'
import { addressees, type Chosen, together } from './readers'

const reader = (name: string, address: string | null, part: Reader['part'] = 'WHOLE'): Reader => ({
  name,
  address,
  reason: 'ATTENDED',
  part,
})
const TOM = reader('Tom Reyes', 'tom@skerry.example')
const IVO = reader('Ivo Brandt', 'ivo@skerry.example', 'CATCH_UP')

describe('the readers of minutes', () => {
  it('are nobody twice, however they are written', () => {
    const again = reader('Tom', 'TOM@skerry.example')
    expect(together([TOM], [again, IVO, reader('Tom Reyes', null)])).toEqual([TOM, IVO])
  })

  it('get what was chosen for them, or nothing where they are left out', () => {
    const chosen = new Map<string, Chosen>([
      ['Tom Reyes', { left: false, part: 'OWN' }],
      ['Ivo Brandt', { left: true, part: 'CATCH_UP' }],
    ])
    expect(addressees([TOM, IVO], chosen, [])).toEqual([
      { recipient: { name: 'Tom Reyes', address: 'tom@skerry.example' }, part: 'OWN' },
    ])
  })

  it('are also those who are typed, unless they are listed anyway', () => {
    const typed = [
      { name: 'Elin', email: 'elin@county.example' },
      { name: 'T', email: 'Tom@Skerry.example' },
      { name: 'Nobody', email: null },
    ]
    expect(addressees([TOM], new Map(), typed).map((a) => a.recipient.name)).toEqual([
      'Tom Reyes',
      'Elin',
    ])
  })
})
