import { type Alternative, type Fingering, fingerLine } from '../fingering'
import { freeMaterial, type Material, materialOf } from '../material'
import { parsePitch, pitchName, RecipeError } from '../pitch'
import {
  checkCompass,
  completeRecipe,
  type Finger,
  type Hand,
  isFree,
  type Line,
  type LineNote,
  linesOf,
  notesPerMinute,
  type Pin,
  type Recipe,
  type RecipeInput,
  type Rhythm,
  rhythmOf,
  stepsIn,
} from '../study'
import { PIANO } from '../surface'
import { type Difficulty, difficultyOf, type Together, togetherOf } from '../together'
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
  /** Sharps or flats at the clef; beyond seven none is printed, and every sign stands before its note. */
  readonly keySignature: { readonly fifths: number }
  readonly steps: number
  readonly rhythm: Rhythm
  readonly hands: Partial<Record<Hand, RealisedHand>>
  /** Only where both hands play. */
  readonly together?: Together
  readonly difficulty: Difficulty
}

/** The material that a complete recipe names. @throws RecipeError */
export function materialFor({ material, signature }: Recipe): Material {
  if (!isFree(material)) return materialOf(material, signature)
  const [first] = material.pitches
  return freeMaterial(parsePitch(typeof first === 'string' ? first : first![0]!))
}

/**
 * Realises a recipe: spells it, fingers it, says why. The one door to the core for pages, server and terminal.
 * @param accepted fingers that stand instead of the engine's, with the same number of notes
 * @param alternatives how many further fingerings of each hand are wanted at the most; five unless said
 * @throws RecipeError with code, message and the path of the field
 */
export function realise(input: RecipeInput, accepted: Accepted = {}, alternatives?: number): RealisedStudy {
  const asked = completeRecipe(input)
  const material = materialFor(asked)
  const { recipe, lines } = onKeyboard(asked, material, input.startOctave !== undefined)
  checkPinHands(recipe, lines)
  const hands: Partial<Record<Hand, RealisedHand>> = {}
  for (const line of lines) {
    const wanted = { accepted: acceptedFor(line, accepted), alternatives }
    hands[line.hand] = realisedHand(line, fingerLine(recipe, material, line, wanted))
  }
  const { right, left } = hands
  const together = right && left ? togetherOf(right, left) : undefined
  const steps = stepsIn(lines)
  return {
    recipe,
    title: titleOf(recipe, material),
    twin: isFree(recipe.material) ? null : twinWords(material),
    keySignature: { fifths: material.fifths },
    steps,
    rhythm: rhythmOf(steps, recipe.tempo.notesPerBeat),
    hands,
    ...(together ? { together } : {}),
    difficulty: difficultyOf(hands, together, notesPerMinute(recipe.tempo)),
  }
}

/**
 * The lines of a recipe, on the keyboard. Where the start was left open and the usual octave does not fit, the nearest
 * that does is taken.
 */
function onKeyboard(recipe: Recipe, material: Material, startGiven: boolean): { recipe: Recipe; lines: Line[] } {
  const lines = linesOf(recipe, material)
  try {
    checkCompass(recipe, material, lines, PIANO)
    return { recipe, lines }
  } catch (error) {
    const fits = error instanceof RecipeError ? error.details.fits : null
    if (startGiven || typeof fits !== 'number') throw error
    const moved = { ...recipe, startOctave: fits }
    return { recipe: moved, lines: linesOf(moved, material) }
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

/** Notes whose fingers are pinned, by hand, each with its pin's place in the recipe. */
export const pinnedNotes = (study: RealisedStudy): { hand: Hand; index: number; pin: number }[] =>
  (['right', 'left'] as const).flatMap((hand) => (study.hands[hand]?.pinned ?? []).map((each) => ({ hand, ...each })))

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
 * The pins that make a hand take one of its alternatives: what was pinned stays, and every finger in which the
 * alternative departs is pinned as well.
 */
export function takeAlternative(
  study: RealisedStudy,
  hand: Hand,
  { fingers }: Pick<Alternative, 'fingers'>,
): readonly Pin[] {
  const own = study.hands[hand]?.fingers ?? []
  const more = fingers.flatMap((finger, index): Pin[] => (finger === own[index] ? [] : [{ hand, index, finger }]))
  return [...study.recipe.pins, ...more]
}
