import { goes } from './line'
import type { CommonRecipe } from './recipe'
import { NO_BOOKENDS, PLAIN_PATTERN } from './shape'
import type { Shapes } from './layoutRules'

/** What takes nothing but a rhythm: a list of pitches, or an octave that the hands share. */
export const BARE_SHAPES: Shapes = {
  figure: ['straight'],
  walk: ['straight'],
  keySteps: [],
  motif: false,
  accompaniment: ['none'],
  before: ['none'],
  after: ['none'],
}

/** A shape as far as it can be taken; what cannot becomes plain. */
export function fittedTo(
  { pattern, bookends }: Pick<CommonRecipe, 'pattern' | 'bookends'>,
  can: Shapes,
): Pick<CommonRecipe, 'pattern' | 'bookends'> {
  const ifTaken = <T>(value: T, some: readonly T[], plain: T): T => (some.includes(value) ? value : plain)
  return {
    pattern: {
      figure: ifTaken(pattern.figure, can.figure, PLAIN_PATTERN.figure),
      walk: ifTaken(pattern.walk, can.walk, PLAIN_PATTERN.walk),
      motif: can.motif ? pattern.motif : PLAIN_PATTERN.motif,
      sequence: can.motif ? pattern.sequence : PLAIN_PATTERN.sequence,
      ...(goes(pattern.journey, can.keySteps)
        ? { journey: pattern.journey, link: pattern.link }
        : { journey: PLAIN_PATTERN.journey, link: PLAIN_PATTERN.link }),
      accompaniment: ifTaken(pattern.accompaniment, can.accompaniment, PLAIN_PATTERN.accompaniment),
    },
    bookends: {
      ...bookends,
      before: ifTaken(bookends.before, can.before, NO_BOOKENDS.before),
      after: ifTaken(bookends.after, can.after, NO_BOOKENDS.after),
    },
  }
}
