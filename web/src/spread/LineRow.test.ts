import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Line } from '../api/types'
import LineRow from './LineRow.vue'
import { basis, line } from './testLines'

const PEOPLE = [
  { id: 'tom', version: 0, name: 'Tom Reyes', role: null, email: null, aliases: [] },
  { id: 'ana', version: 0, name: 'Ana Prokop', role: null, email: null, aliases: [] },
]

function row(of: Line, change: Record<string, unknown> = {}) {
  return mount(LineRow, {
    props: {
      line: of,
      number: 4,
      lit: false,
      selected: false,
      reachable: true,
      editing: false,
      fixed: false,
      clash: undefined,
      people: PEOPLE,
      day: '2026-03-03',
      ...change,
    },
    global: { stubs: { DayField: { template: '<input id="line-due" />' } } },
  })
}

const action = line('a', { kind: 'ACTION', text: 'Tom Reyes to ring the yard.', ownerId: 'tom' })

describe('a line of the minutes', () => {
  it('says in words, too, that it is in pencil', () => {
    const shown = row(action)
    expect(shown.find('.text').text()).toBe('Tom Reyes to ring the yard., in pencil')
    expect(shown.find('.number').text()).toBe('✎4')
    expect(
      row({ ...action, state: 'INK' })
        .find('.number')
        .text(),
    ).toBe('4')
  })

  it('shows its words as words, whatever they look like', () => {
    const shown = row(line('a', { text: '<img src=x onerror=alert(1)>' }))
    expect(shown.find('img').exists()).toBe(false)
    expect(shown.find('.text').text()).toContain('<img src=x onerror=alert(1)>')
  })

  it('has tools while it is selected, and none on a filed page', () => {
    expect(row(action).find('.tools').exists()).toBe(false)
    expect(row(action, { selected: true }).find('.tools').exists()).toBe(true)
    expect(row(action, { selected: true, fixed: true }).find('.tools').exists()).toBe(false)
  })

  it('is selected by a click, edited by two, but not on a filed page', async () => {
    const shown = row(action)
    await shown.find('.text').trigger('click')
    await shown.find('.text').trigger('dblclick')
    expect(shown.emitted('select')).toEqual([[action]])
    expect(shown.emitted('edit')).toEqual([[action]])
    const filed = row(action, { fixed: true })
    await filed.find('.text').trigger('dblclick')
    expect(filed.emitted('edit')).toBeUndefined()
  })

  it('can be inked only while in pencil, and restored only when struck', () => {
    const names = (l: Line) =>
      row(l, { selected: true })
        .findAll('.tools button')
        .map((b) => b.text())
    expect(names(action)).toEqual([
      'Enterink',
      'Eedit',
      'Xstrike',
      'Jjoin the next',
      '↑',
      '↓move',
      'Wwhy',
    ])
    expect(names({ ...action, state: 'INK' })).not.toContain('Enterink')
    expect(names({ ...action, state: 'POSSIBLE' }).slice(0, 3)).toEqual([
      'Entertake',
      'Eedit',
      'Xdismiss',
    ])
    expect(names({ ...action, state: 'STRUCK' })).toEqual(['Xrestore', 'Wwhy'])
  })

  it('changes hands by its owner field', async () => {
    const shown = row(action, { selected: true })
    await shown.find('[data-tool=owner]').setValue('ana')
    expect(shown.emitted('change')).toEqual([
      [action, 'changing the owner', { ownerId: 'ana', text: 'Ana Prokop to ring the yard.' }],
    ])
  })

  it('is shown as a quotation where it quotes, and can be put in own words', async () => {
    const quote = line('q', { kind: 'RISK', text: 'Second berth. Tom Reyes: “The fender goes.”' })
    const shown = row(quote, { selected: true })
    expect(shown.find('q').text()).toBe('The fender goes.')
    expect(shown.find('.matter').text()).toBe('Second berth.')
    await shown.find('[data-tool=quote]').trigger('click')
    expect(shown.emitted('change')).toEqual([
      [quote, 'no longer quoting', { text: 'The fender goes.' }],
    ])
    expect(shown.emitted('edit')).toEqual([[quote]])
  })

  it('quotes what it rests on on demand, and cannot where it rests on nothing', async () => {
    const said = { ...basis(3, 0, 12), quote: 'The fender goes.', speaker: 'Tom Reyes' }
    const worded = line('w', { kind: 'RISK', text: 'The fender may go.', evidence: [said] })
    const shown = row(worded, { selected: true })
    await shown.find('[data-tool=quote]').trigger('click')
    expect(shown.emitted('change')).toEqual([
      [worded, 'quoting', { text: 'Tom Reyes: “The fender goes.”' }],
    ])
    const written = row(line('n', { kind: 'RISK' }), { selected: true })
    expect(written.find('[data-tool=quote]').exists()).toBe(false)
  })

  it('says what it would be while it is only possible', () => {
    const possible = line('m', { kind: 'RISK', state: 'POSSIBLE' })
    expect(row(possible).find('.aside').text()).toBe('risk')
  })

  it('loses owner and date when it is no action any more', async () => {
    const shown = row(action, { selected: true })
    await shown.find('[data-tool=kind]').setValue('RISK')
    expect(shown.emitted('change')?.[0]).toEqual([
      action,
      'changing the kind',
      { kind: 'RISK', ownerId: null, due: null },
    ])
  })

  it('gives its reasons on demand', async () => {
    const decision = line('d', {
      kind: 'DECISION',
      certainty: 0.81,
      grounds: {
        reasons: ['proposed', 'assented to'],
        standing: 'agreed',
        proposedBy: 'Ana Prokop',
        assentedBy: ['Tom Reyes'],
        objectedBy: [],
      },
    })
    const shown = row(decision, { selected: true })
    expect(shown.find('.why').exists()).toBe(false)
    await shown.find('[data-tool=why]').trigger('click')
    expect(shown.find('.why').text()).toBe(
      'proposed; assented to; proposed by Ana Prokop; assent by Tom Reyes; certainty 81%',
    )
    expect(shown.find('.aside').text()).toBe('agreed')
  })

  it('puts a contested decision’s standing in red', () => {
    const grounds = { ...line('d').grounds, standing: 'contested' }
    expect(
      row(line('d', { kind: 'DECISION', grounds }))
        .find('.aside')
        .classes(),
    ).toContain('red')
  })

  it('shows both versions of a clash and lets one choose', async () => {
    const clash = { mine: { ...action, text: 'mine' }, theirs: { ...action, text: 'theirs' } }
    const shown = row(action, { clash })
    expect(shown.find('[role=alert]').text()).toContain('mine')
    expect(shown.find('[role=alert]').text()).toContain('theirs')
    await shown.findAll('.clash button')[0]?.trigger('click')
    await shown.findAll('.clash button')[1]?.trigger('click')
    expect(shown.emitted('change')?.[0]?.[2]).toMatchObject({ text: 'mine' })
    expect(shown.emitted('settled')).toHaveLength(1)
  })
})
