import { RecipeError } from '../pitch'
import {
  type AnyPin,
  checkCompass,
  checkPattern,
  completeRecipe,
  type Finger,
  type FingerRecipe,
  isFree,
  isMallets,
  type Line,
  type MalletRecipe,
  notesPerMinute,
  type Recipe,
  type RecipeInput,
  type Rhythm,
  rhythmOf,
  stepsIn,
  type Stick,
  strokesIn,
} from '../study'
import { malletInstrument, type MalletInstrument, PIANO } from '../surface'
import { difficultyOf, stickDifficulty, togetherOf } from '../together'
import { type Accepted, type Asked, fingeredHands } from './hands'
import { joinedLines, materialFor, type Part, partsOf, signatureOver, stretchOf } from './parts'
import { acceptedMarks, acceptedOf, lineFor, marksOf, type Player, playersIn } from './players'
import { stickedLine } from './sticks'
import type { RealisedStudy, StudySection } from './study'
import { titleOf, twinWords } from './title'

/**
 * Realises a recipe: spells it, gives it fingers or sticks, says why. The one door to the core for pages, server and
 * terminal.
 * @param accepted fingers or sticks that stand instead of the engine's, with the same number of notes
 * @param alternatives how many further ways of each hand (or line of sticks) are wanted at the most; five unless said
 * @throws RecipeError with code, message and the path of the field
 */
export function realise(input: RecipeInput, accepted: Accepted = {}, alternatives?: number): RealisedStudy {
  const asked = completeRecipe(input)
  const material = materialFor(asked)
  // the whole recipe first, so that what does not go together is told by its own names
  checkPattern(asked, material)
  const { recipe, parts } = placed(asked, input)
  const lines = joinedLines(parts)
  const rhythm = rhythmOf(
    parts.map((part, at) => stretchOf(part, at === parts.length - 1)),
    accentsOf(recipe),
  )
  const wanted = { accepted, alternatives }
  return {
    recipe,
    title: titleOf(recipe, material),
    twin: isFree(recipe.material) ? null : twinWords(material),
    keySignature: { fifths: signatureOver(parts) },
    steps: stepsIn(lines),
    ...(parts.length > 1 ? { sections: parts.map(sectionOf) } : {}),
    rhythm,
    ...(isMallets(recipe) ? struck(recipe, parts, rhythm, wanted) : fingered(recipe, parts, lines, wanted)),
  }
}

/** A rudiment accents its first stroke, unless accents are asked for otherwise. */
const accentsOf = (recipe: Recipe): number =>
  recipe.rhythm.accents === 0 && isMallets(recipe) && recipe.rudiment !== 'none'
    ? strokesIn(recipe.rudiment)
    : recipe.rhythm.accents

type Played = Pick<RealisedStudy, 'hands' | 'together' | 'sticking' | 'difficulty'>

function fingered(recipe: FingerRecipe, parts: readonly Part[], lines: readonly Line[], asked: Asked): Played {
  checkPinHands(recipe, lines)
  for (const line of lines) checkAccepted(line.notes.length, asked.accepted, line.hand)
  const hands = fingeredHands(recipe, parts, asked)
  const { right, left } = hands
  const together = right && left ? togetherOf(right, left) : undefined
  const difficulty = difficultyOf(hands, together, notesPerMinute(recipe.tempo))
  return { hands, ...(together ? { together } : {}), difficulty }
}

function struck(recipe: MalletRecipe, parts: readonly Part[], rhythm: Rhythm, asked: Asked): Played {
  const count = parts.reduce((sum, part) => sum + part.lines[0]!.notes.length, 0)
  checkAccepted(count, asked.accepted, 'sticks')
  const sticking = stickedLine(recipe, parts, rhythm, asked)
  return { hands: {}, sticking, difficulty: stickDifficulty(sticking, notesPerMinute(recipe.tempo)) }
}

