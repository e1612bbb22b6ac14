import fs from 'node:fs'
import path from 'node:path'
import { KEPT, ROOT } from './places.mjs'
import { lastLines, run, say } from './run.mjs'

/**
 * Runs a project of Vitest and reads its own account of what passed.
 * @param {string} project
 * @param {Record<string, string>} [env]
 * @param {{ yields?: boolean }} [options] `yields`: it takes what time others leave, and all of it once they are done
 */
export async function testProject(project, env = {}, { yields = false } = {}) {
  const report = path.join(KEPT, `vitest-${project}.json`)
  fs.rmSync(report, { force: true })
  const args = ['run', `--project=${project}`, '--reporter=default', '--reporter=json', `--outputFile=${report}`]
  const [command, ...first] = yields ? ['nice', '-n', '10', 'npx'] : ['npx']
  const { code, output } = await run(command, [...first, '--no-install', 'vitest', ...args], {
    ...{ cwd: ROOT, show: true },
    env: { ...process.env, ...env },
  })
  if (!fs.existsSync(report)) throw new Error(`The tests of ${project} did not run:\n${lastLines(output)}`)
  const found = JSON.parse(fs.readFileSync(report, 'utf8'))
  const broken = found.testResults.filter(
    (file) => file.status === 'failed' && file.assertionResults.length === 0,
  ).length
  const failed = found.numFailedTests + broken
  return {
    passed: found.numPassedTests,
    failed: failed + (code !== 0 && failed === 0 ? 1 : 0),
    results: found.testResults,
  }
}

const SLOWEST = 10

/** The tests that took longest, so that nobody has to look for them. */
export function saySlowest(results) {
  const all = results.flatMap(({ assertionResults }) => assertionResults)
  const slow = all.toSorted((a, b) => (b.duration ?? 0) - (a.duration ?? 0)).slice(0, SLOWEST)
  say('the slowest:')
  for (const { fullName, duration } of slow) say(`  ${((duration ?? 0) / 1000).toFixed(1)} s  ${fullName}`)
}
