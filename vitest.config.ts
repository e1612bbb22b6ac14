import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const at = (place: string) => fileURLToPath(new URL(place, import.meta.url))

/** Tests of the whole application, as it is built. */
const whole = {
  globalSetup: ['tests/support/services.ts'],
  // one of the two services each, kept for all the files that a worker runs
  maxWorkers: 2,
  isolate: false,
  // a slow machine is no failure: whole errands in a browser take their time there
  testTimeout: 180_000,
  hookTimeout: 180_000,
  // pages are asked until they say so
  expect: { poll: { timeout: 60_000 } },
}

export default defineConfig({
  resolve: { alias: { '#shared': at('./shared'), '~': at('./app') } },
  test: {
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          testTimeout: 180_000,
          globalSetup: ['tests/support/bundled.ts'],
          setupFiles: ['tests/support/runs.ts'],
          // nothing here changes what another file sees; modules are loaded once
          isolate: false,
          // on two cores only one would be taken by itself
          maxWorkers: 2,
          include: ['tests/unit/**/*.test.ts', 'tests/reference/**/*.test.ts', 'tests/cli/**/*.test.ts'],
        },
      },
      {
        extends: true,
        test: {
          name: 'whole',
          include: ['tests/server/**/*.test.ts', 'tests/e2e/**/*.test.ts'],
          sequence: { groupOrder: 1 },
          ...whole,
        },
      },
      {
        extends: true,
        test: { name: 'torture', include: ['tests/torture/**/*.test.ts'], sequence: { groupOrder: 3 }, ...whole },
      },
      {
        extends: true,
        test: { name: 'nightly', include: ['tests/nightly/**/*.test.ts'], sequence: { groupOrder: 2 }, ...whole },
      },
    ],
  },
})