const sectionOf = ({ words, from, fifths, recipe }: Part): StudySection => ({
  ...{ words, from, fifths },
  notesPerBeat: recipe.tempo.notesPerBeat,
})

/** The compass of what a recipe is played on. */
function compassFor(recipe: Recipe): typeof PIANO | MalletInstrument {
  return isMallets(recipe) ? malletInstrument(recipe.instrument) : PIANO
}

/**
 * The parts of a recipe, on its instrument. Where the start was left open and does not fit, the nearest that does is
 * taken; where the octaves were left open too, as many as fit.
 */
function placed(recipe: Recipe, { startOctave, octaves }: RecipeInput): { recipe: Recipe; parts: Part[] } {
  const parts = partsOf(recipe)
  try {
    checkCompass(recipe, (other) => joinedLines(other === recipe ? parts : partsOf(other)), compassFor(recipe))
    return { recipe, parts }
  } catch (error) {
    if (!(error instanceof RecipeError) || startOctave !== undefined) throw error
    const { fits, octaves: fewer } = error.details
    if (typeof fits === 'number') {
      const moved = { ...recipe, startOctave: fits }
      return { recipe: moved, parts: partsOf(moved) }
    }
    if (octaves !== undefined || typeof fewer !== 'number' || fewer >= recipe.octaves) throw error
    return placed({ ...recipe, octaves: fewer }, { octaves: fewer, material: recipe.material })
  }
}

function checkPinHands(recipe: FingerRecipe, lines: readonly Line[]): void {
  recipe.pins.forEach((pin, at) => {
    if (lines.some((line) => line.hand === pin.hand)) return
    throw new RecipeError('pin.hand', `The ${pin.hand} hand does not play in this study.`, `pins[${at}].hand`)
  })
}

function checkAccepted(count: number, accepted: Accepted, player: Player): void {
  const marks = accepted[player]
  if (!marks || marks.length === count) return
  const words =
    player === 'sticks'
      ? `The line has ${count} notes, but ${marks.length} accepted sticks.`
      : `The ${player} hand has ${count} notes, but ${marks.length} accepted fingers.`
  throw new RecipeError('accepted.length', words, `accepted.${player}`)
}

/** Notes that are pinned, by player, each with its pin's place in the recipe. */
export const pinnedNotes = (study: RealisedStudy): { hand: Player; index: number; pin: number }[] =>
  playersIn(study).flatMap((hand) => lineFor(study, hand).pinned.map((each) => ({ hand, ...each })))

/** Notes on which a study differs from what was accepted for it, by player. */
export function departures(study: RealisedStudy, accepted: Accepted): { hand: Player; index: number }[] {
  return playersIn(study).flatMap((hand) => {
    const [stood, now] = [acceptedMarks(accepted, hand), acceptedMarks(acceptedOf(study), hand)!]
    return now.flatMap((mark, index) =>
      stood?.[index] !== undefined && stood[index] !== mark ? [{ hand, index }] : [],
    )
  })
}

/** Pins for the notes on which a player should have other marks than the study gives. */
function pinsFor(study: RealisedStudy, player: Player, marks: readonly string[]): AnyPin[] {
  const own = marksOf(study, player)
  return marks.flatMap((mark, index): AnyPin[] => {
    if (mark === own[index]) return []
    return player === 'sticks'
      ? [{ index, stick: mark as Stick }]
      : [{ hand: player, index, finger: Number(mark) as Finger }]
  })
}

/**
 * The pins that make a player take one of the alternatives: what was pinned stays, and every mark in which the
 * alternative departs is pinned as well. Where the rest would then move to better places, it is pinned too.
 */
export function takeAlternative(study: RealisedStudy, player: Player, marks: readonly string[]): readonly AnyPin[] {
  let pins: AnyPin[] = [...study.recipe.pins]
  for (let now = study; ;) {
    const more = pinsFor(now, player, marks)
    if (more.length === 0) return pins
    pins = [...pins, ...more]
    now = realise({ ...study.recipe, pins } as RecipeInput, {}, 0)
  }
}
