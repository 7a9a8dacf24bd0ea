import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import { vi } from 'vitest'
import type { Component } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { queryClient } from '../api/queries'
import { primeVueOptions } from './primevue'

/** Mounts a component as the application does, for tests: at an address, with nothing fetched yet. */
export async function testMount(
  component: Component,
  props: Record<string, unknown> = {},
  address = '/',
) {
  queryClient.clear()
  // The calendar of a day field asks how wide the window is, which the test's document does not know.
  vi.stubGlobal('matchMedia', () => new EventTarget())
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:all(.*)*', component: { template: '<i />' } }],
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
