import { type Alternative, type Fingering, fingerLine, pinsForPattern } from '../fingering'
import { materialOf } from '../material'
import { pitchName, RecipeError } from '../pitch'
import {
  checkCompass,
  completeRecipe,
  type Finger,
  type Hand,
  type Line,
  type LineNote,
  linesOf,
  type Pin,
  type Recipe,
  type RecipeInput,
  type Rhythm,
  rhythmOf,
} from '../study'
import { PIANO } from '../surface'
import { type Together, togetherOf } from '../together'
import { titleOf, twinWords } from './title'

/** Fingers that a teacher has accepted, by hand. */
export type Accepted = Partial<Record<Hand, readonly Finger[]>>

/** One hand of a realised study. */
export interface RealisedHand extends Fingering {
  readonly notes: readonly LineNote[]
  /** ASCII names with octave, `F##4`. */
  readonly pitches: readonly string[]
  readonly midi: readonly number[]
}

/** A recipe made whole: what the score, the charts, the page and the terminal are drawn from. Plain data. */
export interface RealisedStudy {
  readonly recipe: Recipe
  readonly title: string
  readonly twin: { readonly tonic: string; readonly title: string } | null
  readonly keySignature: { readonly fifths: number }
  readonly steps: number
  readonly rhythm: Rhythm
  readonly hands: Partial<Record<Hand, RealisedHand>>
  /** Only where both hands play. */
  readonly together?: Together
}

/**
 * Realises a recipe: spells it, fingers it, says why. The one door to the core for pages, server and terminal.
 * @param accepted fingers that stand instead of the engine's, with the same number of notes
 * @throws RecipeError with code, message and the path of the field
 */
export function realise(input: RecipeInput, accepted: Accepted = {}): RealisedStudy {
  const recipe = completeRecipe(input)
  const material = materialOf(recipe.material.tonic, recipe.material.kind)
  checkCompass(recipe, material, PIANO)
  const lines = linesOf(recipe, material)
  checkPinHands(recipe, lines)
  const hands: Partial<Record<Hand, RealisedHand>> = {}
  for (const line of lines) {
    const stands = acceptedFor(line, accepted)
    hands[line.hand] = realisedHand(line, fingerLine(recipe, material, line, stands))
  }
  const { right, left } = hands
  const steps = lines[0]!.notes.length
  return {
    recipe,
    title: titleOf(recipe, material),
    twin: twinWords(material),
    keySignature: { fifths: material.fifths },
    steps,
    rhythm: rhythmOf(steps, recipe.tempo.notesPerBeat),
    hands,
    ...(right && left ? { together: togetherOf(right, left) } : {}),
  }
}

function realisedHand(line: Line, fingering: Fingering): RealisedHand {
  return {
    ...fingering,
    notes: line.notes,
    pitches: line.notes.map((note) => pitchName(note.pitch)),
    midi: line.notes.map((note) => note.midi),
  }
}

function checkPinHands(recipe: Recipe, lines: readonly Line[]): void {
  recipe.pins.forEach((pin, at) => {
    if (lines.some((line) => line.hand === pin.hand)) return
    throw new RecipeError('pin.hand', `The ${pin.hand} hand does not play in this study.`, `pins[${at}].hand`)
  })
}

function acceptedFor(line: Line, accepted: Accepted): readonly Finger[] | undefined {
  const fingers = accepted[line.hand]
  if (fingers && fingers.length !== line.notes.length) {
    throw new RecipeError(
      'accepted.length',
      `The ${line.hand} hand has ${line.notes.length} notes, but ${fingers.length} accepted fingers.`,
      `accepted.${line.hand}`,
    )
  }
  return fingers
}

/** Notes on which two fingerings of the same study differ, by hand. */
export function departures(study: RealisedStudy, accepted: Accepted): { hand: Hand; index: number }[] {
  return (['right', 'left'] as const).flatMap((hand) =>
    (study.hands[hand]?.fingers ?? []).flatMap((finger, index) => {
      const stood = accepted[hand]?.[index]
      return stood !== undefined && stood !== finger ? [{ hand, index }] : []
    }),
  )
}

/**
 * The pins that make a hand take one of its alternatives; pins of the other hand stay.
 * @throws RecipeError as `realise`, or `hand.absent`
 */
export function takeAlternative(input: RecipeInput, hand: Hand, pattern: Pick<Alternative, 'up' | 'down'>): Pin[] {
  const recipe = completeRecipe(input)
  const material = materialOf(recipe.material.tonic, recipe.material.kind)
  const line = linesOf(recipe, material).find((each) => each.hand === hand)
  if (!line) throw new RecipeError('hand.absent', `The ${hand} hand does not play in this study.`, 'hands')
  const others = recipe.pins.filter((pin) => pin.hand !== hand)
  return [...others, ...pinsForPattern(recipe, material, line, pattern)]
}
