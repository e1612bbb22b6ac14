import fs from 'node:fs'
import path from 'node:path'
import { hashOf, keep, readSaved, ROOT } from './places.mjs'
import { lastLines, run, say, Stop } from './run.mjs'

/** Installs a package of Debian's, as root or through sudo; otherwise prints the one line to run and stops. */
export async function installDebian(name, why) {
  const line = `apt-get update && apt-get install -y --no-install-recommends ${name}`
  const asRoot = process.getuid?.() === 0
  const sudo = !asRoot && (await run('sudo', ['-n', 'true'])).code === 0
  if (!asRoot && !sudo) throw new Stop(`${why} Run this once, then start again:\n  sudo sh -c '${line}'`)
  say(`• installing Debian's ${name} …`)
  const [command, ...args] = [...(asRoot ? [] : ['sudo', '-n']), 'sh', '-c', line]
  const { code, output } = await run(command, args, { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } })
  if (code !== 0) throw new Stop(`${why} Installing it failed:\n${lastLines(output)}`)
}

/** `npm ci` when node_modules is absent or was made from another lock file. */
export async function ensureModules() {
  const lock = hashOf(['package-lock.json'])
  const there = fs.existsSync(path.join(ROOT, 'node_modules'))
  if (there && readSaved('modules') === lock) return
  if (there && readSaved('modules') === '' && lockMatches()) {
    keep('modules', lock)
    return
  }
  say('• npm ci: fetching the packages (about a minute) …')
  const { code, output } = await run('npm', ['ci', '--no-audit', '--no-fund'], { cwd: ROOT })
  if (code !== 0) throw new Stop(`The packages could not be installed:\n${lastLines(output)}`)
  keep('modules', lock)
}

/** Whether somebody installed the modules by hand after the lock file last changed. */
function lockMatches() {
  const made = fs.statSync(path.join(ROOT, 'node_modules/.package-lock.json'), { throwIfNoEntry: false })
  return made !== undefined && made.mtimeMs >= fs.statSync(path.join(ROOT, 'package-lock.json')).mtimeMs
}

const SOURCES = [
  'app',
  'core',
  'engraving',
  'pictures',
  'paper',
  'server',
  'shared',
  'words',
  'demo',
  'public',
  'nuxt.config.ts',
  'package-lock.json',
]

/** The production build, unless the last one was made from the same sources. */
export async function ensureBuild() {
  const sources = hashOf(SOURCES)
  if (readSaved('built') === sources && fs.existsSync(path.join(ROOT, '.output/server/index.mjs'))) return
  say('• building the application (a minute or two) …')
  const env = { ...process.env, NUXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' }
  const { code, output } = await run('npx', ['--no-install', 'nuxt', 'build'], { cwd: ROOT, env })
  if (code !== 0) throw new Stop(`The build failed:\n${lastLines(output, 30)}`)
  keep('built', sources)
}
