import { inWorker } from '~/composables/workers'
import type { PracticeApi } from '~/workers/practice.worker'

/** Asks what a record and an aim come to, in a worker. @throws RecipeError `unexpected` where it was lost */
export const practised = inWorker<PracticeApi>(
  () => new Worker(new URL('../workers/practice.worker.ts', import.meta.url), { type: 'module', name: 'practice' }),
)
