// Everything that is checked, from a fresh clone: one command, one closing line.
import path from 'node:path'
import { ensureBrowser } from './lib/browser.mjs'
import { ensurePdfReader } from './lib/poppler.mjs'
import { ensureBuild, ensureModules } from './lib/packages.mjs'
import { keep, ROOT } from './lib/places.mjs'
import { fail, lastLines, run, say } from './lib/run.mjs'
import { saySlowest, testProject } from './lib/vitest.mjs'

/** @returns {[string, string[]]} */
const tool = (name, ...args) => ['npx', ['--no-install', name, ...args]]

const CRUISED = ['core', 'engraving', 'pictures', 'paper', 'app', 'server', 'shared', 'words', 'cli', 'tests', 'bench']

/** Components need a compiler that reads them; all else goes by the native one, ten times as fast. */
const typedComponents = (project) => tool('vue-tsc', '--noEmit', '-p', project)
const typed = (...projects) =>
  projects.map((project) => [path.join(ROOT, 'node_modules/typescript7/bin/tsc'), ['--noEmit', '-p', project]])

/** Checks that either pass or not; each counts as one. Two lanes, one for each core; the build follows the first. */
const LANES = [
  [
    // what the application is made of; what is shared is read by those that import it
    ['types of the pages', typedComponents('.nuxt/tsconfig.app.json')],
  ],
  [
    [
      'types',
      ...typed(
        '.nuxt/tsconfig.server.json',
        '.nuxt/tsconfig.node.json',
        'tests/tsconfig.json',
        'scripts/tsconfig.json',
      ),
    ],
    ['imports', tool('depcruise', ...CRUISED, '--config', '.dependency-cruiser.cjs')],
    ['formatting', tool('prettier', '--check', '--experimental-cli', '--log-level=warn', '.')],
    ['lint', tool('eslint', '.')],
  ],
]

async function prepare() {
  await ensureModules()
  await ensureBrowser()
  await ensurePdfReader()
  const { code, output } = await run(...tool('nuxt', 'prepare'), { cwd: ROOT })
  if (code !== 0) throw new Error(output)
}

/** Compilers and linters make and drop much: with more room for what is young a fifth of their time is saved. */
const ROOMY = { ...process.env, NODE_OPTIONS: `${process.env.NODE_OPTIONS ?? ''} --max-semi-space-size=64` }

async function check([name, ...commands]) {
  const began = Date.now()
  const failures = []
  for (const [command, args] of commands) {
    const { code, output } = await run(command, args, { cwd: ROOT, env: ROOMY })
    if (code !== 0) failures.push(output)
  }
  const seconds = ((Date.now() - began) / 1000).toFixed(1)
  say(`${failures.length === 0 ? '✓' : '✗'} ${name} (${seconds} s)`)
  for (const output of failures) say(lastLines(output, 60))
  return failures.length === 0
}

/** Checks of a lane, one after the other. */
async function checkLane(lane) {
  const results = []
  for (const each of lane) results.push(await check(each))
  return results
}

/** Both projects' accounts in one. */
function summed(projects) {
  saySlowest(projects.flatMap(({ results }) => results))
  const sum = (of) => projects.reduce((total, project) => total + of(project), 0)
  return { passed: sum(({ passed }) => passed), failed: sum(({ failed }) => failed) }
}

async function main() {
  const began = Date.now()
  await prepare()
  const [first, second] = LANES
  // the build writes what the types are read from: it follows them, beside the other lane
  const built = checkLane(first).then(async (checks) => (await ensureBuild(), checks))
  // what computes begins while the build still runs; then it fills the time in which browsers and servers are waited
  // for, and gives way to them
  const core = checkLane(second).then(async (checks) => ({
    checks,
    found: await testProject('core', {}, { yields: true }),
  }))
  const whole = built.then(async (checks) => ({ checks, found: await testProject('whole') }))
  const both = await Promise.all([whole, core])
  const checks = both.flatMap((each) => each.checks)
  const passed = checks.filter(Boolean).length
  const failed = checks.length - passed
  const found = summed(both.map((each) => each.found))
  keep('test-seconds', String(Math.round((Date.now() - began) / 1000)))
  say(`all of it took ${Math.round((Date.now() - began) / 1000)} s`)
  process.stdout.write(`${passed + found.passed} passed, ${failed + found.failed} failed\n`)
  if (failed + found.failed > 0) process.exitCode = 1
}

await main().catch(fail)
