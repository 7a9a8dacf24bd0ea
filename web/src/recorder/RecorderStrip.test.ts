import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { queryClient } from '../api/queries'
import type { Recording } from '../api/types'
import { testServer } from '../shared/testServer'
import RecorderStrip from './RecorderStrip.vue'

class Stream {
  static readonly OPEN = 1
  readyState = 0
  addEventListener() {}
  close() {}
}

const recording = (change: Partial<Recording> = {}): Recording => ({
  id: 'r',
  recorderId: 'x',
  recorder: 'Boat hall',
  title: 'Weekly',
  startedAt: new Date().toISOString(),
  heardAt: new Date().toISOString(),
  state: 'RUNNING',
  canCommand: true,
  sourceId: null,
  heard: [{ n: 0, speaker: 'Tom Reyes', startMs: 61_000, text: 'The rope is worn.' }],
  ...change,
})

async function open(now: Recording | null, control: string | null = 'http://r/', closed = false) {
  queryClient.clear()
  const server = testServer({
    'GET /api/meetings/m/recording': () => (now === null ? {} : { body: now }),
    'GET /api/recorders': () => ({ body: [{ id: 'x', name: 'Boat hall', control }] }),
    'POST /api/meetings/m/recording': () => ({}),
    'POST /api/recordings/r/command': () => ({}),
    'POST /api/recordings/r/take': () => ({}),
  })
  const strip = mount(RecorderStrip, {
    props: { meetingId: 'm', closed },
    global: { plugins: [[VueQueryPlugin, { queryClient }]] },
  })
  await flushPromises()
  const press = async (label: string) => {
    await strip
      .findAll('button')
      .find((b) => b.text() === label)!
      .trigger(label.includes('ecord') ? 'submit' : 'click')
    await flushPromises()
  }
  return { strip, server, press }
}

beforeEach(() => vi.stubGlobal('EventSource', Stream))
afterEach(() => {
  queryClient.clear()
  vi.unstubAllGlobals()
})

describe('the recorder beside the notes', () => {
  it('is begun with one press where one takes commands', async () => {
    const { server, press } = await open(null)
    await press('Start recording')

    expect(server.of('POST')[0]?.path).toBe('/api/meetings/m/recording')
    expect(server.of('POST')[0]?.body).toEqual({ recorderId: 'x' })
  })

  it('is not shown where none does and nothing was recorded, nor begun for filed minutes', async () => {
    expect((await open(null, null)).strip.find('section').exists()).toBe(false)
    expect((await open(null, 'http://r/', true)).strip.find('section').exists()).toBe(false)
  })

  it('runs: what is heard lies folded, and it is paused and stopped', async () => {
    const { strip, server, press } = await open(recording())
    expect(strip.text()).toContain('running')
    expect(strip.text()).toContain('Boat hall · 1 passage')
    expect(strip.find('details').attributes('open')).toBeUndefined()
    expect(strip.find('li').text()).toContain('Tom Reyes 1:01')

    await press('Pause')
    await press('Stop')
    expect(server.of('POST').map((s) => s.body)).toEqual([
      { command: 'PAUSE' },
      { command: 'STOP' },
    ])
  })

  it('is paused: it goes on with a press', async () => {
    const { strip, server, press } = await open(recording({ state: 'PAUSED' }))
    expect(strip.text()).toContain('Boat hall is paused')
    await press('Go on')
    expect(server.of('POST')[0]?.body).toEqual({ command: 'RESUME' })
  })

  it('fell silent: that is said, and what was heard can be taken in', async () => {
    const longAgo = new Date(Date.now() - 600_000).toISOString()
    const { strip, server, press } = await open(recording({ heardAt: longAgo }))
    expect(strip.find('[role=alert]').text()).toContain('Nothing heard since')

    await press('Take in what was heard')
    expect(server.of('POST')[0]?.path).toBe('/api/recordings/r/take')
  })

  it('has delivered: nothing is left to press but to record once more', async () => {
    const { strip } = await open(recording({ state: 'TAKEN', sourceId: 's', heard: [] }))

    expect(strip.text()).toContain('recorded by Boat hall, and taken in')
    expect(strip.findAll('button').map((b) => b.text())).toEqual(['Record once more'])
  })
})
