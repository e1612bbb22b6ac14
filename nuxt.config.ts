import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'

export default defineNuxtConfig({
  compatibilityDate: '2026-06-01',
  telemetry: false,
  devtools: { enabled: false },
  // every page works on the studio's own data; the shell is static and the pages are drawn in the browser
  ssr: false,
  modules: ['@pinia/nuxt', '@nuxt/eslint'],
  css: ['~/assets/main.css'],
  app: {
    head: {
      htmlAttrs: { lang: 'en' },
      title: 'Tactum',
      meta: [{ name: 'description', content: 'Scale and arpeggio studies: spelled, fingered, graded, printed' }],
    },
  },
  components: false,
  imports: { autoImport: false },
  vite: { plugins: [tailwindcss()], worker: { format: 'es' } },
  nitro: {
    imports: false,
    serverAssets: [{ baseName: 'migrations', dir: fileURLToPath(new URL('server/db/migrations', import.meta.url)) }],
  },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
  eslint: { config: { stylistic: false } },
})
