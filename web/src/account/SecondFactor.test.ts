import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import SecondFactor from './SecondFactor.vue'

async function factor(on: boolean, off: object = { status: 204, body: undefined }) {
  const server = testServer({
    'GET /api/session/factor': () => ({ body: { on, recoveryCodesLeft: on ? 7 : 0 } }),
    'POST /api/session/factor/secret': () => ({
      body: { secret: 'ABCDEFGH', size: 2, squares: 'M0 0h1v1h-1z' },
    }),
    'POST /api/session/factor': () => ({ body: { codes: ['aaaaa-bbbbb', 'ccccc-ddddd'] } }),
    'POST /api/session/factor/off': () => off,
  })
  const { shown } = await testMount(SecondFactor)
  await flushPromises()
  return { shown, server }
}

describe('the second factor', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('is set up with a picture, the secret in letters and a code, and tells recovery codes once', async () => {
    const { shown, server } = await factor(false)

    await shown.get('button').trigger('click')
    await flushPromises()
    expect(shown.get('svg path').attributes('d')).toBe('M0 0h1v1h-1z')
    expect(shown.text()).toContain('ABCDEFGH')
    expect(document.activeElement?.tagName).toBe('INPUT')
    await shown.get('input').setValue('123456')
    await shown.get('form').trigger('submit')
    await flushPromises()

    expect(server.sent.find((s) => s.body)?.body).toEqual({ code: '123456' })
    expect(shown.get('[role=alert]').text()).toContain('aaaaa-bbbbb')
    expect(shown.find('svg').exists()).toBe(false)
  })

  it('says how many recovery codes are left, and is turned off with a code', async () => {
    const { shown, server } = await factor(true)
    expect(shown.text()).toContain('7 recovery codes left')

    await shown.get('button').trigger('click')
    await shown.get('input').setValue('654321')
    await shown.get('form').trigger('submit')
    await flushPromises()

    expect(server.sent.some((s) => s.path === '/api/session/factor/off')).toBe(true)
  })

  it('stays where the code is wrong', async () => {
    const { shown } = await factor(true, { status: 400, body: { detail: 'That is not the code.' } })

    await shown.get('button').trigger('click')
    await shown.get('input').setValue('000000')
    await shown.get('form').trigger('submit')
    await flushPromises()

    expect(shown.get('[role=alert]').text()).toContain('That is not the code.')
    expect(shown.find('form').exists()).toBe(true)
  })
})
