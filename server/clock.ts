import { AsyncLocalStorage } from 'node:async_hooks'
import { formatISO } from 'date-fns'
import type { Date as Day } from '#core/practice'

const asked = new AsyncLocalStorage<Day | undefined>()

/** Does what a request asks on the day that it is where its page is; without one, where the server stands. */
export const withToday = <T>(day: Day | undefined, work: () => Promise<T>): Promise<T> => asked.run(day, work)

/** The day that it is for whoever asks, `2026-11-28`. */
export const today = (): Day => asked.getStore() ?? formatISO(new Date(), { representation: 'date' })
