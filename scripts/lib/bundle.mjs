import fs from 'node:fs'
import path from 'node:path'
import { hashOf, keep, KEPT, readSaved, ROOT } from './places.mjs'

/** Bundles a TypeScript entry for Node, unless its last bundle was made from the same sources. */
export async function bundle(entry, name) {
  const outdir = path.join(KEPT, name)
  const outfile = path.join(outdir, `${path.basename(entry, '.ts')}.mjs`)
  const sources = hashOf([
    'core',
    'engraving',
    'pictures',
    'paper',
    'shared',
    'words',
    'cli',
    'server',
    'bench',
    'tests/support',
    'scripts/lib/bundle.mjs',
    entry,
    'package-lock.json',
  ])
  if (fs.existsSync(outfile) && readSaved(`${name}.hash`) === sources) return outfile
  fs.rmSync(outdir, { recursive: true, force: true })
  const { build } = await import('esbuild')
  await build({
    entryPoints: [path.join(ROOT, entry)],
    outdir,
    // what is asked for on the way, as paper is, stands in a file of its own and is only read then
    splitting: true,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    format: 'esm',
    platform: 'node',
    target: 'node20',
    // it finds its WebAssembly beside itself
    external: ['highs', 'pg', 'pg-native'],
    alias: { '#shared': path.join(ROOT, 'shared') },
    // packages in CommonJS ask for built-ins by require
    // the faces of paper stand in the bundle
    loader: { '.woff': 'binary', '.otf': 'binary' },
    banner: {
      js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
    },
    logLevel: 'warning',
  })
  keep(`${name}.hash`, sources)
  return outfile
}
