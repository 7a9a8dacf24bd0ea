import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { QuestionReading, Scope } from '../api/types'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import LampReading from './LampReading.vue'
import { testReading } from './testReading'

const READING = testReading({
  aim: 'ACTION',
  form: 'LIST',
  about: 'the second charger',
  people: ['Tom Reyes'],
  onlyOpen: true,
})
const WHOLE: Scope = { folio: null, draft: null, series: null, collection: null, notes: null }

async function read(reading: Partial<QuestionReading> = {}, where: Scope | null = null) {
  testServer({
    'GET /api/people': () => ({
      body: [
        { id: 'p1', name: 'Tom Reyes' },
        { id: 'p2', name: 'Ana Prokop' },
      ],
    }),
    'GET /api/ledger/facets': () => ({
      body: {
        values: [
          { facet: 'SERIES', value: 's1', name: 'Safety review', count: 4 },
          { facet: 'COLLECTION', value: 'c1', name: 'Berths', count: 2 },
        ],
      },
    }),
  })
  const { shown } = await testMount(LampReading, { reading: { ...READING, ...reading }, where })
  const field = (label: string) => shown.findAll('label').find((l) => l.text().startsWith(label))!
  const asked = () => shown.emitted<[QuestionReading]>('read')?.at(-1)?.[0]
  return { shown, field, asked }
}

describe('how a question was read', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('shows its parts in words', async () => {
    const { field } = await read()

    expect(field('kind').find('select').element.value).toBe('ACTION')
    expect(field('as').find('select').element.value).toBe('LIST')
    expect(field('about').find('input').element.value).toBe('the second charger')
    expect(field('who').find('select').element.value).toBe('Tom Reyes')
    expect(field('only open').find('input').element.checked).toBe(true)
  })

  it('asks with the part that was changed, and all others as they were', async () => {
    const { field, asked } = await read()

    await field('kind').find('select').setValue('DECISION')
    expect(asked()).toEqual({ ...READING, aim: 'DECISION' })
    await field('about').find('input').setValue('  the bow thruster ')
    expect(asked()).toEqual({ ...READING, about: 'the bow thruster' })
    await field('only overdue').find('input').setValue(true)
    expect(asked()).toEqual({ ...READING, onlyOverdue: true })
  })

  it('has a place for one more person, and lets one go', async () => {
    const { field, asked } = await read()

    await field('and').find('select').setValue('Ana Prokop')
    expect(asked()?.people).toEqual(['Tom Reyes', 'Ana Prokop'])
    await field('who').find('select').setValue('')
    expect(asked()?.people).toEqual([])
  })

  it('takes a period once it has both its ends, in their order', async () => {
    const { shown, asked } = await read()
    const [from, to] = shown.findAll<HTMLInputElement>('.when input')

    await from!.setValue('1 Sep 2026')
    await from!.trigger('blur')
    expect(asked()).toBeUndefined()
    await to!.setValue('1 Aug 2026')
    await to!.trigger('blur')
    expect(asked()).toBeUndefined()
    await to!.setValue('30 Sep 2026')
    await to!.trigger('blur')
    expect(asked()).toEqual({ ...READING, from: '2026-09-01', to: '2026-09-30' })
  })

  it('asks a part of the ledger, and the reference notes where that is wanted', async () => {
    const { shown, field } = await read()

    await field('where').find('select').setValue('series:Safety review')
    await field('reference notes').find('input').setValue(true)
    expect(shown.emitted('askIn')).toEqual([
      ['series:Safety review', false],
      ['', true],
    ])
  })

  it('names the folio that alone is asked, and offers no notes beside it', async () => {
    const { field } = await read({}, { ...WHOLE, folio: 27 })

    expect(field('where').find('select').element.selectedOptions[0]?.text).toBe('folio 27')
    expect(field('reference notes')).toBeUndefined()
  })

  it('names a series that is asked although no folio of it is left', async () => {
    const { field } = await read({}, { ...WHOLE, series: 'Dredging' })

    expect(field('where').find('select').element.selectedOptions[0]?.text).toBe('Dredging')
  })

  it('asks a second question beside it, or none any more', async () => {
    const { field, asked } = await read({ also: 'who objected?' })

    await field('and then').find('input').setValue(' ')
    expect(asked()?.also).toBeNull()
  })

  it('offers what is open only where things can be', async () => {
    const { field } = await read({ aim: 'FIGURE' })
    await flushPromises()

    expect(field('only open')).toBeUndefined()
    expect(field('only overdue')).toBeUndefined()
  })
})
