import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import { build } from 'esbuild'

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url))

/**
 * Builds what the server's threads run beside the server's entry (server/work/threadFile.ts): a bundle of its own, as
 * chunks that it shared with the server would start another.
 */
const buildThread = (serverDir: string) =>
  build({
    entryPoints: [here('server/work/thread.ts')],
    outdir: serverDir,
    // paper and its faces are read by those who want them
    splitting: true,
    chunkNames: 'thread-[name]-[hash]',
    outExtension: { '.js': '.mjs' },
    bundle: true,
    format: 'esm',
    platform: 'node',
    target: 'node20',
    sourcemap: true,
    // it finds its WebAssembly beside itself
    external: ['highs'],
    alias: { '#shared': here('shared') },
    // packages in CommonJS ask for built-ins by require
    // the faces of paper stand in the bundle
    loader: { '.woff': 'binary', '.otf': 'binary' },
    banner: {
      js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
    },
    logLevel: 'warning',
  })

/** The program of a pupil's own page: built with the others, and no part of the application. */
const HOME = 'home/main.ts'
/** The program that keeps it open without a connection. */
let homeWorker = ''
/** Its files, as the build called them; while developing the page's bundler has them as they are. */
let homeFiles: { script: string; styles: string[] } = { script: `/_nuxt/${HOME}`, styles: [] }
type Built = Record<string, { file: string; css?: string[]; imports?: string[]; isEntry?: boolean }>

/** Styles of a program and of what it shares with others. */
function stylesOf(manifest: Built, key: string, known = new Set<string>()): string[] {
  const own = manifest[key]
  if (!own || known.has(key)) return []
  known.add(key)
  return [...(own.css ?? []), ...(own.imports ?? []).flatMap((each) => stylesOf(manifest, each, known))]
}

/** The program that keeps a pupil's page, told which files are the page's; what a page has is named by its content. */
async function workerOf({ script, styles }: typeof homeFiles, shared: readonly string[]): Promise<string> {
  const files = [...new Set([script, ...styles, ...shared])].map((url) => ({ url, revision: null }))
  const { outputFiles } = await build({
    entryPoints: [here('app/home/worker.ts')],
    ...{ bundle: true, write: false, minify: true, format: 'iife', target: 'es2022', logLevel: 'warning' },
    define: { HOME_FILES: JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
  })
  return outputFiles[0]!.text
}

/** What a program needs at once, without what it fetches later. */
function importsOf(manifest: Built, key: string, known = new Set<string>()): string[] {
  const own = manifest[key]
  if (!own || known.has(key)) return []
  known.add(key)
  return [own.file, ...(own.imports ?? []).flatMap((each) => importsOf(manifest, each, known))]
}

async function takeHome(manifest: Built): Promise<void> {
  const key = Object.keys(manifest).find((name) => name.endsWith(HOME))
  const own = key && manifest[key]
  if (!own) return
  const at = (file: string): string => `/_nuxt/${file}`
  homeFiles = { script: at(own.file), styles: [...new Set(stylesOf(manifest, key).map(at))] }
  const faces = Object.values(manifest).flatMap(({ file }) => (file.includes('latin-wght-normal') ? [file] : []))
  homeWorker = await workerOf(homeFiles, [...importsOf(manifest, key), ...faces].map(at))
  // the application's shell asks for its own entry alone
  own.isEntry = false
}

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
    // what cannot be fetched is said by the page itself (plugins/pages.client.ts), and nothing that is open is let go
    emitRouteChunkError: 'manual',
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
  // nobody reads the maps, and the sizes of compressed chunks are the bench's
  sourcemap: false,
  nitro: {
    imports: false,
    virtual: {
      '#home-files': () =>
        `export const homeFiles = () => (${JSON.stringify(homeFiles)})\nexport const homeWorker = () => ${JSON.stringify(homeWorker)}`,
    },
    logging: { compressedSizes: false },
    // every file of the build lies there as brotli and gzip too
    compressPublicAssets: { brotli: true, gzip: true },
    hooks: { compiled: (nitro) => buildThread(nitro.options.output.serverDir).then(() => undefined) },
    // what threads read at run time, and the server does not import
    externals: {
      traceInclude: ['highs/build/highs.mjs', 'highs/build/highs.wasm', 'piscina/dist/worker.js'].map((file) =>
        here(`node_modules/${file}`),
      ),
    },
    serverAssets: [{ baseName: 'migrations', dir: here('server/db/migrations') }],
  },
  hooks: {
    'vite:extendConfig': (config, { isClient }) => {
      if (!isClient || !config.build?.rollupOptions) return
      const { input } = config.build.rollupOptions
      const entry = typeof input === 'string' ? { entry: input } : Array.isArray(input) ? { entry: input[0]! } : input
      config.build.rollupOptions.input = { ...entry, home: here(`app/${HOME}`) }
    },
    // the shell asks ahead for the layout of every page but paper's, and for nothing else
    'build:manifest': async (manifest) => {
      await takeHome(manifest as Built)
      for (const file of Object.values(manifest)) {
        if (file.isEntry)
          file.dynamicImports = (file.dynamicImports ?? []).filter((name) => name.includes('layouts/default'))
      }
    },
  },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
  eslint: { config: { stylistic: false } },
})
