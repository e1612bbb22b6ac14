import type { Message } from '../message'
import type { CommonInput, CommonRecipe, Hands } from '../study'

/** One kind of stage in the order in which a teacher wants them; the family says which there are. */
export interface RouteStep {
  readonly stage: string
  /** A sitting's length, minutes. */
  readonly minutes: number
}
/** A teacher's own order; stages that are not named are left out. */
export type Template = readonly RouteStep[]

/** How fast a stage is played: slowly as it stands, a step up the ladder of tempi, beyond the aim, or as asked. */
type Pace = 'slow' | 'step' | 'above' | 'asked'

/** A stage of the way through one study. */
export interface Stage {
  /** `right-alone`, `crossings`: the same in every language and for every study. */
  readonly id: string
  readonly hands: Hands
  readonly octaves: number
  readonly pace: Pace
  readonly minutes: number
  /** Whether the whole study is played, so that clean playing counts as playing the study. */
  readonly full: boolean
  /** Whether the study is played as it is, if slowly, in part or by one hand: hands and octaves then tell the stage. */
  readonly plain: boolean
  /** Whether passing it says nothing of the stages before it. */
  readonly apart: boolean
}

/** The practitioners' way through a family's studies. */
export interface Route<R extends CommonRecipe = CommonRecipe, P = unknown> {
  /** Kinds of stage in their usual order, with the minutes of a sitting (common practice, no source). */
  readonly usual: Template
  /** What of its own fields makes another line of a study, so that what was played of one is not of the other. */
  tells(recipe: R): readonly (string | number)[]
  /** Stages that a study has, in the template's order; those that it cannot have are left out. */
  stages(recipe: R, template: Template): readonly Stage[]
  /**
   * Studies in which a stage is practised: small ones cut from the study as it is played, or the study in another form.
   * @param bpm beats a minute for those that keep the study's notes to the beat
   */
  studies(recipe: R, performance: P, stage: Stage, bpm: number): readonly CommonInput[]
  /** What to watch for; null where there is nothing to say. */
  watch(recipe: R, performance: P, stage: Stage): Message | null
}

/**
 * Where in a study something went wrong, or what of the player: the turn at the top, its start, its end; the finger before
 * the thumb, an accent on it, the elbow, the wrist, a note that is looked for, a hand that waits for the other. A family has
 * those that its instruments know.
 */
export const PLACES = [
  ...(['start', 'turn', 'crossing', 'leap', 'bellows', 'register'] as const),
  ...(['row', 'double', 'roll', 'end'] as const),
  ...(['finger', 'accent', 'elbow', 'wrist', 'search', 'waiting'] as const),
] as const
export type Place = (typeof PLACES)[number]
