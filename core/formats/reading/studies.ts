import { DomainError } from '../../message'
import { MAX_PITCHES, NOTES_PER_BEAT, type Tempo, TEMPO_RANGE } from '../../study'
import type { AnyPin, RecipeInput } from '../../instrument'
import { midiOf, spelled } from '../../pitch'
import { laidDown, marksOf, playersIn, realise, type RealisedStudy } from '../../realise'
import type { FoundChord, FoundPiece } from './found'
import { handOf, recognised } from './recognise'

/** A study that a file comes to. */
export interface FoundStudy {
  readonly title: string
  readonly recipe: RecipeInput
  /** How it was known: by the recipe that the file keeps, as a scale or chord by its notes, or not: as listed pitches. */
  readonly known: 'kept' | 'recognised' | 'listed'
  /** Whether the file has fingers that no hand can play, so that the engine's stand. */
  readonly unplayable?: boolean
}

/** Notes to the beat, by how far apart they begin on the average. */
function perBeatOf(line: readonly FoundChord[]): Tempo['notesPerBeat'] {
  const beats = (line.at(-1)!.start - line[0]!.start) / Math.max(1, line.length - 1)
  const requested = beats > 0 ? 1 / beats : 2
  return NOTES_PER_BEAT.reduce((best, each) => (Math.abs(each - requested) < Math.abs(best - requested) ? each : best))
}

function tempoOf({ bpm, lines }: FoundPiece): Tempo {
  const { least, most } = TEMPO_RANGE
  return {
    bpm: Math.max(least, Math.min(most, Math.round(bpm ?? 60))),
    notesPerBeat: perBeatOf(lines.reduce((longest, line) => (line.length > longest.length ? line : longest))),
  }
}

const marksFound = (line: readonly FoundChord[]): (string | null)[] =>
  line.flatMap(({ notes }) => notes.map(({ mark }) => mark))

/** Pins for every note on which the file's fingers are not those that stand. */
function pinsFor(study: RealisedStudy, lines: readonly (readonly FoundChord[])[]): AnyPin[] {
  return playersIn(study).flatMap((hand, at) => {
    const own = marksOf(study, hand)
    return marksFound(lines[at] ?? []).flatMap((mark, index) =>
      mark !== null && /^[1-5]$/.test(mark) && mark !== own[index]
        ? [{ hand, index, finger: Number(mark) } as AnyPin]
        : [],
    )
  })
}

const TIMES = 4

/**
 * The recipe with the fingers of the file: pinned where the engine would take others, until none is left. Where
 * nobody could play them all, the engine's stand.
 */
function withFingers(
  recipe: RecipeInput,
  lines: readonly (readonly FoundChord[])[],
): Pick<FoundStudy, 'recipe' | 'unplayable'> {
  let pinned = recipe
  try {
    for (let time = 0; time < TIMES; time++) {
      const more = pinsFor(realise(pinned, {}, 0), lines)
      if (more.length === 0) break
      pinned = { ...pinned, pins: [...(pinned.pins ?? []), ...more] }
    }
    return { recipe: pinned }
  } catch (error) {
    if (error instanceof DomainError) return { recipe, unplayable: true }
    throw error
  }
}

const heights = (lines: readonly (readonly FoundChord[])[]): string =>
  JSON.stringify(lines.map((line) => line.flatMap(({ notes }) => notes.map(({ midi }) => midi))))

/** Whether a recipe lays down the notes that were found. */
function laysDown(recipe: RecipeInput, { lines }: FoundPiece): boolean {
  try {
    const own = laidDown(recipe).lines.map(({ notes }) => notes.map(({ pitch }) => midiOf(pitch)))
    return JSON.stringify(own) === heights(lines)
  } catch (error) {
    if (error instanceof DomainError) return false
    throw error
  }
}

/** A single line as listed pitches: a study, or as many as it takes where it is longer than one may be. */
function listed(piece: FoundPiece): Pick<FoundStudy, 'recipe' | 'unplayable'>[] {
  const line = piece.lines[0]!
  const parts = Array.from({ length: Math.ceil(line.length / MAX_PITCHES) }, (_, at) =>
    line.slice(at * MAX_PITCHES, (at + 1) * MAX_PITCHES),
  )
  return parts.map((part) => {
    const pitches = part.map(({ notes }) => {
      const names = notes.map(({ name, midi }) => name ?? spelled(midi, piece.fifths, piece.minor))
      return names.length === 1 ? names[0]! : names
    })
    return withFingers({ material: { pitches }, hands: handOf(piece, 0), tempo: tempoOf(piece) }, [part])
  })
}

/**
 * Studies of a piece: by the recipe that its file keeps, if that lays down the notes that stand there; else as the scale
 * or chord that they are; else as listed pitches, a study for each hand.
 * @param recipeOf checks a recipe of somebody else's. @throws DomainError
 */
export function studiesIn(piece: FoundPiece, recipeOf: (value: unknown) => RecipeInput): FoundStudy[] {
  const { title } = piece
  const recognisedStudy = recognisedRecipe(piece, recipeOf)
  if (recognisedStudy) return [{ title, recipe: recognisedStudy, known: 'kept' }]
  for (const each of [piece, ...asOneLine(piece)]) {
    const known = recognised(each)
    if (!known) continue
    return [{ title, ...withFingers({ ...known, tempo: tempoOf(each) }, each.lines), known: 'recognised' }]
  }
  // hands that do not go together are a study each
  if (piece.lines.length > 1) return piece.lines.flatMap((_, at) => studiesIn(lineOf(piece, at), recipeOf))
  return listed(piece).map((each) => ({ title, ...each, known: 'listed' }))
}

/** Lines that take turns, as two sticks do, are one line too. */
function asOneLine(piece: FoundPiece): FoundPiece[] {
  const all = piece.lines.flat().toSorted((a, b) => a.start - b.start)
  const turns = piece.lines.length === 2 && all.every(({ start }, at) => at === 0 || start - all[at - 1]!.start > 1e-3)
  return turns ? [{ ...piece, lines: [all], hands: [null] }] : []
}

const lineOf = (piece: FoundPiece, at: number): FoundPiece => ({
  ...piece,
  lines: [piece.lines[at]!],
  hands: [piece.hands[at] ?? null],
  recipe: null,
})

function recognisedRecipe(piece: FoundPiece, recipeOf: (value: unknown) => RecipeInput): RecipeInput | null {
  if (piece.recipe === null) return null
  try {
    const recipe = recipeOf(piece.recipe)
    return laysDown(recipe, piece) ? recipe : null
  } catch (error) {
    if (error instanceof DomainError) return null
    throw error
  }
}
