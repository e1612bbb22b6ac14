// Fits what the core weighs and writes the figures into it: `npm run fit` the forecast of practice on made-up pupils, which
// takes some minutes; `npm run fit -- difficulty` the index of difficulty on pairs of which one is easier.
import { spawnSync } from 'node:child_process'
import path from 'node:path'
import { bundle } from './lib/bundle.mjs'
import { ensureModules } from './lib/packages.mjs'
import { ROOT } from './lib/places.mjs'

const FITS = {
  forecast: { entry: 'bench/forecast/fit.ts', fitted: 'core/practice/forecast/fitted.ts' },
  difficulty: { entry: 'bench/difficulty/fit.ts', fitted: 'core/difficulty/weights.ts' },
}
const name = process.argv[2] ?? 'forecast'
if (!FITS[name]) {
  console.error(`There is no fit “${name}”; there are ${Object.keys(FITS).join(', ')}.`)
  process.exit(2)
}
await ensureModules()
const { entry, fitted } = FITS[name]
const fit = await bundle(entry, `${name}-fit`)
const target = path.join(ROOT, fitted)
const { status } = spawnSync(process.execPath, [fit, target], { stdio: 'inherit' })
if (status === 0) spawnSync('npx', ['prettier', '--write', target], { cwd: ROOT, stdio: 'inherit' })
process.exitCode = status ?? 1
