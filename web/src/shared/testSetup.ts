import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { afterEach, beforeEach } from 'vitest'
import { queryClient } from '../api/queries'
import { useSession } from '../signin/session'
import { MIRA } from './testMount'

// All files of tests share one document, which takes a second and more to make: each test leaves it as it found it. What is
// said last is done first.
afterEach(() => {
  queryClient.clear()
  document.body.innerHTML = ''
})
beforeEach(() => {
  useSession().member.value = MIRA
})
disableAutoUnmount()
enableAutoUnmount(afterEach)

// What a component that is gone still asks is never answered: nothing is tried again in the middle of the next test.
globalThis.fetch = () => new Promise(() => {})
