// The core from a terminal: bundles it when its sources have changed, then hands over. Prints nothing of its own.
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { bundle } from './lib/bundle.mjs'
import { ensureModules } from './lib/packages.mjs'
import { fail } from './lib/run.mjs'

// whoever reads has read enough: `realise | head -1`
process.stdout.on('error', (/** @type {NodeJS.ErrnoException} */ error) => {
  if (error.code !== 'EPIPE') throw error
  process.exit(0)
})

async function main() {
  const [command, ...args] = process.argv.slice(2)
  await ensureModules()
  const file = await bundle(path.join('cli', 'main.ts'), 'cli')
  const { main: hand } = await import(pathToFileURL(file).href)
  process.exitCode = await hand(command, args)
}

await main().catch(fail)
