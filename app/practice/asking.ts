import { type ErrorData, DomainError } from '#core/message'
import { inWorker } from '~/composables/workers'
import type { PracticeApi } from '~/workers/practice.worker'

/** Asks what a record and an aim come to, in a worker. @throws DomainError `unexpected` where it was lost */
export const practised = inWorker<PracticeApi>(
  () => new Worker(new URL('../workers/practice.worker.ts', import.meta.url), { type: 'module', name: 'practice' }),
)

/** What the worker answers. @throws DomainError where it found a fault */
export const opened = <T extends object>(answer: T): Exclude<T, { fault: unknown }> => {
  if ('fault' in answer) {
    const { code, params, path } = answer.fault as ErrorData
    throw new DomainError(code, params ?? {}, path)
  }
  return answer as Exclude<T, { fault: unknown }>
}
