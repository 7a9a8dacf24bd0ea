import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Recorder } from '../api/types'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import RecordersPage from './RecordersPage.vue'

const recorder = (change: Partial<Recorder> = {}): Recorder => ({
  id: 'r1',
  name: 'Boat hall',
  control: null,
  path: '/hooks/recorders/r1',
  heardAt: null,
  ...change,
})

async function recorders(of: Recorder[], refused?: string) {
  const server = testServer({
    'GET /api/recorders': () => ({ body: of }),
    'POST /api/recorders': () => {
      if (refused) return { status: 400, body: { detail: refused } }
      of.push(recorder({ id: 'r2', name: 'Mess' }))
      return { status: 201, body: { recorder: of.at(-1), secret: 'once-only' } }
    },
    'DELETE /api/recorders/r1': () => {
      of.shift()
      return {}
    },
  })
  const { shown } = await testMount(RecordersPage)
  return { shown, server }
}

describe('the recorders', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('say what one is good for while there is none, and lead to setting one up', async () => {
    const { shown } = await recorders([])

    expect(shown.text()).toContain('No recorder is set up')
    await shown.findAll('button').at(-1)!.trigger('click')
    expect(shown.find('form').exists()).toBe(true)
  })

  it('say where each delivers to and when it was heard of', async () => {
    const { shown } = await recorders([
      recorder({ control: 'http://hall.skerry.example/', heardAt: '2026-09-01T06:00:00Z' }),
    ])

    const entry = shown.get('li').text()
    expect(entry).toContain(`${location.origin}/hooks/recorders/r1`)
    expect(entry).toContain('http://hall.skerry.example/')
    expect(entry).toContain('last heard of')
  })

  it('tell the secret of a new one once, beside it', async () => {
    const { shown, server } = await recorders([recorder()])

    await shown.get('.btn.go').trigger('click')
    await shown.get('form input').setValue('Mess')
    await shown.get('form').trigger('submit')
    await flushPromises()

    expect(server.of('POST')[0]?.body).toEqual({ name: 'Mess', control: null })
    expect(shown.findAll('li')[0]!.text()).not.toContain('once-only')
    expect(shown.findAll('li')[1]!.text()).toContain('once-only')
    expect(shown.find('form').exists()).toBe(false)
  })

  it('that cannot be set up leave the form as it was filled in', async () => {
    const { shown } = await recorders([], 'Commands are taken on this machine alone.')

    await shown.get('.btn.go').trigger('click')
    await shown.get('form input').setValue('Mess')
    await shown.get('form').trigger('submit')
    await flushPromises()
    expect(shown.get('form [role=alert]').text()).toBe('Commands are taken on this machine alone.')
    expect(shown.get<HTMLInputElement>('form input').element.value).toBe('Mess')
  })

  it('are taken away one by one', async () => {
    const { shown } = await recorders([recorder(), recorder({ id: 'r2', name: 'Mess' })])

    await shown.get('[aria-label="Take Boat hall away"]').trigger('click')
    await flushPromises()
    expect(shown.findAll('li h2').map((h) => h.text())).toEqual(['Mess'])
  })
})
