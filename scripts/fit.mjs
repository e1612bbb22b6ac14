// Fits the forecast of practice on made-up pupils and writes the figures into the core. Takes some minutes.
import { spawnSync } from 'node:child_process'
import path from 'node:path'
import { bundle } from './lib/bundle.mjs'
import { ensureModules } from './lib/packages.mjs'
import { ROOT } from './lib/places.mjs'

await ensureModules()
const fit = await bundle('bench/forecast/fit.ts', 'forecast-fit')
const fitted = path.join(ROOT, 'core/practice/forecast/fitted.ts')
const { status } = spawnSync(process.execPath, [fit, fitted], { stdio: 'inherit' })
if (status === 0) spawnSync('npx', ['prettier', '--write', fitted], { cwd: ROOT, stdio: 'inherit' })
process.exitCode = status ?? 1
