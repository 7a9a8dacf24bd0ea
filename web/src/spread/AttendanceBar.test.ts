import { mount } from '@vue/test-utils'
import { nextTick } from 'vue'
import { describe, expect, it } from 'vitest'
import type { Attendee } from '../api/types'
import AttendanceBar from './AttendanceBar.vue'

const attendance = ['Mira', 'Tom', 'Ana'].map(
  (name, i) => ({ id: name, name, present: i < 2, words: i ? 0 : 90, share: 1 }) as Attendee,
)

function roll(fixed = false) {
  const bar = mount(AttendanceBar, { props: { attendance, fixed }, attachTo: document.body })
  const press = (key: string, init = {}) => bar.get('.roll').trigger('keydown', { key, ...init })
  return { bar, press }
}

describe('the roll', () => {
  it('sets one person by one key', async () => {
    const { bar, press } = roll()
    await press('2')
    await press('3')
    expect(bar.emitted('present')).toEqual([
      [attendance[1], false],
      [attendance[2], true],
    ])
  })

  it('shows the keys while it is called, and says who was silent', async () => {
    const { bar } = roll()
    expect(bar.find('kbd').exists()).toBe(false)
    bar.vm.call()
    await nextTick()
    expect(bar.findAll('kbd').map((k) => k.text())).toEqual(['1', '2', '3'])
    expect(bar.text()).toContain('Tom, silent')
    expect(bar.text()).not.toContain('Mira, silent')
  })

  it('lists apart of whom nobody knows whether they were there, and a key sets them present', async () => {
    const unknown = { id: 'p', name: 'Petra', present: null, words: 0, share: 0 } as Attendee
    const bar = mount(AttendanceBar, { props: { attendance: [unknown], fixed: false } })
    expect(bar.get('dt').text()).toBe('Not known')
    expect(bar.get('button').attributes('aria-label')).toContain('not known whether present')
    await bar.get('.roll').trigger('keydown', { key: '1' })
    expect(bar.emitted('present')).toEqual([[unknown, true]])
  })

  it('says that nothing is known of anybody', () => {
    const bar = mount(AttendanceBar, { props: { attendance: [], fixed: false } })
    expect(bar.text()).toBe('Who was there is not known.')
  })

  it('leaves other keys alone, and goes back on Escape', async () => {
    const { bar, press } = roll()
    await press('9')
    await press('1', { ctrlKey: true })
    expect(bar.emitted('present')).toBeUndefined()
    await press('Escape')
    expect(bar.emitted('done')).toHaveLength(1)
  })

  it('changes nothing in a folio', async () => {
    const { bar, press } = roll(true)
    await press('1')
    expect(bar.emitted('present')).toBeUndefined()
  })
})
