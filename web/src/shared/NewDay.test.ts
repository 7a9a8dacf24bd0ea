import { afterEach, describe, expect, it, vi } from 'vitest'
import NewDay from './NewDay.vue'
import { testMount } from './testMount'

describe('a new day for a line', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('begins with the day it had, ready to be typed over', async () => {
    const { shown } = await testMount(NewDay, { lineId: 'l1', was: '2026-10-09' })
    const field = shown.get<HTMLInputElement>('input').element

    expect(field.value).toContain('9 Oct')
    expect(document.activeElement).toBe(field)
    expect(shown.get('label').attributes('for')).toBe(field.id)
  })

  it('is told once it is set', async () => {
    const { shown } = await testMount(NewDay, { lineId: 'l1', was: '2026-10-09' })
    const field = shown.get('input')

    await field.setValue('12 October')
    await field.trigger('blur')
    await shown.get('form').trigger('submit')
    expect(shown.emitted('set')).toEqual([['2026-10-12']])
  })

  it('is none where there is none', async () => {
    const { shown } = await testMount(NewDay, { lineId: 'l1', was: null })

    await shown.get('form').trigger('submit')
    expect(shown.emitted('set')).toBeUndefined()
  })
})
