import { KINDS, type KindId, MAX_SIGNS, signatureOf, usualTonics } from '../material'
import { fifthsOf, type Note, pitchClass } from '../pitch'
import type { Signs } from './part'

const signsOf = (kind: KindId, tonic: Note): number =>
  KINDS[kind].signature === null ? fifthsOf(tonic) : signatureOf(tonic, KINDS[kind])

const within = (fifths: number, signs: readonly Signs[]): boolean =>
  signs.every(({ sharps, flats, exact }) => {
    const [count, limit, other] = fifths < 0 ? [-fifths, flats, sharps] : [fifths, sharps, flats]
    if (exact) return limit === count
    // a limit on one side leaves the other side out, but for the key without signs
    return count === 0 ? (limit ?? other) !== null : limit !== null && count <= limit
  })

/** Every usual key of a kind, from no signs outward, within the limits; of two names for the same keys the simpler. */
export function allTonics(kind: KindId, signs: readonly Signs[]): Note[] {
  const count = (tonic: Note): number => signsOf(kind, tonic)
  const usual = usualTonics(KINDS[kind]).filter((tonic) => Math.abs(count(tonic)) <= MAX_SIGNS)
  const sorted = [...usual].sort((a, b) => Math.abs(count(a)) - Math.abs(count(b)) || count(b) - count(a))
  const allowed = sorted.filter((tonic) => signs.length === 0 || within(count(tonic), signs))
  const seen = new Set<number>()
  return signs.length > 0
    ? allowed
    : allowed.filter((tonic) => !seen.has(pitchClass(tonic)) && Boolean(seen.add(pitchClass(tonic))))
}

/** The name with the fewest signs under which a kind is usual on a key of the keyboard. */
export function simplestName(tonic: Note, kind: KindId): Note {
  const same = allTonics(kind, []).find((other) => pitchClass(other) === pitchClass(tonic))
  return same ?? tonic
}
