import { completeRecipe, familyOf, type Recipe, type RecipeInput, type Stage, type Template } from '../instrument'
import { handsOf, type Hands, notesPerMinute, TEMPO_RANGE } from '../study'
import type { ExamDraw } from '../syllabus'
import { type Entry, notesKeyOf, studyKeyOf } from './entry'

/** Practice begins at so much of the tempo asked (common practice, no source: 60 to 70 %). */
const SLOW = 0.65
/** One step up the ladder of tempi (common practice, no source: 4 to 8 %), and the day above the aim. */
const STEP = 0.06
const ABOVE = 0.05

/** A study on its way: what is asked of it, and the stages to get there. */
export interface Target {
  readonly recipe: Recipe
  readonly studyKey: string
  /** The same for studies that differ by touch alone. */
  readonly notesKey: string
  readonly stages: readonly Stage[]
  readonly hands: Hands
  readonly octaves: number
  /** Asked, notes a minute. */
  readonly required: number
  readonly notesPerBeat: number
}

/** Stages in their usual order. @param templates by family; the family's own where there is none */
export function targetOf(recipe: Recipe, template: Template = familyOf(recipe).route.usual): Target {
  return {
    ...{ recipe, studyKey: studyKeyOf(recipe), notesKey: notesKeyOf(recipe) },
    ...{ hands: recipe.hands, octaves: recipe.octaves },
    stages: familyOf(recipe).route.stages(recipe, template),
    required: notesPerMinute(recipe.tempo),
    notesPerBeat: recipe.tempo.notesPerBeat,
  }
}

/** What an item's sheet says gives way to what the list asks of it. */
function requiredRecipe(recipe: Recipe, required: ExamDraw['items'][number]['required']): RecipeInput {
  if (!required) return recipe
  const { notesPerBeat } = recipe.tempo
  return {
    ...recipe,
    ...(recipe.octaves === required.octaves ? {} : { octaves: required.octaves, pins: [] }),
    tempo: { notesPerBeat, bpm: Math.ceil(required.notesPerMinute / notesPerBeat) },
  }
}

/** A study on its way to what a list asks of it. */
export const targetFor = (
  recipe: Recipe,
  required: ExamDraw['items'][number]['required'],
  template?: Template,
): Target => targetOf(completeRecipe(requiredRecipe(recipe, required)), template)

/** A tempo that a metronome has: whole beats a minute, given in notes a minute. */
const beaten = ({ notesPerBeat }: Target, notes: number, round = Math.round): number =>
  Math.max(TEMPO_RANGE.least, round(notes / notesPerBeat)) * notesPerBeat

/** Where practice begins, notes a minute. */
export const slowTempo = (target: Target): number => Math.min(target.required, beaten(target, target.required * SLOW))

/** One step faster, never more than a tenth, nor beyond the aim. */
export const stepUp = (target: Target, tempo: number): number =>
  Math.min(target.required, Math.max(tempo, beaten(target, tempo * (1 + STEP)), ladderNext(target, tempo)))

/** The next beat of the metronome, where a step of six in a hundred would be less than one. */
function ladderNext({ notesPerBeat }: Target, tempo: number): number {
  const next = tempo + notesPerBeat
  return next <= tempo * 1.1 ? next : tempo
}

/** Above the aim for a day. */
export const aboveTempo = (target: Target): number =>
  Math.max(target.required, beaten(target, target.required * (1 + ABOVE), Math.floor))

/** Back by a tenth after two failures. */
export const stepDown = (target: Target, tempo: number): number =>
  Math.max(0, Math.min(tempo, beaten(target, tempo * 0.9)))

/** Steps of the ladder from a tempo to the aim. */
export function stepsTo(target: Target, tempo: number): number[] {
  const ladder: number[] = []
  for (let at = tempo; at < target.required;) {
    const next = stepUp(target, at)
    if (next <= at) return [...ladder, target.required]
    ladder.push(next)
    at = next
  }
  return ladder
}

/** The whole ladder: from where practice begins to what is asked. */
export function ladderOf(target: Target): number[] {
  const slow = slowTempo(target)
  return [slow, ...stepsTo(target, slow)]
}

/** Whether what was played is the study, and not a part of it. */
export const isWhole = (
  { hands, octaves }: Target,
  played: { readonly hands: Hands; readonly octaves: number },
): boolean => played.hands === hands && played.octaves >= octaves

/** Whether a study's hands have a hand in what was played. */
export const takesPart = ({ hands }: Pick<Target, 'hands'>, played: Hands): boolean =>
  played === hands || (hands === 'together' && handsOf(played).length === 1)

/** Whether an entry is about a study: the same line, and a hand that has a part in it. */
export const isAbout = (study: Recipe, { study: played, hands }: Pick<Entry, 'study' | 'hands'>): boolean =>
  studyKeyOf(played) === studyKeyOf(study) && takesPart(study, hands)
