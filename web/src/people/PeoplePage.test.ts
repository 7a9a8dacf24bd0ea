import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { useNotices } from '../shared/notices'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import PeoplePage from './PeoplePage.vue'

const TOM = {
  id: 'p1',
  version: 4,
  name: 'Tom Reyes',
  role: 'shore engineer',
  email: 'tom@skerry.example',
  aliases: ['Tommo', 'Tom R'],
}

async function roster(people = [TOM], refused?: { status: number; detail: string }) {
  const answer = () =>
    refused ? { status: refused.status, body: { detail: refused.detail } } : { body: TOM }
  const server = testServer({
    'GET /api/people': () => ({ body: people }),
    'POST /api/people': answer,
    'PUT /api/people/p1': answer,
    'POST /api/people/file': () => ({
      body: { added: 1, known: ['Tom Reyes'], leftOut: ['Nobody: email must be an address'] },
    }),
  })
  const { shown } = await testMount(PeoplePage)
  const field = (label: string) =>
    shown
      .findAll('form label')
      .find((l) => l.text().startsWith(label))!
      .get<HTMLInputElement>('input')
  return { shown, server, field }
}

describe('the people of a team', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('say what they are good for while there is nobody, and lead to the first', async () => {
    const { shown, field } = await roster([])

    expect(shown.text()).toContain('Nobody is on the roster yet')
    await shown.findAll('.btn.go').at(-1)!.trigger('click')
    expect(document.activeElement).toBe(field('Name').element)
  })

  it('are added with the other names they go by', async () => {
    const { shown, server, field } = await roster()

    await shown.findAll('button').at(1)!.trigger('click')
    await field('Name').setValue('Ana Prokop')
    await field('Also called').setValue(' Annie ,, A. P. ')
    await shown.get('form').trigger('submit')
    await flushPromises()
    expect(server.of('POST')[0]?.body).toEqual({
      name: 'Ana Prokop',
      role: null,
      email: null,
      aliases: ['Annie', 'A. P.'],
    })
    expect(shown.find('form').exists()).toBe(false)
  })

  it('are changed on the version that was read, and can be left as they are', async () => {
    const { shown, server, field } = await roster()

    await shown.get('[aria-label="Change Tom Reyes"]').trigger('click')
    expect(field('Also called').element.value).toBe('Tommo, Tom R')
    await shown.get('form').trigger('keydown', { key: 'Escape' })
    expect(shown.find('form').exists()).toBe(false)
    expect(server.of('PUT')).toEqual([])

    await shown.get('[aria-label="Change Tom Reyes"]').trigger('click')
    await field('Role').setValue('')
    await shown.get('form').trigger('submit')
    await flushPromises()
    expect(server.of('PUT')[0]?.headers.get('If-Match')).toBe('"4"')
    expect(server.of('PUT')[0]?.body).toMatchObject({ name: 'Tom Reyes', role: null })
  })

  it('that are refused stay in the form, with the reason', async () => {
    const { shown, field } = await roster([TOM], {
      status: 409,
      detail: 'The roster has a Tom Reyes already.',
    })

    await shown.findAll('button').at(1)!.trigger('click')
    await field('Name').setValue('Tom Reyes')
    await shown.get('form').trigger('submit')
    await flushPromises()
    expect(shown.get('form').text()).toContain('The roster has a Tom Reyes already.')
    expect(field('Name').element.value).toBe('Tom Reyes')
  })

  it('come in by a list, and whoever could not be taken in is named', async () => {
    const { shown, server } = await roster()
    const file = shown.get<HTMLInputElement>('[data-testid=people-file]')
    const list = new File(['name\nAna Prokop\n'], 'people.csv', { type: 'text/csv' })
    Object.defineProperty(file.element, 'files', { value: [list] })
    Object.defineProperty(file.element, 'value', { value: '', writable: true })
    await file.trigger('change')
    await flushPromises()

    expect(server.of('POST').map((s) => s.path)).toEqual(['/api/people/file'])
    expect(shown.get('.left-out').text()).toBe('Left out: Nobody: email must be an address')
    expect(useNotices().notices.value.at(-1)?.text).toBe('1 person added; 1 known already.')
  })
})
