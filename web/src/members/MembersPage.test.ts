import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import { useSession } from '../signin/session'
import MembersPage from './MembersPage.vue'

const MIRA = {
  id: 'm',
  name: 'Mira Voss',
  email: 'mira@skerry.example',
  role: 'ADMINISTERS',
  joined: true,
}
const ANA = { id: 'a', name: 'Ana Prokop', email: 'ana@x', role: 'TAKES_PART', joined: true }
const INES = { id: 'i', name: 'Ines Holm', email: 'ines@x', role: 'LOOKS_ON', joined: false }

async function members(role: 'ADMINISTERS' | 'TAKES_PART' = 'ADMINISTERS') {
  const server = testServer({
    'GET /api/members': () => ({ body: [ANA, INES, MIRA] }),
    'POST /api/members': () => ({ body: { member: INES, link: 'http://lamp/welcome/key' } }),
    'POST /api/members/a/link': () => ({ body: { member: ANA, link: 'http://lamp/welcome/new' } }),
    'GET /api/members/a/open': () => ({ body: { actions: 3 } }),
    'DELETE /api/members/a': () => ({}),
    'PUT /api/members/a': () => ({ body: ANA }),
    'GET /api/people': () => ({
      body: [{ id: 'tom', version: 0, name: 'Tom Reyes', role: null, email: null, aliases: [] }],
    }),
  })
  const { shown } = await testMount(MembersPage)
  useSession().member.value = { ...useSession().member.value!, role }
  await flushPromises()
  const button = (label: string) => shown.get(`[aria-label="${label}"]`)
  return { shown, server, button }
}

describe('the members of a team', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('are listed with their roles, and who has not come in yet', async () => {
    const { shown, button } = await members()

    expect(shown.text()).toMatch(/ines@x\s*· invited, has not signed in yet/)
    expect((button('Role of Ana Prokop').element as HTMLSelectElement).value).toBe('TAKES_PART')
  })

  it('are changed by nobody who only takes part', async () => {
    const { shown } = await members('TAKES_PART')

    expect(shown.find('form').exists()).toBe(false)
    expect(shown.findAll('select')).toHaveLength(0)
    expect(shown.text()).toContain('takes part')
  })

  it('get a link to hand over: anew where they were invited, for a password where they joined', async () => {
    const { shown, server, button } = await members()

    await button('Link for Ines Holm').trigger('click')
    await flushPromises()
    expect(server.of('POST').at(-1)?.body).toEqual({
      name: 'Ines Holm',
      email: 'ines@x',
      role: 'LOOKS_ON',
      byMail: false,
    })
    expect(shown.get('code').text()).toBe('http://lamp/welcome/key')
    await button('Link for Ana Prokop').trigger('click')
    await flushPromises()
    expect(shown.get('code').text()).toBe('http://lamp/welcome/new')
  })

  it('are asked about before they are removed, and hand their actions over', async () => {
    const { shown, server, button } = await members()

    await button('Remove Ana Prokop').trigger('click')
    await flushPromises()
    expect(server.of('DELETE')).toHaveLength(0)
    expect(shown.text()).toContain('Hand 3 open actions over to')
    await shown.get('.ask select').setValue('tom')
    await shown.get('.ask').trigger('submit')
    await flushPromises()
    expect(server.of('DELETE')[0]?.query.get('handTo')).toBe('tom')
  })
})
