import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const at = (place: string) => fileURLToPath(new URL(place, import.meta.url))

export default defineConfig({
  resolve: { alias: { '#shared': at('./shared'), '~': at('./app') } },
  test: {
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          testTimeout: 60_000,
          setupFiles: ['tests/support/runs.ts'],
          // nothing here changes what another file sees; modules are loaded once
          isolate: false,
          // on two cores only one would be taken by itself
          maxWorkers: 2,
          include: ['tests/unit/**/*.test.ts', 'tests/reference/**/*.test.ts'],
        },
      },
      {
        extends: true,
        test: {
          name: 'whole',
          include: ['tests/server/**/*.test.ts', 'tests/cli/**/*.test.ts', 'tests/e2e/**/*.test.ts'],
          globalSetup: ['tests/support/services.ts'],
          // one of the two services each
          maxWorkers: 2,
          sequence: { groupOrder: 1 },
          // a slow machine is no failure: whole errands in a browser take their time there
          testTimeout: 180_000,
          hookTimeout: 180_000,
          // pages are asked until they say so
          expect: { poll: { timeout: 10_000 } },
        },
      },
    ],
  },
})
