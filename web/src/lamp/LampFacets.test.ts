import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Findings } from '../api/types'
import { testMount } from '../shared/testMount'
import LampFacets from './LampFacets.vue'
import LampNarrowings from './LampNarrowings.vue'

const found = (change: Partial<Findings>): Findings => ({
  query: 'charger',
  words: 'charger',
  narrowings: [],
  total: 3,
  reach: 'ALL',
  folios: [],
  facets: [
    { by: 'KIND', value: 'decision', count: 2 },
    { by: 'SERIES', value: 'Safety review', count: 1 },
  ],
  ...change,
})

const narrowings = (...of: [Findings['narrowings'][number]['by'], string, boolean?][]) =>
  of.map(([by, value, known = true]) => ({ by, value, known }))

const at = (findings: Findings) => `/lamp?q=${encodeURIComponent(findings.query)}`

async function facets(change: Partial<Findings> = {}) {
  const findings = found(change)
  const { shown, router } = await testMount(LampFacets, { findings }, at(findings))
  const choice = (name: string) => shown.findAll('li button').find((b) => b.text().includes(name))!
  return { shown, router, choice, looked: () => router.currentRoute.value.query.q }
}

describe('narrowing a search', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('types what is clicked into the search', async () => {
    const { choice, looked } = await facets()

    await choice('Safety review').trigger('click')
    await flushPromises()
    expect(looked()).toBe('charger series:"Safety review"')
  })

  it('keeps what was typed since, and what was clicked before', async () => {
    const { choice, router, looked } = await facets()

    await router.push('/lamp?q=charger cable')
    await choice('Safety review').trigger('click')
    await flushPromises()
    await choice('Last quarter').trigger('click')
    await flushPromises()
    expect(looked()).toBe('charger cable series:"Safety review" when:"last quarter"')
  })

  it('shows what it is narrowed to, in whichever case it was typed, and takes it away again', async () => {
    const { choice, looked } = await facets({
      query: 'charger series:"safety REVIEW"',
      narrowings: narrowings(['SERIES', 'safety REVIEW']),
    })

    expect(choice('Safety review').attributes('aria-pressed')).toBe('true')
    await choice('Safety review').trigger('click')
    await flushPromises()
    expect(looked()).toBe('charger')
  })

  it('puts one period in the place of another', async () => {
    const { choice, looked } = await facets({
      query: 'charger when:2026-09',
      narrowings: narrowings(['WHEN', '2026-09']),
    })

    await choice('Last quarter').trigger('click')
    await flushPromises()
    expect(looked()).toBe('charger when:"last quarter"')
  })

  it('takes two days once both are there', async () => {
    const { shown, looked } = await facets()
    const [from, to] = shown.findAll<HTMLInputElement>('.days input')

    await from!.setValue('1 Sep 2026')
    await from!.trigger('blur')
    await flushPromises()
    expect(looked()).toBe('charger')
    await to!.setValue('9 Sep 2026')
    await to!.trigger('blur')
    await flushPromises()
    expect(looked()).toBe('charger when:2026-09-01/2026-09-09')
  })

  it('fills in the days that were typed into the search', async () => {
    const { shown } = await facets({
      query: 'charger when:2026-09-01/2026-09-09',
      narrowings: narrowings(['WHEN', '2026-09-01/2026-09-09']),
    })

    const days = shown.findAll<HTMLInputElement>('.days input').map((i) => i.element.value)
    expect(days[0]).toContain('1 Sep')
    expect(days[1]).toContain('9 Sep')
  })

  it('looks through what is archived where that is wanted', async () => {
    const { choice, looked } = await facets()

    await choice('Archived folios too').trigger('click')
    await flushPromises()
    expect(looked()).toBe('charger archived:yes')
  })
})

describe('what a search is narrowed to', () => {
  it('is taken away one by one', async () => {
    const findings = found({
      query: 'charger kind:action owner:Tom',
      narrowings: narrowings(['KIND', 'action'], ['OWNER', 'Tom']),
    })
    const { shown, router } = await testMount(LampNarrowings, { findings }, at(findings))

    await shown.findAll('button')[1]!.trigger('click')
    await flushPromises()
    expect(router.currentRoute.value.query.q).toBe('charger kind:action')
  })

  it('says which of it means nothing here', async () => {
    const findings = found({
      query: 'charger series:Dredging',
      narrowings: narrowings(['SERIES', 'Dredging', false]),
    })
    const { shown } = await testMount(LampNarrowings, { findings })

    expect(shown.get('[role=alert]').text()).toContain('Dredging')
  })
})
