import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

const server = process.env.LAMP_SERVER ?? 'http://127.0.0.1:8077'

export default defineConfig({
  plugins: [vue()],
  resolve: {
    alias: {
      '@primevue/core/usestyle': fileURLToPath(
        new URL('./src/shared/injectNoStyles.ts', import.meta.url),
      ),
    },
  },
  build: {
    target: 'es2022',
    assetsInlineLimit: 0,
    manifest: true,
    modulePreload: { polyfill: false },
  },
  server: { proxy: { '/api': { target: server, changeOrigin: false } } },
  test: {
    environment: 'jsdom',
    include: ['src/**/*.test.ts'],
    isolate: false,
    setupFiles: ['src/shared/testSetup.ts'],
    reporters: ['default', 'junit'],
    outputFile: { junit: 'target/vitest.xml' },
  },
})
