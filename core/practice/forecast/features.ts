import { type Evidence, fade, type Hearing, HEARINGS, PUPIL_HALF_LIFE, type Tally } from './evidence'
import { logistic } from './odds'

/** What is known of a study besides its own entries. */
export interface Around {
  /** What the record says of studies of its kind and of its key, and of all that the pupil plays. */
  readonly like: Evidence
  readonly pupil: Evidence
  /** How hard it is for this pupil: index of difficulty above the pupil's level, in tens of points. */
  readonly above: number
  /** How often what is wanted from the first stage to the last would fit into the minutes that were, and that are to come. */
  readonly before: number
  readonly ahead: number
  /** How the record is kept. */
  readonly kept: Keeping
}

/** How a record is kept, 0 to 1. */
export interface Keeping {
  /** Practice days of which nothing is known, as a share. */
  readonly unknown: number
  /** How sure it is that only what went wrong is written down. */
  readonly failuresOnly: number
}

/**
 * What a forecast is made of, in order, with the weight that a teacher would give it before anything is counted (ours):
 * a fit draws its weights to these. None but the first two may weigh less than nothing.
 */
export const FEATURES = {
  base: 0,
  'failures-only': 0,
  cold: 0.4,
  lesson: 0.25,
  home: 0.12,
  like: 0.15,
  'pupil-cold': 0.4,
  'pupil-heard': 0.1,
  'at-tempo': 0.1,
  reached: 0.1,
  'slow-known': 0.4,
  'slow-unknown': 0.1,
  'unplayed-known': 0.8,
  'unplayed-unknown': 0.6,
  easy: 0.1,
  ahead: 0.4,
  'before-unknown': 0.15,
  'before-known': 0.05,
} as const
export const FREE_FEATURES = 2

/** Log-odds of a tally, drawn to even by so many of each. */
const odds = ({ right, wrong }: Tally, weight: number, prior: number): number =>
  Math.log((prior + right * weight) / (prior + wrong * weight))
const both = (a: Tally, b: Tally): Tally => ({ right: a.right + b.right, wrong: a.wrong + b.wrong })

/** Tallies of one entry, some entries, many, that draw log-odds to even (ours). */
const [ONE, SOME, MANY] = [0.7, 1.5, 2]
/** After so many days what is known today says a third of what it says of today. */
const SOON = 30
/** Where only failures are written down, so much less they say. */
const LESS = 0.85

/** Sums of evidence, each study's by its likeness. */
export function sumOf(evidence: readonly Evidence[], weights: readonly number[]): Evidence {
  const sum = (of: (each: Evidence) => number) => evidence.reduce((all, each, at) => all + weights[at]! * of(each), 0)
  const tally = (hearing: Hearing): Tally => ({
    right: sum((each) => each[hearing].right),
    wrong: sum((each) => each[hearing].wrong),
  })
  const [cold, lesson, home] = HEARINGS.map(tally) as [Tally, Tally, Tally]
  return { cold, lesson, home, atTempo: sum(({ atTempo }) => atTempo), reached: 0 }
}

const rightOf = (evidence: Evidence): number => HEARINGS.reduce((sum, hearing) => sum + evidence[hearing].right, 0)

/** Of sittings so many go well, as far as the record tells; three in five before it does. */
const paceOf = ({ lesson, home }: Evidence): number => {
  const { right, wrong } = both(lesson, home)
  return (1.8 + right) / (3 + right + wrong)
}

/** What is wrong says less where nothing else is written down. */
const weighed = (evidence: Evidence, less: number): Evidence => {
  const tally = (hearing: Hearing): Tally => ({ ...evidence[hearing], wrong: evidence[hearing].wrong * less })
  return { ...evidence, cold: tally('cold'), lesson: tally('lesson'), home: tally('home') }
}

/**
 * What a forecast is made of. @param horizon days from the day of the evidence to the one that is forecast
 * @returns values in the order of `FEATURES`
 */
export function featuresOf(evidence: Evidence, around: Around, horizon: number): number[] {
  const { above, before, ahead, kept } = around
  const steady = fade(horizon, PUPIL_HALF_LIFE)
  const [weight, soon, less] = [fade(horizon), Math.exp(-horizon / SOON), 1 - LESS * kept.failuresOnly]
  const [own, like, pupil] = [evidence, around.like, around.pupil].map((each) => weighed(each, less)) as [
    Evidence,
    Evidence,
    Evidence,
  ]
  const tempo = logistic((own.reached - 0.82) / 0.07)
  // what is slow, or was never right, is worked at in the minutes that there are
  const [slow, unplayed] = [1 - tempo, Math.exp(-rightOf(own))].map((each) => each / (1 + 3 * ahead)) as [
    number,
    number,
  ]
  return [
    1,
    kept.failuresOnly,
    odds(own.cold, weight, ONE),
    odds(own.lesson, weight, ONE),
    odds(own.home, weight, ONE),
    odds(both(both(like.cold, like.lesson), like.home), weight, SOME),
    odds(pupil.cold, steady, MANY),
    odds(both(pupil.lesson, pupil.home), steady, MANY),
    Math.log(1 + own.atTempo * weight),
    tempo * soon,
    -slow * (1 - kept.unknown),
    -slow * kept.unknown,
    -unplayed * (1 - kept.unknown),
    -unplayed * kept.unknown,
    -above,
    Math.log(1 + ahead * paceOf(pupil)),
    kept.unknown * Math.log(1 + before),
    (1 - kept.unknown) * Math.log(1 + before),
  ]
}
