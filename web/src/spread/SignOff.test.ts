import { describe, expect, it } from 'vitest'
import { flushPromises, mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import SignOff from './SignOff.vue'
import { line } from './testLines'

describe('what is still in pencil before filing', () => {
  const pencil = [line('a'), line('b')]
  async function shown(ink: number) {
    const wrapper = mount(SignOff, {
      props: { pencil, ink },
      global: { plugins: [PrimeVue], stubs: { teleport: true } },
      attachTo: document.body,
    })
    await flushPromises()
    return wrapper
  }
  const named = (wrapper: Awaited<ReturnType<typeof shown>>, name: string) =>
    wrapper.findAll('button').find((b) => b.text() === name)

  it('is filed with the rest, or left out', async () => {
    const wrapper = await shown(3)
    await named(wrapper, 'Ink all 2 and file')!.trigger('click')
    await named(wrapper, 'File only the 3 in ink')!.trigger('click')
    expect(wrapper.emitted('inkAndFile')).toHaveLength(1)
    expect(wrapper.emitted('fileInk')).toHaveLength(1)
    wrapper.unmount()
  })

  it('cannot be left out where nothing is in ink', async () => {
    const wrapper = await shown(0)
    expect(named(wrapper, 'Ink all 2 and file')).toBeDefined()
    expect(named(wrapper, 'File only the 0 in ink')).toBeUndefined()
    wrapper.unmount()
  })
})
