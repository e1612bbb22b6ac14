import { lineFor, playersIn, type RealisedStudy } from '#core/realise'
import type { Player } from '#core/instrument'
import type { Message } from '#core/message'

/** Why something is as it is: whose notes it speaks of, and what the next best would cost more. */
interface LetterReason {
  readonly hand: Player
  readonly indices: readonly number[]
  readonly message: Message
  readonly price: number | null
}

/** A reason with its footnote letter. */
export interface Lettered {
  readonly letter: string
  readonly reason: LetterReason
}

const ALPHABET = 26

/** a … z, then aa, ab … */
const letterOf = (at: number): string =>
  (at >= ALPHABET ? letterOf(Math.floor(at / ALPHABET) - 1) : '') + String.fromCharCode(97 + (at % ALPHABET))

/** Reasons in reading order, lettered a b c as footnotes are. */
export function letteredReasons(study: RealisedStudy): Lettered[] {
  const reasons = playersIn(study).flatMap((hand) =>
    lineFor(study, hand).reasons.map(({ indices, message, price }): LetterReason => ({
      hand,
      indices,
      message,
      price,
    })),
  )
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
