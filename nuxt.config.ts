import { fileURLToPath } from 'node:url'
import type { Plugin } from 'rollup'
import tailwindcss from '@tailwindcss/vite'

const THREAD = 'thread.mjs'

/**
 * Builds what the server's threads run beside the server's entry, and `#thread-file` to tell where that is. Asked late:
 * Nitro gives every chunk the entry's `import.meta`, as soon as that has begun.
 */
const threadFile = (): Plugin => ({
  name: 'thread-file',
  buildStart() {
    const id = fileURLToPath(new URL('server/work/thread.ts', import.meta.url))
    this.emitFile({ type: 'chunk', id, fileName: THREAD })
  },
  resolveId: (source) => (source === '#thread-file' ? '\0thread-file' : null),
  load: (id) => (id === '\0thread-file' ? `export default () => new URL('./${THREAD}', import.meta.url).href` : null),
})

export default defineNuxtConfig({
  compatibilityDate: '2026-06-01',
  telemetry: false,
  devtools: { enabled: false },
  // every page works on the studio's own data; the shell is static and the pages are drawn in the browser
  ssr: false,
  // without server rendering this Nuxt's development server asks the page's bundler for an entry that only this one has
  $development: { experimental: { viteEnvironmentApi: true } },
  experimental: {
    // nothing is prerendered: there is no manifest to ask for
    appManifest: false,
    // the first page loads what it shows; another page is fetched as soon as somebody reaches for its link
    defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } },
  },
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
  pinia: { storesDirs: [] },
  vite: {
    plugins: [tailwindcss()],
    worker: { format: 'es' },
    // known from the start, so that development does not reload the page when it meets them
    optimizeDeps: { include: ['@headlessui/vue', '@vueuse/core', 'comlink', 'sortablejs', 'vexflow/core'] },
  },
  nitro: {
    imports: false,
    rollupConfig: { plugins: [threadFile()] },
    // read by those packages at run time, not imported
    externals: {
      traceInclude: ['highs/build/highs.wasm', 'piscina/dist/worker.js'].map((file) =>
        fileURLToPath(new URL(`node_modules/${file}`, import.meta.url)),
      ),
    },
    serverAssets: [{ baseName: 'migrations', dir: fileURLToPath(new URL('server/db/migrations', import.meta.url)) }],
  },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
  eslint: { config: { stylistic: false } },
})
