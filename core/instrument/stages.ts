import { KINDS } from '../material'
import { type CommonRecipe, isFree, isPlainPattern, NO_BOOKENDS, PLAIN_RHYTHM } from '../study'
import type { RouteStep, Stage } from './route'

/** What most stages have in common; each says what is its own. */
export function stageOf(recipe: CommonRecipe, { stage, minutes }: RouteStep, own: Partial<Stage> = {}): Stage {
  const { hands, octaves } = recipe
  return { id: stage, hands, octaves, pace: 'slow', minutes, full: false, plain: true, apart: false, ...own }
}

/** Stages that every family ends with: the whole at its tempo, a step beyond it, and cold. */
export function lastStages(recipe: CommonRecipe, step: RouteStep): Stage[] | null {
  if (step.stage === 'tempo') return [stageOf(recipe, step, { pace: 'step', full: true })]
  if (step.stage === 'above') return [stageOf(recipe, step, { pace: 'above', full: true })]
  if (step.stage === 'cold') return [stageOf(recipe, step, { pace: 'asked', full: true })]
  return null
}

/** Runs through octaves are crossed, parted into octaves, and climb ladders; positions, chains and lists are not. */
export const isRun = ({ material }: CommonRecipe): boolean =>
  !isFree(material) && KINDS[material.kind].texture === 'run'

/** Whether a study's shape is its own already, so that no other can be laid over it. */
export const isPlain = ({ pattern, rhythm, bookends }: CommonRecipe): boolean =>
  isPlainPattern(pattern) &&
  rhythm.ladder === PLAIN_RHYTHM.ladder &&
  rhythm.lengths === PLAIN_RHYTHM.lengths &&
  bookends.before === NO_BOOKENDS.before &&
  bookends.after === NO_BOOKENDS.after

/** Uneven rhythms want notes in twos, and no shorter than sixteenths. */
export const takesPairs = ({ tempo: { notesPerBeat } }: CommonRecipe): boolean => [1, 2, 4].includes(notesPerBeat)

/** Beats a minute at which a ladder's shortest notes are no faster than the study itself. */
export function ladderTempo({ tempo }: CommonRecipe, bpm: number, shortest: number, least: number): number {
  return Math.max(least, Math.round((bpm * tempo.notesPerBeat) / shortest))
}
