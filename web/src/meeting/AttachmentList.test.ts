import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { queryClient } from '../api/queries'
import type { Attachment } from '../api/types'
import DropZone from '../shared/DropZone.vue'
import { useNotices } from '../shared/notices'
import { testServer } from '../shared/testServer'
import AttachmentList from './AttachmentList.vue'

const PLAN: Attachment = {
  id: 'a',
  name: 'plan <b>.pdf',
  size: 4300,
  type: 'PDF document',
  problem: null,
  by: 'Mira Voss',
  mine: true,
  attachedAt: '2026-03-03T09:00:00Z',
}

async function open(there: Attachment[], refusing = false) {
  queryClient.clear()
  const server = testServer({
    'GET /api/meetings/m/attachments': () => ({ body: there }),
    'POST /api/meetings/m/attachments': () =>
      refusing ? { status: 413, body: { detail: 'A file may have 25 MB.' } } : { body: PLAN },
    'DELETE /api/attachments/a': () => ({}),
    'POST /api/attachments/a/restore': () => ({}),
  })
  const list = mount(AttachmentList, {
    props: { meetingId: 'm' },
    global: { plugins: [[VueQueryPlugin, { queryClient }]] },
  })
  await flushPromises()
  return { list, server }
}

const notices = useNotices()

afterEach(() => {
  notices.notices.value = []
  queryClient.clear()
  vi.unstubAllGlobals()
})

describe('what is attached to a meeting', () => {
  it('is listed with what it is, and leads to its bytes', async () => {
    const { list } = await open([PLAN])

    expect(list.find('li').text()).toContain('PDF document · 4 kB · Mira Voss')
    expect(list.find('a').text()).toBe('plan <b>.pdf')
    expect(list.find('a').attributes('href')).toBe('/api/attachments/a')
    expect(list.find('a').attributes()).toHaveProperty('download')
  })

  it('is held back from others where it is something else, and not from whoever attached it', async () => {
    const problem = 'it is a program or script'
    const { list } = await open([{ ...PLAN, problem, mine: false }])
    expect(list.find('a').exists()).toBe(false)
    expect(list.find('[role=alert]').text()).toBe(`Held back from others: ${problem}.`)

    expect((await open([{ ...PLAN, problem }])).list.find('a').exists()).toBe(true)
  })

  it('goes up file by file, and says which was refused', async () => {
    const { list, server } = await open([], true)
    const files = ['a.pdf', 'b.pdf'].map((name) => new File(['x'], name))
    list.findComponent(DropZone).vm.$emit('files', files)
    await flushPromises()

    expect(server.of('POST')).toHaveLength(2)
    expect(notices.notices.value.map((n) => n.text)).toEqual([
      'a.pdf was not attached. A file may have 25 MB.',
      'b.pdf was not attached. A file may have 25 MB.',
    ])
  })

  it('is taken off, and put back on demand', async () => {
    const { list, server } = await open([PLAN])
    await list.find('li button').trigger('click')
    await flushPromises()
    expect(server.of('DELETE')).toHaveLength(1)

    notices.notices.value[0]!.undo!()
    await flushPromises()
    expect(server.of('POST')[0]?.path).toBe('/api/attachments/a/restore')
  })
})
