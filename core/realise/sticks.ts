import { pitchName, RecipeError } from '../pitch'
import { type StickAlternative, type StickReason, type Sticking, stickLine } from '../sticking'
import {
  isDegreePin,
  isGripPin,
  type Line,
  type LineNote,
  type MalletRecipe,
  type Rhythm,
  type StickPin,
} from '../study'
import { malletInstrument } from '../surface'
import type { Asked } from './hands'
import { degreesOf, notesOf, type Part } from './parts'

/** The line of a study for mallets, with its sticks. */
export interface RealisedSticking extends Sticking {
  readonly notes: readonly LineNote[]
  /** Written names with octave, `F##4`. */
  readonly pitches: readonly string[]
  /** Sounding pitches: xylophones an octave above what is written, glockenspiels two. */
  readonly midi: readonly number[]
}

interface Piece {
  readonly from: number
  readonly sticking: Sticking
}

/** Pins that touch a part, counted from its own first note, each with its place in the recipe. */
function pinsOf(part: Part, pins: readonly StickPin[], from: number, count: number): { pin: StickPin; at: number }[] {
  return pins.flatMap((pin, at): { pin: StickPin; at: number }[] => {
    if (isDegreePin(pin)) return part.words === '' || pin.degree <= degreesOf(part) ? [{ pin, at }] : []
    if (!isGripPin(pin)) {
      const index = pin.index - from
      return index >= 0 && index < count ? [{ pin: { ...pin, index }, at }] : []
    }
    const skipped = Math.max(0, from - pin.from)
    const sticks = pin.sticks.slice(skipped, Math.max(skipped, from + count - pin.from))
    return sticks.length > 0 ? [{ pin: { ...pin, from: Math.max(0, pin.from - from), sticks }, at }] : []
  })
}

function stickedPart(part: Part, recipe: MalletRecipe, from: number, rhythm: Rhythm, asked: Asked): Sticking {
  const line = part.lines[0]!
  const count = line.notes.length
  const own = pinsOf(part, recipe.pins, from, count)
  const beats = line.notes.map((note) => rhythm.notes[part.from + note.step]!.beats)
  const accepted = asked.accepted.sticks?.slice(from, from + count)
  try {
    const sticking = stickLine({ ...(part.recipe as MalletRecipe), pins: own.map(({ pin }) => pin) }, line, {
      ...{ degrees: degreesOf(part), beats, accepted },
      alternatives: asked.alternatives,
    })
    return { ...sticking, pinned: sticking.pinned.map(({ index, pin }) => ({ index, pin: own[pin]!.at })) }
  } catch (error) {
    if (!(error instanceof RecipeError)) throw error
    const path = error.path.replace(/^pins\[(\d+)\]/, (_, at: string) => `pins[${own[Number(at)]?.at ?? at}]`)
    throw new RecipeError(error.code, error.message, path, error.details)
  }
}

function joinedReasons(reasons: readonly StickReason[]): StickReason[] {
  const bySentence = new Map<string, StickReason>()
  for (const reason of reasons) {
    const known = bySentence.get(reason.text)
    bySentence.set(reason.text, known ? { ...known, indices: [...known.indices, ...reason.indices] } : reason)
  }
  return [...bySentence.values()]
}

function joinedAlternatives(
  pieces: readonly Piece[],
  sticks: Sticking['sticks'],
  cost: number,
  most: number,
): StickAlternative[] {
  const seen = new Set<string>()
  return pieces
    .flatMap(({ from, sticking }) =>
      sticking.alternatives.map((each) => ({
        ...each,
        sticks: [...sticks.slice(0, from), ...each.sticks, ...sticks.slice(from + each.sticks.length)],
        cost: cost + each.price,
        departs: each.departs + from,
      })),
    )
    .filter(({ words }) => !seen.has(words) && seen.add(words))
    .sort((a, b) => a.price - b.price)
    .slice(0, most)
}

const MOST_ALTERNATIVES = 5

/** Stickings of successive parts as one: each part begins with the lead. */
function joined(pieces: readonly Piece[], most: number): Sticking {
  if (pieces.length === 1) return pieces[0]!.sticking
  const all = <T>(pick: (sticking: Sticking) => readonly T[]): T[] => pieces.flatMap(({ sticking }) => pick(sticking))
  const moved = <T extends { readonly index: number }>(pick: (sticking: Sticking) => readonly T[]): T[] =>
    pieces.flatMap(({ from, sticking }) => pick(sticking).map((each) => ({ ...each, index: each.index + from })))
  const sum = (pick: (sticking: Sticking) => number): number =>
    Math.round(all((each) => [pick(each)]).reduce((a, b) => a + b, 0) * 100) / 100
  const [first] = pieces
  const sticks = all((each) => each.sticks)
  const cost = sum((each) => each.cost)
  const { roll, mallets } = first!.sticking
  return {
    sticks,
    doubles: moved((each) => each.doubles),
    inversions: moved((each) => each.inversions),
    rowMoves: moved((each) => each.rowMoves),
    mixedRows: pieces.flatMap(({ from, sticking }) => sticking.mixedRows.map((index) => index + from)),
    ...(mallets ? { mallets: all((each) => each.mallets ?? []), spans: moved((each) => each.spans ?? []) } : {}),
    ...(roll ? { roll: { ...roll, perNote: all((each) => each.roll?.perNote ?? []) } } : {}),
    pinned: moved((each) => each.pinned),
    cost,
    count: {
      hard: sum((each) => each.count.hard),
      mild: sum((each) => each.count.mild),
      doubles: sum((each) => each.count.doubles),
      rowDoubles: sum((each) => each.count.rowDoubles),
    },
    reasons: joinedReasons(
      pieces.flatMap(({ from, sticking }) =>
        sticking.reasons.map((reason) => ({ ...reason, indices: reason.indices.map((index) => index + from) })),
      ),
    ),
    alternatives: joinedAlternatives(pieces, sticks, cost, most),
  }
}

/** A pin beyond the last note belongs to no part. */
function checkPinned(pins: readonly StickPin[], count: number): void {
  pins.forEach((pin, at) => {
    if (isDegreePin(pin)) return
    const last = isGripPin(pin) ? pin.from + pin.sticks.length - 1 : pin.index
    if (last < count) return
    const field = isGripPin(pin) ? (pin.from >= count ? 'from' : 'sticks') : 'index'
    const words = `The line has ${count} notes, counted from 0; there is no note ${last}.`
    throw new RecipeError('pin.note', words, `pins[${at}].${field}`)
  })
}

/** The one line of a mallet study, part by part. @throws RecipeError */
export function stickedLine(
  recipe: MalletRecipe,
  parts: readonly Part[],
  rhythm: Rhythm,
  asked: Asked,
): RealisedSticking {
  const notes: Line['notes'] = parts.flatMap((part) => notesOf(part, 'right'))
  checkPinned(recipe.pins, notes.length)
  const { transposition } = malletInstrument(recipe.instrument)
  let from = 0
  const pieces = parts.map((part): Piece => {
    const piece = { from, sticking: stickedPart(part, recipe, from, rhythm, asked) }
    from += part.lines[0]!.notes.length
    return piece
  })
  return {
    ...joined(pieces, asked.alternatives ?? MOST_ALTERNATIVES),
    notes,
    pitches: notes.map((note) => pitchName(note.pitch)),
    midi: notes.map((note) => note.midi + transposition),
  }
}
