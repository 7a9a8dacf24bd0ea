import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { testMount } from '../shared/testMount'
import { testServer } from '../shared/testServer'
import MailServer from './MailServer.vue'

const UNSET = {
  set: false,
  host: null,
  port: null,
  safety: null,
  username: null,
  hasSecret: false,
  sender: null,
  senderName: null,
}
const SET = {
  set: true,
  host: 'mail.skerry.example',
  port: 465,
  safety: 'TLS',
  username: 'lamp',
  hasSecret: true,
  sender: 'minutes@skerry.example',
  senderName: 'Minutes',
}

async function mail(account: Record<string, unknown>, refused?: string) {
  const server = testServer({
    'GET /api/post/account': () => ({ body: account }),
    'PUT /api/post/account': () =>
      refused ? { status: 400, body: { detail: refused } } : { body: account },
    'POST /api/post/account/trial': () => ({ status: 202, body: {} }),
  })
  const { shown } = await testMount(MailServer, { mayChange: true })
  const button = (name: string) => shown.findAll('button').find((b) => b.text() === name)!
  const field = (label: string) =>
    shown
      .findAll('label')
      .find((l) => l.text().startsWith(label))!
      .get<HTMLInputElement>('input')
  return { shown, server, button, field }
}

describe('the mail server', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('is not set up at first, which is said, and cannot be tried', async () => {
    const { shown, button } = await mail(UNSET)

    expect(shown.text()).toContain('letters wait until there is one')
    expect(button('Try it on yourself')).toBeUndefined()
  })

  it('is changed from what it is, its password only where one is typed', async () => {
    const { server, button, field, shown } = await mail(SET)
    await button('Change').trigger('click')

    expect(field('Server').element.value).toBe('mail.skerry.example')
    expect(field('Password').element.value).toBe('')
    await field('Port').setValue('587')
    await shown.get('form').trigger('submit')
    await flushPromises()
    expect(server.of('PUT')[0]?.body).toEqual({
      host: 'mail.skerry.example',
      port: 587,
      safety: 'TLS',
      username: 'lamp',
      secret: null,
      sender: 'minutes@skerry.example',
      senderName: 'Minutes',
    })
    expect(shown.find('form').exists()).toBe(false)
  })

  it('is left as it is, and what was typed is forgotten', async () => {
    const { button, field } = await mail(SET)
    await button('Change').trigger('click')
    await field('Server').setValue('elsewhere.example')
    await field('Password').setValue('secret')
    await button('Leave as it is').trigger('click')
    await button('Change').trigger('click')

    expect(field('Server').element.value).toBe('mail.skerry.example')
    expect(field('Password').element.value).toBe('')
  })

  it('that is refused says why, and keeps what was typed', async () => {
    const { button, field, shown } = await mail(UNSET, 'Without encryption only on this machine.')
    await button('Set up a mail server').trigger('click')
    await field('Server').setValue('mail.skerry.example')
    await shown.get('form').trigger('submit')
    await flushPromises()

    expect(shown.get('[role=alert]').text()).toBe('Without encryption only on this machine.')
    expect(field('Server').element.value).toBe('mail.skerry.example')
  })

  it('is tried with a letter to oneself', async () => {
    const { server, button } = await mail(SET)
    await button('Try it on yourself').trigger('click')
    await flushPromises()

    expect(server.of('POST').map((s) => s.path)).toEqual(['/api/post/account/trial'])
  })
})
