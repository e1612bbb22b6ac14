import { type FaultData, RecipeError } from '#core/message'
import { inWorker } from '~/composables/workers'
import type { PracticeApi } from '~/workers/practice.worker'

/** Asks what a record and an aim come to, in a worker. @throws RecipeError `unexpected` where it was lost */
export const practised = inWorker<PracticeApi>(
  () => new Worker(new URL('../workers/practice.worker.ts', import.meta.url), { type: 'module', name: 'practice' }),
)

/** What the worker answers. @throws RecipeError where it found a fault */
export const opened = <T extends object>(answer: T): Exclude<T, { fault: unknown }> => {
  if ('fault' in answer) {
    const { code, params, path } = answer.fault as FaultData
    throw new RecipeError(code, params ?? {}, path)
  }
  return answer as Exclude<T, { fault: unknown }>
}
