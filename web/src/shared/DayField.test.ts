import { flushPromises, mount } from '@vue/test-utils'
import DatePicker from 'primevue/datepicker'
import PrimeVue from 'primevue/config'
import { nextTick } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import DayField from './DayField.vue'
import { primeVueOptions } from './primevue'

beforeEach(() => {
  const media = { matches: false, addEventListener: () => {}, removeEventListener: () => {} }
  vi.stubGlobal('matchMedia', () => media)
})
afterEach(() => vi.unstubAllGlobals())

function field(day: string | null) {
  const mounted = mount(DayField, {
    props: {
      inputId: 'day',
      near: '2026-03-04',
      modelValue: day,
      'onUpdate:modelValue': (to: string | null) => mounted.setProps({ modelValue: to }),
    },
    global: { plugins: [[PrimeVue, primeVueOptions]] },
    attachTo: document.body,
  })
  const input = mounted.get('input')
  async function type(words: string) {
    input.element.value = words
    await input.trigger('keydown', { key: 'Enter' })
  }
  const picker = mounted.getComponent(DatePicker)
  return { mounted, type, picker, input, day: () => mounted.props('modelValue') }
}

describe('a field for a day', () => {
  it('opens a calendar whose weeks begin on Monday', async () => {
    const { input } = field('2026-03-06')
    input.element.focus()
    await flushPromises()

    const days = [...document.querySelectorAll('[role=dialog] th')].map((d) => d.textContent.trim())
    expect(days[0]).toBe('Mo')
    expect(days).toHaveLength(7)
  })

  it('takes a day as people type it', async () => {
    const { type, day } = field(null)
    await type('13 mar')
    expect(day()).toBe('2026-03-13')
  })

  it('takes it when it is left by the tab key', async () => {
    const { input, day } = field('2026-03-06')
    input.element.value = '13 mar'
    await input.trigger('keydown', { key: 'Tab' })
    expect(day()).toBe('2026-03-13')
  })

  it('does not let the calendar put back what stood there before', async () => {
    const { type, day, picker } = field('2026-03-06')
    await type('13 mar')
    picker.vm.$emit('update:modelValue', new Date(2026, 2, 6, 12))
    await nextTick()
    expect(day()).toBe('2026-03-13')
  })

  it('takes what is chosen in the calendar, also after typing', async () => {
    const { type, day, picker, input } = field('2026-03-06')
    await type('13 mar')
    picker.vm.$emit('update:modelValue', new Date(2026, 2, 20, 12))
    await nextTick()
    expect(day()).toBe('2026-03-20')
    await input.trigger('input')
    picker.vm.$emit('update:modelValue', new Date(2026, 2, 6, 12))
    await nextTick()
    expect(day()).toBe('2026-03-06')
  })

  it('leaves things alone where what is typed is no day', async () => {
    const { type, day } = field('2026-03-06')
    await type('soon')
    expect(day()).toBe('2026-03-06')
  })
})
