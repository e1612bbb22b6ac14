import type { Reason } from '#core/fingering'
import type { RealisedStudy } from '#core/realise'
import { handsIn } from '~/engraving'

/** A reason with its footnote letter. */
export interface Lettered {
  readonly letter: string
  readonly reason: Reason
}

const ALPHABET = 26

/** a … z, then aa, ab … */
const letterOf = (at: number): string =>
  (at >= ALPHABET ? letterOf(Math.floor(at / ALPHABET) - 1) : '') + String.fromCharCode(97 + (at % ALPHABET))

/** Reasons in reading order, lettered a b c as footnotes are. */
export function letteredReasons(study: RealisedStudy): Lettered[] {
  const reasons = handsIn(study).flatMap((hand) => study.hands[hand]!.reasons)
  return reasons.map((reason, at) => ({ letter: letterOf(at), reason }))
}

/** Where the letters stand: by `hand index`, at each reason's first note. */
export function letterMarks(lettered: readonly Lettered[]): ReadonlyMap<string, string> {
  const marks = new Map<string, string>()
  for (const { letter, reason } of lettered) {
    const key = `${reason.hand} ${reason.indices[0]}`
    marks.set(key, (marks.get(key) ?? '') + letter)
  }
  return marks
}
