import { useLocalStorage } from '@vueuse/core'
import type { Drawn } from './drawn'

/** A mock exam that was begun, as this browser keeps it until it is kept for good. */
export interface Begun {
  readonly seed: number
  /** Ids of what was called, so that a draw that is another one is not marked for this. */
  readonly expected: readonly string[]
  readonly marks: readonly (readonly (number | null)[])[]
  readonly notes: readonly string[]
  /** The call at which it was left. */
  readonly at: number
}

/** What was begun for a set; null where nothing was. */
export const begunFor = (setId: string) =>
  useLocalStorage<Begun | null>(`tactum exam ${setId}`, null, {
    serializer: { read: (text) => JSON.parse(text) as Begun | null, write: (value) => JSON.stringify(value) },
  })

/** A draw of which nothing is marked yet. */
export const unmarked = (seed: number, { items, marking }: Drawn): Begun => ({
  ...{ seed, at: 0, expected: items.map(({ atom }) => atom) },
  marks: items.map(() => marking.criteria.map(() => null)),
  notes: items.map(() => ''),
})

/** Whether what was begun is of this draw. */
export const isOf = ({ expected }: Begun, { items }: Drawn): boolean =>
  items.length === expected.length && items.every(({ atom }, at) => atom === expected[at])

/** Calls of which something is marked. */
export const markedIn = ({ marks }: Begun): number => marks.filter((own) => own.some((mark) => mark !== null)).length
