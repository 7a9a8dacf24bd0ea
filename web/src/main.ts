import '@fontsource-variable/commissioner/wght.css'
import '@fontsource-variable/literata/opsz.css'
import '@fontsource-variable/literata/opsz-italic.css'
import './styles/tokens.css'
import './styles/base.css'
import './styles/controls.css'
import './styles/layers.css'
import './styles/pages.css'
import './styles/print.css'
import { VueQueryPlugin } from '@tanstack/vue-query'
import PrimeVue from 'primevue/config'
import { createApp } from 'vue'
import App from './App.vue'
import { queryClient } from './api/queries'
import { router } from './router'
import { primeVueOptions } from './shared/primevue'

createApp(App)
  .use(router)
  .use(VueQueryPlugin, { queryClient })
  .use(PrimeVue, primeVueOptions)
  .mount('#app')
