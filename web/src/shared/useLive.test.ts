import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'

/** A stream that the test opens and speaks through. */
class Stream {
  static readonly OPEN = 1
  static all: Stream[] = []
  readyState = 0
  closed = false
  onopen: (() => void) | null = null
  private readonly heard = new Map<string, (event: { data: string }) => void>()

  constructor(readonly url: string) {
    Stream.all.push(this)
  }

  addEventListener(what: string, hear: (event: { data: string }) => void) {
    this.heard.set(what, hear)
  }

  close() {
    this.closed = true
  }

  open() {
    this.readyState = Stream.OPEN
    this.onopen?.()
  }

  tell(what: string, told: unknown = {}) {
    this.heard.get(what)?.({ data: JSON.stringify(told) })
  }

  static get last(): Stream {
    return Stream.all.at(-1)!
  }

  static get open(): Stream[] {
    return Stream.all.filter((s) => !s.closed)
  }
}

const listen = (meeting: string | null, heard: Record<string, (told: unknown) => void>) =>
  mount(
    defineComponent({
      setup() {
        useLive(meeting, heard)
        return () => null
      },
    }),
  )

let useLive: (typeof import('./useLive'))['useLive']

beforeEach(async () => {
  // The stream is the window's: each test has one of its own.
  vi.resetModules()
  ;({ useLive } = await import('./useLive'))
  vi.useFakeTimers()
  vi.stubGlobal('EventSource', Stream)
  Stream.all = []
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('the one stream of a window', () => {
  it('serves several at once, and closes when the last has gone', () => {
    const frame = listen(null, { post: vi.fn() })
    vi.advanceTimersByTime(0)
    const told = vi.fn()
    const page = listen('m', { lines: told })
    const strip = listen('m', { recording: told })
    vi.advanceTimersByTime(0)
    expect(Stream.open.map((s) => s.url)).toEqual(['/api/live?meeting=m'])

    Stream.last.tell('lines', [1])
    Stream.last.tell('recording', { n: 2 })
    expect(told.mock.calls).toEqual([[[1]], [{ n: 2 }]])

    strip.unmount()
    vi.advanceTimersByTime(0)
    expect(Stream.open.map((s) => s.url)).toEqual(['/api/live?meeting=m'])
    page.unmount()
    vi.advanceTimersByTime(0)
    expect(Stream.open.map((s) => s.url)).toEqual(['/api/live'])
    frame.unmount()
    vi.advanceTimersByTime(0)
    expect(Stream.open).toEqual([])
  })

  it('goes from one meeting to the next without a stop in between', () => {
    const first = listen('m', {})
    vi.advanceTimersByTime(0)
    first.unmount()
    const second = listen('n', {})
    vi.advanceTimersByTime(0)
    expect(Stream.all.map((s) => s.url)).toEqual(['/api/live?meeting=m', '/api/live?meeting=n'])
    second.unmount()
    vi.advanceTimersByTime(0)
  })

  it('says when it stands, also to those who come while it does, but to nobody for another meeting', () => {
    const early = vi.fn()
    const frame = listen(null, { connected: early })
    vi.advanceTimersByTime(0)
    Stream.last.open()
    expect(early).toHaveBeenCalledTimes(1)

    const late = vi.fn()
    const more = listen(null, { connected: late })
    expect(late).toHaveBeenCalledTimes(1)
    const elsewhere = vi.fn()
    const page = listen('m', { connected: elsewhere })
    expect(elsewhere).not.toHaveBeenCalled()
    vi.advanceTimersByTime(0)
    Stream.last.open()
    expect(elsewhere).toHaveBeenCalledTimes(1)
    ;[frame, more, page].forEach((w) => w.unmount())
    vi.advanceTimersByTime(0)
  })

  it('is begun anew after a silence, and not while signs of life come', () => {
    const frame = listen(null, {})
    vi.advanceTimersByTime(0)
    Stream.last.open()
    for (let i = 0; i < 5; i++) {
      vi.advanceTimersByTime(10_000)
      Stream.last.tell('alive')
    }
    expect(Stream.all).toHaveLength(1)

    vi.advanceTimersByTime(30_000)
    expect(Stream.all).toHaveLength(2)
    expect(Stream.open).toHaveLength(1)
    frame.unmount()
    vi.advanceTimersByTime(0)
  })
})
