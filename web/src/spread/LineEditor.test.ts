import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import LineEditor from './LineEditor.vue'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

function editor(text = 'before') {
  const shown = mount(LineEditor, { props: { text, label: 'Wording' }, attachTo: document.body })
  return { shown, field: shown.find('textarea') }
}

describe('the field a line is edited in', () => {
  it('has the keyboard, and the caret at the end', () => {
    const { field } = editor()
    expect(document.activeElement).toBe(field.element)
    expect(field.element.selectionStart).toBe('before'.length)
  })

  it('passes on what was typed once the typing pauses', async () => {
    const { shown, field } = editor()
    await field.setValue('bef')
    await field.setValue('befo')
    expect(shown.emitted('typing')).toBeUndefined()
    vi.advanceTimersByTime(700)
    expect(shown.emitted('typing')).toEqual([['befo']])
  })

  it('is done with Enter, once, and without the pause that follows', async () => {
    const { shown, field } = editor()
    await field.setValue('  after ')
    await field.trigger('keydown', { key: 'Enter' })
    await field.trigger('blur')
    vi.advanceTimersByTime(700)
    expect(shown.emitted('done')).toEqual([['after']])
    expect(shown.emitted('typing')).toBeUndefined()
  })

  it('is done by leaving it', async () => {
    const { shown, field } = editor()
    await field.setValue('after')
    await field.trigger('blur')
    expect(shown.emitted('done')).toEqual([['after']])
  })

  it('is given up with Escape, and by leaving nothing', async () => {
    const first = editor()
    await first.field.setValue('after')
    await first.field.trigger('keydown', { key: 'Escape' })
    expect(first.shown.emitted('cancel')).toHaveLength(1)
    expect(first.shown.emitted('done')).toBeUndefined()
    const second = editor()
    await second.field.setValue('  ')
    await second.field.trigger('keydown', { key: 'Enter' })
    expect(second.shown.emitted('cancel')).toHaveLength(1)
  })
})
