// The long run: properties tried twenty times as often and more, every errand, a large studio. One closing line.
import { fail } from './lib/run.mjs'
import { saySlowest, testProject } from './lib/vitest.mjs'

const ENV = { TACTUM_RUNS: process.env.TACTUM_RUNS ?? '2000', TACTUM_NIGHT: '1' }

async function main() {
  const projects = []
  // each by itself: a worker keeps the service that it took, and the services are a project's own
  for (const project of ['core', 'whole', 'nightly']) projects.push(await testProject(project, ENV))
  saySlowest(projects.flatMap(({ results }) => results))
  const passed = projects.reduce((sum, project) => sum + project.passed, 0)
  const failed = projects.reduce((sum, project) => sum + project.failed, 0)
  process.stdout.write(`${passed} passed, ${failed} failed\n`)
  if (failed > 0) process.exitCode = 1
}

await main().catch(fail)
