import { malletDifficulty } from '../../difficulty'
import { pitchName } from '../../pitch'
import { type MalletRecipe, type StickAlternative, type Sticking, stickLine, type StickPin } from '../../sticking'
import { type LineNote, studyError, type Rhythm, type Stick } from '../../study'
import { malletInstrument } from '../../surface'
import type { Performance, FamilySolver, PlacedSign, Wanted } from '../family'
import { instrumentMessage } from '../messages'
import { checkPinned, joinedReasons, type PartPin, pinsWithin, renumbered } from '../partPins'
import { askedOf, degreesOf, type HandStretch, type Part, sticksGoOn, stretchesOf } from '../parts'
import { checkAccepted } from '../pins'
import { pedalSigns, ringingOf } from './ringing'

/** The line of a study for mallets, with its sticks. */
export interface RealisedSticking extends Sticking {
  readonly notes: readonly LineNote[]
  /** Written names with octave, `F##4`. */
  readonly pitches: readonly string[]
  /** Sounding pitches: xylophones an octave above what is written, glockenspiels two. */
  readonly midi: readonly number[]
}

/** Two or four mallets on bars, both hands in one line. */
export interface SolvedSticks extends Performance {
  readonly plays: 'sticks'
  readonly sticking: RealisedSticking
  /** Where the pedal goes down, changes and lifts. */
  readonly pedal: readonly PlacedSign[]
}

interface Piece {
  readonly from: number
  readonly sticking: Sticking
}

function stickedStretch(
  { parts, line, keys, from }: HandStretch,
  pins: readonly PartPin<StickPin>[],
  rhythm: Rhythm,
  options: Wanted,
): Sticking {
  const count = line.notes.length
  const own = pinsWithin(parts, pins, from, count)
  const accepted = options.accepted.sticks?.slice(from, from + count) as readonly Stick[] | undefined
  try {
    const sticking = stickLine({ ...(parts[0]!.recipe as MalletRecipe), pins: own.map(({ pin }) => pin) }, line, {
      degrees: Math.max(...parts.map(degreesOf)),
      begins: keys.map((key) => key.from),
      beats: line.notes.map((note) => rhythm.notes[note.step]!.beats),
      ringing: ringingOf(parts[0]!.recipe as MalletRecipe, line.notes, rhythm),
      ...{ accepted, alternatives: options.alternatives },
    })
    return { ...sticking, pinned: sticking.pinned.map(({ index, pin }) => ({ index, pin: own[pin]!.at })) }
  } catch (error) {
    throw renumbered(error, own)
  }
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
    .filter(({ message }) => !seen.has(JSON.stringify(message)) && seen.add(JSON.stringify(message)))
    .sort((a, b) => a.price - b.price)
    .slice(0, most)
}

const MAX_ALTERNATIVES = 5

/** Stickings of successive stretches as one: each begins with the lead. */
function joined(pieces: readonly Piece[], most: number): Sticking {
  const [first] = pieces
  if (pieces.length === 1) return { ...first!.sticking, reasons: joinedReasons(first!.sticking.reasons) }
  const all = <T>(pick: (sticking: Sticking) => readonly T[]): T[] => pieces.flatMap(({ sticking }) => pick(sticking))
  const moved = <T extends { readonly index: number }>(pick: (sticking: Sticking) => readonly T[]): T[] =>
    pieces.flatMap(({ from, sticking }) => pick(sticking).map((each) => ({ ...each, index: each.index + from })))
  const sum = (pick: (sticking: Sticking) => number): number =>
    Math.round(all((each) => [pick(each)]).reduce((a, b) => a + b, 0) * 100) / 100
  const sticks = all((each) => each.sticks)
  const cost = sum((each) => each.cost)
  const { roll, mallets } = first!.sticking
  return {
    sticks,
    doubles: moved((each) => each.doubles),
    inversions: moved((each) => each.inversions),
    rowMoves: moved((each) => each.rowMoves),
    mixedRows: pieces.flatMap(({ from, sticking }) => sticking.mixedRows.map((index) => index + from)),
    damped: pieces.flatMap(({ from, sticking }) =>
      sticking.damped.map((each) => ({ ...each, index: each.index + from, of: each.of + from })),
    ),
    dead: pieces.flatMap(({ from, sticking }) => sticking.dead.map((index) => index + from)),
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

/** The one line of a mallet study, stretch by stretch: sticks go on from key to key. @throws DomainError */
function stickedLine(recipe: MalletRecipe, parts: readonly Part[], rhythm: Rhythm, options: Wanted): RealisedSticking {
  const stretches = stretchesOf(parts, 'right', sticksGoOn)
  const notes = stretches.flatMap(({ line }) => line.notes)
  const pins = recipe.pins.map((pin, at) => ({ pin, at }))
  checkPinned(pins, 'line', notes.length)
  const { transposition } = malletInstrument(recipe.instrument)
  const pieces = stretches.map((stretch): Piece => ({
    from: stretch.from,
    sticking: stickedStretch(stretch, pins, rhythm, options),
  }))
  return {
    ...joined(pieces, options.alternatives ?? MAX_ALTERNATIVES),
    notes,
    pitches: notes.map((note) => pitchName(note.pitch)),
    midi: notes.map((note) => note.midi + transposition),
  }
}

/** Sticks on bars, as they are worked out. */
export const MALLETS_PERFORMER: FamilySolver<MalletRecipe, SolvedSticks> = {
  solve(recipe, parts, _lines, rhythm, wanted) {
    const count = parts.reduce((sum, part) => sum + part.lines[0]!.notes.length, 0)
    checkAccepted(count, wanted.accepted.sticks, 'sticks')
    const sticking = stickedLine(recipe, parts, rhythm, wanted)
    const difficulty = malletDifficulty(sticking, askedOf(recipe, parts))
    return { plays: 'sticks', sticking, pedal: pedalSigns(recipe, sticking.notes, rhythm), difficulty }
  },
  landings: () => {
    throw studyError('pattern.material', { why: instrumentMessage('sticks.no-loops') }, 'pattern.walk')
  },
}
