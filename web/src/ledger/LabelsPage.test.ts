import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Label } from '../api/types'
import { useNotices } from '../shared/notices'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import LabelsPage from './LabelsPage.vue'

const label = (id: string, name: string, change: Partial<Label> = {}): Label => ({
  id,
  version: 1,
  sort: 'COLLECTION',
  name,
  parentId: null,
  ...change,
})

const ALL = [
  label('a', 'Berths'),
  label('b', 'Boats'),
  label('c', 'Skarness', { parentId: 'a' }),
  label('t', 'urgent', { sort: 'TAG' }),
]

async function labels(all = ALL, refused?: string) {
  const server = testServer({
    'GET /api/labels': () => ({ body: all }),
    'POST /api/labels': () =>
      refused ? { status: 409, body: { detail: refused } } : { body: label('new', 'made') },
    'PUT /api/labels/a': () => ({ body: all[0] }),
    'PUT /api/labels/b': () => ({ body: all[1] }),
    'DELETE /api/labels/b': () => ({ body: { folios: [3, 7] } }),
    'POST /api/ledger/shelving': () => ({ body: {} }),
  })
  const { shown } = await testMount(LabelsPage)
  const of = (heading: string) => shown.get(`section[aria-label="${heading}"]`)
  return { shown, server, of }
}

describe('collections, projects and tags', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('stand under their sort, a collection behind the one it stands in', async () => {
    const { of } = await labels()

    expect(
      of('Collections')
        .findAll('li a')
        .map((a) => a.text()),
    ).toEqual(['Berths', 'Skarness', 'Boats'])
    expect(of('Projects').findAll('li')).toHaveLength(0)
    expect(of('Tags').get('li a').attributes('href')).toBe('/ledger?facet=TAG:t')
  })

  it('may stand in another, but none that holds some itself', async () => {
    const { shown, server } = await labels()

    expect(shown.find('[aria-label="Berths stands in"]').exists()).toBe(false)
    await shown.get('[aria-label="Boats stands in"]').setValue('a')
    await flushPromises()
    expect(server.of('PUT')[0]?.body).toEqual({ sort: 'COLLECTION', name: 'Boats', parentId: 'a' })
    expect(server.of('PUT')[0]?.headers.get('If-Match')).toBe('"1"')
  })

  it('are renamed where they stand', async () => {
    const { shown, server } = await labels()

    await shown.get('[aria-label="Rename Berths"]').trigger('click')
    await shown.get('[aria-label=Name]').setValue('Quays & "berths"')
    await shown.get('[aria-label=Name]').trigger('submit')
    await flushPromises()
    expect(server.of('PUT')[0]?.body).toMatchObject({ name: 'Quays & "berths"' })
    expect(shown.find('[aria-label=Name]').exists()).toBe(false)
  })

  it('that cannot be made stay in the field, with the reason', async () => {
    const { shown, of } = await labels(ALL, 'There is a tag “urgent” already.')

    const field = of('Tags').get<HTMLInputElement>('form input')
    await field.setValue('urgent')
    await field.trigger('submit')
    await flushPromises()
    expect(shown.get('[role=alert]').text()).toBe('There is a tag “urgent” already.')
    expect(field.element.value).toBe('urgent')
  })

  it('that are removed come back with the folios that were in them', async () => {
    const { shown, server } = await labels()

    await shown.get('[aria-label="Remove Boats"]').trigger('click')
    await flushPromises()
    const notice = useNotices().notices.value.at(-1)!
    expect(notice.text).toBe('Boats is removed.')
    notice.undo!()
    await flushPromises()
    expect(server.of('POST').map((s) => s.body)).toEqual([
      { sort: 'COLLECTION', name: 'Boats', parentId: null },
      expect.objectContaining({ folios: [3, 7], put: 'new' }),
    ])
  })
})
