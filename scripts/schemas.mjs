// Brings docs/schemas up to what the doors check: values, bounds and defaults.
import fs from 'node:fs'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { bundle } from './lib/bundle.mjs'
import { ensureModules } from './lib/packages.mjs'
import { ROOT } from './lib/places.mjs'
import { fail, run, say } from './lib/run.mjs'

async function main() {
  await ensureModules()
  const { PUBLISHED, refreshed } = await import(pathToFileURL(await bundle('shared/published.ts', 'schemas')).href)
  const folder = path.join(ROOT, 'docs', 'schemas')
  for (const name of Object.keys(PUBLISHED)) {
    const file = path.join(folder, `${name}.json`)
    fs.writeFileSync(file, JSON.stringify(refreshed(name, JSON.parse(fs.readFileSync(file, 'utf8'))), null, 2))
    say(`• ${name}`)
  }
  const { code, output } = await run('npx', ['--no-install', 'prettier', '--write', folder], { cwd: ROOT })
  if (code !== 0) throw new Error(output)
}

await main().catch(fail)
