import { mount } from '@vue/test-utils'
import { h } from 'vue'
import { describe, expect, it } from 'vitest'
import KeySelect from './KeySelect.vue'

function field() {
  return mount(KeySelect, {
    props: { value: 'a' },
    slots: { default: () => ['a', 'b'].map((value) => h('option', { value })) },
  })
}

describe('a list to choose from', () => {
  it('takes a choice by pointer at once', async () => {
    const select = field()
    await select.get('select').setValue('b')
    expect(select.emitted('choose')).toEqual([['b']])
  })

  it('lets the keyboard leaf through it, and takes what stands at Enter', async () => {
    const select = field()
    await select.trigger('keydown', { key: 'b' })
    await select.get('select').setValue('b')
    expect(select.emitted('choose')).toBeUndefined()
    await select.trigger('keydown', { key: 'Enter' })
    await select.trigger('blur')
    expect(select.emitted('choose')).toEqual([['b']])
    expect(select.emitted('back')).toHaveLength(1)
  })

  it('takes what stands when it is left, and nothing after Escape', async () => {
    const left = field()
    await left.trigger('keydown', { key: 'b' })
    await left.get('select').setValue('b')
    await left.trigger('blur')
    expect(left.emitted('choose')).toEqual([['b']])

    const escaped = field()
    await escaped.trigger('keydown', { key: 'b' })
    await escaped.get('select').setValue('b')
    await escaped.trigger('keydown', { key: 'Escape' })
    await escaped.trigger('blur')
    expect(escaped.emitted('choose')).toBeUndefined()
  })
})
