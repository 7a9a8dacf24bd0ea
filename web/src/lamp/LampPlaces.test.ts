import { mount, RouterLinkStub } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Findings } from '../api/types'
import LampPlaces from './LampPlaces.vue'
import { testHit } from './testHit'

const hit = (line: number, alike: boolean) => testHit({ line, alike })

const told = (change: Partial<Findings>) =>
  mount(LampPlaces, {
    props: {
      findings: {
        query: 'charger',
        words: 'charger',
        narrowings: [],
        total: 1,
        reach: 'ALL',
        facets: [],
        folios: [
          {
            folio: 22,
            title: 'Steering group',
            date: '2026-11-02',
            series: null,
            more: 0,
            hits: [hit(2, false)],
          },
        ],
        ...change,
      },
    },
    global: { stubs: { RouterLink: RouterLinkStub } },
  })

describe('the places a search found', () => {
  it('are counted', () => {
    expect(told({}).get('[role=status]').text()).toBe('1 place in 1 folio')
  })

  it('are told to be the best of many where there are more', () => {
    expect(told({ total: 4200 }).get('[role=status]').text()).toBe(
      '4,200 places, the best 1 of them here, in 1 folio',
    )
    const folio = { folio: 7, title: 'Norrvik', date: '2026-07-15', series: null, more: 3 }
    const both = told({ total: 90, folios: [{ ...folio, hits: [hit(2, false), hit(3, true)] }] })
    expect(both.get('[role=status]').text()).toBe(
      '90 places with charger, the best 4 of them here, and 1 alike in meaning, in 1 folio',
    )
  })

  it('are told apart from those that are only alike', () => {
    const folio = { folio: 7, title: 'Norrvik', date: '2026-07-15', series: null, more: 0 }
    const shown = told({ folios: [{ ...folio, hits: [hit(2, false), hit(3, true)] }] })
    expect(shown.get('[role=status]').text()).toBe(
      '1 place with charger, and 1 alike in meaning, in 1 folio',
    )
    expect(shown.findAll('.alike')).toHaveLength(1)
    const alone = told({ total: 0, folios: [{ ...folio, hits: [hit(3, true)] }] })
    expect(alone.get('[role=status]').text()).toMatch(/^nothing has charger, and 1 alike/)
  })

  it('say how far the words had to be stretched', () => {
    expect(told({ reach: 'LIKE' }).text()).toContain('written nearly so')
    expect(told({ reach: 'SOME' }).text()).toContain('some of them')
  })
})
