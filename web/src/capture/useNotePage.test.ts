import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import type { NoteLine, Typed } from '../api/types'
import { testServer } from '../shared/testServer'
import { NOTHING_UNDERSTOOD } from './noteLines'
import { useNotePage } from './useNotePage'

const ME = { id: 'me', name: 'Mira Voss' }
const ANA = { id: 'ana', name: 'Ana Prokop' }

/** Stands in for the stream of server-sent events. */
class Stream extends EventTarget {
  static last: Stream
  onopen: (() => void) | null = null
  constructor() {
    super()
    Stream.last = this
  }
  close() {
    this.onopen = null
  }
  tell(what: string, told: unknown) {
    this.dispatchEvent(new MessageEvent(what, { data: JSON.stringify(told) }))
  }
}

let kept: NoteLine[]
let reachable: boolean
let holder: typeof ME | null

function confirmed(line: Typed): NoteLine {
  return {
    ...line,
    beside: holder !== null && holder.id !== 'me',
    by: ME,
    understood: NOTHING_UNDERSTOOD,
  }
}

function open() {
  const server = testServer({
    'GET /api/meetings/m/page': () =>
      reachable ? { body: { lines: kept, pen: { holder, askedBy: null } } } : 'unreachable',
    'PUT /api/meetings/m/page': (sent) => {
      if (!reachable) return 'unreachable'
      const lines = (sent.body as { lines: Typed[] }).lines.map(confirmed)
      kept = [...kept.filter((k) => !lines.some((l) => l.name === k.name)), ...lines]
      return { body: lines }
    },
    'POST /api/meetings/m/pen/seen': () => ({}),
  })
  let page!: ReturnType<typeof useNotePage>
  const wrapper = mount(
    defineComponent({
      setup() {
        page = useNotePage('m', ME, { matters: () => undefined, remarks: () => undefined })
        return () => h('div')
      },
    }),
  )
  return { page, wrapper, server }
}

async function pass(ms: number) {
  await vi.advanceTimersByTimeAsync(ms)
  await flushPromises()
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('EventSource', Stream)
  localStorage.clear()
  kept = []
  reachable = true
  holder = null
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('a page of notes', () => {
  it('sends a line as it is typed, once for a burst of keys', async () => {
    const { page, server } = open()
    await pass(0)
    const name = page.add(null)
    for (const text of ['r', 'ro', 'roller']) page.change(name, { text })
    expect(page.unsaved.value.has(name)).toBe(true)
    await pass(400)
    expect(server.of('PUT')).toHaveLength(1)
    expect(kept.map((l) => l.text)).toEqual(['roller'])
    expect(page.unsaved.value.size).toBe(0)
  })

  it('keeps lines in the browser while the server is away, says so, and sends them when it is back', async () => {
    const { page } = open()
    await pass(0)
    reachable = false
    page.add(null, { text: 'typed in a tunnel' })
    await pass(600)
    expect(page.trouble.value).toContain('cannot be reached')
    expect(page.unsaved.value.size).toBe(1)
    reachable = true
    await pass(5000)
    expect(kept.map((l) => l.text)).toEqual(['typed in a tunnel'])
    expect(page.trouble.value).toBe('')
  })

  it('shows and sends what a closed window left unsent', async () => {
    const first = open()
    await pass(0)
    reachable = false
    first.page.add(null, { text: 'typed in a tunnel' })
    await pass(100)
    first.wrapper.unmount()
    const second = open()
    await pass(0)
    expect(second.page.lines.value.map((l) => l.text)).toEqual(['typed in a tunnel'])
    expect(second.page.unsaved.value.size).toBe(1)
    reachable = true
    await pass(5000)
    expect(kept).toHaveLength(1)
    expect(second.page.unsaved.value.size).toBe(0)
  })

  it('opens once the server can be reached, and then complains no more', async () => {
    reachable = false
    const { page } = open()
    await pass(100)
    expect(page.trouble.value).toContain('cannot be reached')
    expect(page.opened.value).toBe(false)
    reachable = true
    await pass(5000)
    expect(page.opened.value).toBe(true)
    expect(page.trouble.value).toBe('')
  })

  it('shows what others type, and lets nothing of theirs replace what is being typed', async () => {
    const { page } = open()
    await pass(0)
    const name = page.add(null, { text: 'mine' })
    await pass(400)
    page.change(name, { text: 'mine, longer' })
    const line = kept[0] as NoteLine
    Stream.last.tell('lines', [
      { ...line, text: 'mine' },
      { ...line, name: 'x', text: 'theirs', beside: true, by: ANA },
    ])
    expect(page.lines.value.map((l) => l.text)).toEqual(['mine, longer'])
    expect(page.below.value.map((l) => l.text)).toEqual(['theirs'])
  })

  it('follows the pen', async () => {
    const { page } = open()
    await pass(0)
    expect(page.holdsPen.value).toBe(true)
    Stream.last.tell('pen', { holder: ANA, askedBy: null })
    expect(page.holdsPen.value).toBe(false)
    const name = page.add(null, { text: 'below the rule' })
    expect(page.below.value.map((l) => l.name)).toEqual([name])
  })

  it('pastes many lines one below the other', async () => {
    const { page } = open()
    await pass(0)
    const first = page.add(null, { text: 'agenda', indent: 1 })
    page.paste(first, 'one\n  two')
    await pass(400)
    expect(page.lines.value.map((l) => [l.indent, l.text])).toEqual([
      [1, 'agenda'],
      [1, 'one'],
      [2, 'two'],
    ])
  })

  it('fetches what it missed when the stream is back', async () => {
    const { page } = open()
    await pass(0)
    kept = [{ ...sample(), text: 'missed' }]
    Stream.last.onopen?.()
    await pass(0)
    expect(page.lines.value.map((l) => l.text)).toEqual(['missed'])
  })
})

function sample(): NoteLine {
  return {
    name: 's',
    stamp: 1,
    position: 1,
    indent: 0,
    text: '',
    agendaItem: null,
    typedAt: '2026-03-03T09:31:00Z',
    beside: false,
    removed: false,
    by: ME,
    understood: NOTHING_UNDERSTOOD,
  }
}
