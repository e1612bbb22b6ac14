import { allTonics, KINDS, type KindId, signsOf, tonicsOutward } from '../material'
import type { Note } from '../pitch'
import type { Signs } from './part'

const within = (fifths: number, signs: readonly Signs[]): boolean =>
  signs.every(({ sharps, flats, exact }) => {
    const [count, limit, other] = fifths < 0 ? [-fifths, flats, sharps] : [fifths, sharps, flats]
    if (exact) return limit === count
    // a limit on one side leaves the other side out, but for the key without signs
    return count === 0 ? (limit ?? other) !== null : limit !== null && count <= limit
  })

/** Every usual key of a kind, from no signs outward, within the limits; of two names for the same keys the simpler. */
export const tonicsWithin = (kind: KindId, signs: readonly Signs[]): Note[] =>
  signs.length > 0
    ? tonicsOutward(KINDS[kind]).filter((tonic) => within(signsOf(tonic, KINDS[kind]), signs))
    : allTonics(KINDS[kind])
