import { beforeEach, describe, expect, it } from 'vitest'
import type { Typed } from '../api/types'
import { Outbox } from './outbox'

const line = (name: string, stamp = 1, text = 'roller is in'): Typed => ({
  name,
  stamp,
  position: 1,
  indent: 0,
  text,
  agendaItem: null,
  typedAt: '2026-03-03T09:31:00Z',
  removed: false,
})

beforeEach(() => localStorage.clear())

describe('lines that are not confirmed yet', () => {
  it('outlive the window they were typed in', () => {
    new Outbox(localStorage, 'page').put(line('a'))
    expect(new Outbox(localStorage, 'page').all()).toEqual([line('a')])
  })

  it('are kept once, as they were last', () => {
    const outbox = new Outbox(localStorage, 'page')
    outbox.put(line('a', 1, 'rol'))
    outbox.put(line('a', 2, 'roller'))
    expect(outbox.all().map((l) => l.text)).toEqual(['roller'])
  })

  it('are forgotten when confirmed, unless changed since they were sent', () => {
    const outbox = new Outbox(localStorage, 'page')
    outbox.put(line('a', 1))
    outbox.put(line('b', 1))
    outbox.put(line('b', 2))
    outbox.settle('a', 1)
    outbox.settle('b', 1)
    expect(outbox.all().map((l) => l.name)).toEqual(['b'])
    outbox.settle('b', 2)
    expect(localStorage.getItem('page')).toBeNull()
  })

  it('are no reason to fail where somebody else wrote in their place', () => {
    localStorage.setItem('page', '{broken')
    expect(new Outbox(localStorage, 'page').all()).toEqual([])
  })
})
