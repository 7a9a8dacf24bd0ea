import { computed, ref } from 'vue'
import { answer, api, sendForm } from '../api/client'
import { queryClient } from '../api/queries'
import type { Session } from '../api/types'

const member = ref<Session['member']>(null)
const setupNeeded = ref(false)
let loaded = false

/** Who is signed in, in this browser. */
export function useSession() {
  async function load() {
    if (loaded) return
    const session = await answer(api.GET('/api/session'))
    member.value = session.member
    setupNeeded.value = session.setupNeeded
    loaded = true
  }

  function forget() {
    member.value = null
    loaded = false
    queryClient.clear()
  }

  /** @param code from the authenticator of those who have one */
  async function signIn(email: string, password: string, code = '') {
    const form = new URLSearchParams({ email, password })
    if (code) form.set('code', code)
    await sendForm('/api/session', form)
    loaded = false
    await load()
  }

  /** Creates the team and its first member, then signs that member in. */
  async function setUp(first: {
    code: string
    team: string
    name: string
    email: string
    password: string
  }) {
    await answer(api.POST('/api/setup', { body: first }))
    await signIn(first.email, first.password)
  }

  async function signOut() {
    await sendForm('/api/session/end', new URLSearchParams())
    forget()
  }

  /** Whether the member may change what is the team's, and what concerns the team as a whole. */
  const writes = computed(() => member.value !== null && member.value.role !== 'LOOKS_ON')
  const administers = computed(() => member.value?.role === 'ADMINISTERS')

  /** Whether the member may open a page that says which role it `needs`. */
  function may(needs: unknown) {
    return needs === 'ADMINISTERS' ? administers.value : !needs || writes.value
  }

  return { member, writes, administers, may, setupNeeded, load, forget, signIn, setUp, signOut }
}
