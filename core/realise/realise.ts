import type { Alternative } from '../fingering'
import { RecipeError } from '../pitch'
import {
  checkCompass,
  checkPattern,
  completeRecipe,
  type Finger,
  type Hand,
  isFree,
  type Line,
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
import { type Accepted, fingeredHands, type RealisedHand } from './hands'
import { joinedLines, materialFor, type Part, partsOf, signatureOver, stretchOf } from './parts'
import { titleOf, twinWords } from './title'

/** A stretch of a study with a key, a rhythm or a purpose of its own. */
export interface StudySection {
  readonly words: string
  /** Its first step. */
  readonly from: number
  readonly fifths: number
  readonly notesPerBeat: Recipe['tempo']['notesPerBeat']
}

/** A recipe made whole: what the score, the charts, the page and the terminal are drawn from. Plain data. */
export interface RealisedStudy {
  readonly recipe: Recipe
  readonly title: string
  readonly twin: { readonly tonic: string; readonly title: string } | null
  /** Sharps or flats at the clef; beyond seven none is printed, and every sign stands before its note. */
  readonly keySignature: { readonly fifths: number }
  readonly steps: number
  /** Only where there are several. */
  readonly sections?: readonly StudySection[]
  readonly rhythm: Rhythm
  readonly hands: Partial<Record<Hand, RealisedHand>>
  /** Only where both hands play. */
  readonly together?: Together
  readonly difficulty: Difficulty
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
  // the whole recipe first, so that what does not go together is told by its own names
  checkPattern(asked, material)
  const { recipe, parts } = onKeyboard(asked, input.startOctave !== undefined)
  const lines = joinedLines(parts)
  checkPinHands(recipe, lines)
  for (const line of lines) checkAccepted(line, accepted)
  const hands = fingeredHands(recipe, parts, { accepted, alternatives })
  const { right, left } = hands
  const together = right && left ? togetherOf(right, left) : undefined
  const steps = stepsIn(lines)
  return {
    recipe,
    title: titleOf(recipe, material),
    twin: isFree(recipe.material) ? null : twinWords(material),
    keySignature: { fifths: signatureOver(parts) },
    steps,
    ...(parts.length > 1 ? { sections: parts.map(sectionOf) } : {}),
    rhythm: rhythmOf(parts.map(stretchOf), recipe.rhythm.accents),
    hands,
    ...(together ? { together } : {}),
    difficulty: difficultyOf(hands, together, notesPerMinute(recipe.tempo)),
  }
}

const sectionOf = ({ words, from, fifths, recipe }: Part): StudySection => ({
  ...{ words, from, fifths },
  notesPerBeat: recipe.tempo.notesPerBeat,
})

/** The parts of a recipe, on the keyboard. Where the start was left open and does not fit, the nearest that does is taken. */
function onKeyboard(recipe: Recipe, startGiven: boolean): { recipe: Recipe; parts: Part[] } {
  const parts = partsOf(recipe)
  try {
    checkCompass(recipe, (other) => joinedLines(other === recipe ? parts : partsOf(other)), PIANO)
    return { recipe, parts }
  } catch (error) {
    const fits = error instanceof RecipeError ? error.details.fits : null
    if (startGiven || typeof fits !== 'number') throw error
    const moved = { ...recipe, startOctave: fits }
    return { recipe: moved, parts: partsOf(moved) }
  }
}

function checkPinHands(recipe: Recipe, lines: readonly Line[]): void {
  recipe.pins.forEach((pin, at) => {
    if (lines.some((line) => line.hand === pin.hand)) return
    throw new RecipeError('pin.hand', `The ${pin.hand} hand does not play in this study.`, `pins[${at}].hand`)
  })
}

function checkAccepted(line: Line, accepted: Accepted): void {
  const fingers = accepted[line.hand]
  if (!fingers || fingers.length === line.notes.length) return
  throw new RecipeError(
    'accepted.length',
    `The ${line.hand} hand has ${line.notes.length} notes, but ${fingers.length} accepted fingers.`,
    `accepted.${line.hand}`,
  )
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

/** Pins for the notes on which a hand should have other fingers than it has. */
const pinsFor = (study: RealisedStudy, hand: Hand, fingers: readonly Finger[]): Pin[] =>
  fingers.flatMap((finger, index): Pin[] =>
    finger === study.hands[hand]!.fingers[index] ? [] : [{ hand, index, finger }],
  )

/**
 * The pins that make a hand take one of its alternatives: what was pinned stays, and every finger in which the
 * alternative departs is pinned as well. Where the rest would then move to better places, it is pinned too.
 */
export function takeAlternative(
  study: RealisedStudy,
  hand: Hand,
  { fingers }: Pick<Alternative, 'fingers'>,
): readonly Pin[] {
  let pins = [...study.recipe.pins]
  for (let now = study; ;) {
    const more = pinsFor(now, hand, fingers)
    if (more.length === 0) return pins
    pins = [...pins, ...more]
    now = realise({ ...study.recipe, pins }, {}, 0)
  }
}
