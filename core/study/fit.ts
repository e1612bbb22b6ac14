import type { Kind } from '../material'
import type { Recipe } from './recipe'
import {
  accompaniesScale,
  ACCOMPANIMENTS,
  AFTER,
  BEFORE,
  figuresFor,
  journeysFor,
  NO_BOOKENDS,
  PLAIN_PATTERN,
  takesBookends,
  walksFor,
} from './shape'

/** Which parts of a pattern, and which bookends, a study can take. */
export interface Shapes {
  readonly figure: ReturnType<typeof figuresFor>
  readonly walk: ReturnType<typeof walksFor>
  readonly journey: ReturnType<typeof journeysFor>
  readonly accompaniment: readonly (typeof ACCOMPANIMENTS)[number][]
  readonly before: readonly (typeof BEFORE)[number][]
  readonly after: readonly (typeof AFTER)[number][]
}

type Asked = Pick<Recipe, 'instrument' | 'school' | 'hands' | 'motion' | 'interval'>

/** What a kind takes, played so; `null` for a list of pitches, which takes nothing but a rhythm. */
export function shapesFor(kind: Kind | null, { instrument, school, hands, motion, interval }: Asked): Shapes {
  const bare: Shapes = {
    figure: ['straight'],
    walk: ['straight'],
    journey: ['one-key'],
    accompaniment: ['none'],
    before: ['none'],
    after: ['none'],
  }
  if (!kind || school === 'two-hand-tetrachords') return bare
  if (instrument !== 'piano') return malletShapes(kind, bare)
  const bookends = takesBookends(kind)
  const oneHandFree = hands === 'together' && motion === 'similar' && interval === 'octave' && accompaniesScale(kind)
  return {
    figure: figuresFor(kind),
    walk: walksFor(kind),
    journey: journeysFor(kind),
    accompaniment: oneHandFree ? ACCOMPANIMENTS : bare.accompaniment,
    before: bookends ? BEFORE : bare.before,
    after: bookends ? AFTER : bare.after,
  }
}

/** Sticks have no thumbs to loop around, no hand to spare for an accompaniment, and no chords of three. */
const malletShapes = (kind: Kind, bare: Shapes): Shapes => ({
  ...bare,
  figure: figuresFor(kind),
  walk: walksFor(kind).filter((walk) => walk !== 'crossing-loops'),
  journey: journeysFor(kind),
  before: takesBookends(kind) ? BEFORE : bare.before,
})

/** A shape as far as a kind can take it; what it cannot becomes plain. */
export function fitShape(
  { pattern, bookends }: Pick<Recipe, 'pattern' | 'bookends'>,
  kind: Kind | null,
  asked: Asked,
): Pick<Recipe, 'pattern' | 'bookends'> {
  const can = shapesFor(kind, asked)
  const kept = <T>(value: T, some: readonly T[], plain: T): T => (some.includes(value) ? value : plain)
  return {
    pattern: {
      figure: kept(pattern.figure, can.figure, PLAIN_PATTERN.figure),
      walk: kept(pattern.walk, can.walk, PLAIN_PATTERN.walk),
      journey: kept(pattern.journey, can.journey, PLAIN_PATTERN.journey),
      accompaniment: kept(pattern.accompaniment, can.accompaniment, PLAIN_PATTERN.accompaniment),
    },
    bookends: {
      before: kept(bookends.before, can.before, NO_BOOKENDS.before),
      after: kept(bookends.after, can.after, NO_BOOKENDS.after),
    },
  }
}
