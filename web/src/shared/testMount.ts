import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import { vi } from 'vitest'
import type { Component } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { queryClient } from '../api/queries'
import { primeVueOptions } from './primevue'

/** Who looks at the screen in a test. */
export const MIRA = {
  id: 'm',
  name: 'Mira Voss',
  email: 'mira@skerry.example',
  team: 'Skerry Line',
  role: 'ADMINISTERS' as const,
  guest: false,
}

/**
 * Mounts a component as the application does, for tests: at an address, signed in, with nothing fetched yet.
 *
 * @param path how the address is understood, for pages that take something out of it
 */
export async function testMount(
  component: Component,
  props: Record<string, unknown> = {},
  address = '/',
  path = '/:all(.*)*',
) {
  queryClient.clear()
  // The calendar of a day field asks how wide the window is, which the test's document does not know.
  vi.stubGlobal('matchMedia', () => new EventTarget())
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path, component: { template: '<i />' } }],
  })
  await router.push(address)
  const shown = mount(component, {
    props,
    global: {
      plugins: [router, [VueQueryPlugin, { queryClient }], [PrimeVue, primeVueOptions]],
    },
    attachTo: document.body,
  })
  await flushPromises()
  return { shown, router }
}
