import { parseNote, pitchClass } from '../pitch'
import { isFree } from '../study'
import type { Target } from './target'

/** How far two studies are alike: one kind, one key, the same hands. 0 to 1 (ours). */
export function likeness(a: Target, b: Target): number {
  const [one, other] = [a.recipe.material, b.recipe.material]
  if (isFree(one) || isFree(other)) return 0
  const hands = a.hands === b.hands ? 1 : 0.6
  return hands * ((one.kind === other.kind ? 0.6 : 0) + (one.tonic === other.tonic ? 0.4 : 0))
}

const [SEMITONES, FIFTH] = [12, 7]
const CLASSES = new Map<string, number>()
function classOf(tonic: string): number {
  let found = CLASSES.get(tonic)
  if (found === undefined) CLASSES.set(tonic, (found = pitchClass(parseNote(tonic))))
  return found
}

/** Fifths from one key to another, 0 to 6. */
function fifthsBetween(a: string, b: string): number {
  const apart = ((classOf(a) - classOf(b)) * FIFTH) % SEMITONES
  const up = (apart + SEMITONES) % SEMITONES
  return Math.min(up, SEMITONES - up)
}

/** What lies under the hand of two studies alike besides: keys that are near each other share most of their notes. 0 to 1 (ours). */
export function sameUnderHand(a: Target, b: Target): number {
  const [one, other] = [a.recipe.material, b.recipe.material]
  if (isFree(one) || isFree(other)) return 0
  return likeness(a, b) + (1 - fifthsBetween(one.tonic, other.tonic) / 6) * 0.3
}
