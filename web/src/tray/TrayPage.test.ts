import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, type MockInstance, vi } from 'vitest'
import type { Router } from 'vue-router'
import type { Source, TakenIn } from '../api/types'
import { useNotices } from '../shared/notices'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import TrayPage from './TrayPage.vue'

let push: MockInstance<Router['push']>

function source(change: Partial<Source> = {}): Source {
  return {
    id: 's1',
    name: 'weekly.vtt',
    size: 100,
    receivedAt: new Date().toISOString(),
    state: 'READ',
    read: null,
    notes: false,
    format: 'WebVTT',
    passages: 3,
    seconds: 20,
    speakers: [],
    problems: [],
    meetingId: null,
    guesses: [],
    ...change,
  }
}

type Answer = () => { status?: number; body?: unknown }

async function open(waiting: Source[], taken: TakenIn[] | Answer = []) {
  const server = testServer({
    'GET /api/tray': () => ({ body: waiting }),
    'POST /api/tray': typeof taken === 'function' ? taken : () => ({ body: taken }),
    'POST /api/tray/text': () => ({ body: Array.isArray(taken) ? taken[0] : undefined }),
    'DELETE /api/sources/s1': () => ({}),
    'POST /api/sources/s1/restore': () => ({ body: source() }),
  })
  const { shown: page, router } = await testMount(TrayPage)
  push = vi.spyOn(router, 'push')
  return { page, server }
}

const says = () => useNotices().notices.value.map((n) => n.text)

afterEach(() => {
  vi.unstubAllGlobals()
  useNotices().notices.value = []
})

async function drop(page: Awaited<ReturnType<typeof open>>['page'], ...names: string[]) {
  const files = names.map((name) => new File(['words'], name))
  await page.find('.zone').trigger('drop', { dataTransfer: { files } })
  await flushPromises()
}

describe('the in-tray', () => {
  it('says what belongs there while it is empty', async () => {
    const { page } = await open([])
    expect(page.text()).toContain('The tray is empty')
  })

  it('leads a dropped source that can be read on to its meeting', async () => {
    const { page, server } = await open([], [{ source: source(), sameAs: null }])
    await drop(page, 'weekly.vtt')
    expect(server.of('POST')[0]?.path).toBe('/api/tray')
    expect(push).toHaveBeenCalledWith('/tray/s1')
  })

  it('keeps a broken one, several at once and a double in the list', async () => {
    const broken = { source: source({ state: 'BROKEN' }), sameAs: null }
    await drop((await open([], [broken])).page, 'broken.vtt')
    await drop((await open([], [{ source: source(), sameAs: null }])).page, 'a.vtt', 'b.vtt')
    await drop((await open([], [{ source: source(), sameAs: 'old.vtt' }])).page, 'weekly.vtt')
    expect(push).not.toHaveBeenCalled()
    expect(says()).toContain('weekly.vtt holds the same bytes as old.vtt.')
  })

  it('takes in the other files where one is refused, and names that one', async () => {
    let sent = 0
    const { page } = await open([], () =>
      ++sent === 1
        ? { status: 413, body: { detail: 'A file may have 25 MB.' } }
        : { body: [{ source: source(), sameAs: null }] },
    )
    await drop(page, 'huge.vtt', 'weekly.vtt')
    expect(sent).toBe(2)
    expect(says()).toContain('huge.vtt was not taken in. A file may have 25 MB.')
    expect(push).not.toHaveBeenCalled()
  })

  it('takes pasted text in, and keeps it in its field where that fails', async () => {
    const { page, server } = await open([], [{ source: source({ state: 'BROKEN' }), sameAs: null }])
    await page.findAll('.btn')[0]?.trigger('click')
    await page.find('.paste textarea').setValue('A: ring the yard')
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('cut')))
    await page.find('.paste').trigger('submit')
    await flushPromises()
    expect(page.find<HTMLTextAreaElement>('.paste textarea').element.value).toBe('A: ring the yard')
    expect(says().join()).toContain('cannot be reached')
    expect(server.of('POST')).toHaveLength(0)
  })

  it('takes a source out and puts it back on demand', async () => {
    const { page, server } = await open([source()])
    await page.findAll('article button')[0]?.trigger('click')
    await flushPromises()
    expect(server.of('DELETE')).toHaveLength(1)
    const notice = useNotices().notices.value.find((n) => n.undo)
    notice?.undo?.()
    await flushPromises()
    expect(server.of('POST')[0]?.path).toBe('/api/sources/s1/restore')
  })
})
