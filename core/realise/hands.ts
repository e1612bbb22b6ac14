import { type Alternative, type Fingering, fingerLine, type Reason } from '../fingering'
import { pitchName, RecipeError } from '../pitch'
import {
  type Finger,
  type FingerRecipe,
  type Hand,
  isDegreePin,
  isGripPin,
  type LineNote,
  type Pin,
  type Stick,
} from '../study'
import { degreesOf, notesOf, type Part } from './parts'

/** Fingers that a teacher has accepted, by hand; or sticks. */
export type Accepted = Partial<Record<Hand, readonly Finger[]>> & { readonly sticks?: readonly Stick[] }

/** One hand of a realised study. */
export interface RealisedHand extends Fingering {
  readonly notes: readonly LineNote[]
  /** ASCII names with octave, `F##4`. */
  readonly pitches: readonly string[]
  readonly midi: readonly number[]
}

export interface Asked {
  readonly accepted: Accepted
  readonly alternatives: number | undefined
}

/** A pin of the whole study as one of its parts sees it, and where it stands in the recipe. */
interface PartPin {
  readonly pin: Pin
  readonly at: number
}

/** Pins that touch a part, counted from its own first note. */
function pinsOf(pins: readonly Pin[], hand: Hand, from: number, count: number): PartPin[] {
  return pins.flatMap((pin, at): PartPin[] => {
    if (pin.hand !== hand) return []
    if (isDegreePin(pin)) return [{ pin, at }]
    if (!isGripPin(pin)) {
      const index = pin.index - from
      return index >= 0 && index < count ? [{ pin: { ...pin, index }, at }] : []
    }
    const skipped = Math.max(0, from - pin.from)
    const fingers = pin.fingers.slice(skipped, Math.max(skipped, from + count - pin.from))
    return fingers.length > 0 ? [{ pin: { ...pin, from: Math.max(0, pin.from - from), fingers }, at }] : []
  })
}

/** A part counts its own pins; errors name them by their place in the whole recipe. */
function renumbered(error: unknown, pins: readonly PartPin[]): unknown {
  if (!(error instanceof RecipeError)) return error
  const path = error.path.replace(/^pins\[(\d+)\]/, (_, at: string) => `pins[${pins[Number(at)]!.at}]`)
  return new RecipeError(error.code, error.message, path, error.details)
}

function fingeredPart(part: Part, hand: Hand, from: number, pins: readonly Pin[], asked: Asked): Fingering {
  const line = part.lines.find((each) => each.hand === hand)!
  const count = line.notes.length
  const own = pinsOf(pins, hand, from, count).filter(
    ({ pin }) => part.words === '' || !isDegreePin(pin) || pin.degree <= degreesOf(part),
  )
  const accepted = asked.accepted[hand]?.slice(from, from + count)
  try {
    const recipe = { ...(part.recipe as FingerRecipe), pins: own.map(({ pin }) => pin) }
    const fingering = fingerLine(recipe, part.material, line, { accepted, alternatives: asked.alternatives })
    return { ...fingering, pinned: fingering.pinned.map(({ index, pin }) => ({ index, pin: own[pin]!.at })) }
  } catch (error) {
    throw renumbered(error, own)
  }
}

const shifted = (numbers: readonly number[], by: number): number[] => numbers.map((each) => each + by)

/** What several parts say in the same words is said once, of all their notes. */
function joinedReasons(reasons: readonly Reason[]): Reason[] {
  const bySentence = new Map<string, Reason>()
  for (const reason of reasons) {
    const known = bySentence.get(reason.text)
    bySentence.set(reason.text, known ? { ...known, indices: [...known.indices, ...reason.indices] } : reason)
  }
  return [...bySentence.values()]
}

/** Alternatives of the parts as fingerings of the whole: one part changes, the others stay. */
function joinedAlternatives(parts: readonly Piece[], fingers: readonly Finger[], most: number): Alternative[] {
  const seen = new Set<string>()
  return parts
    .flatMap(({ from, fingering }) =>
      fingering.alternatives.map((each) => ({
        ...each,
        fingers: [...fingers.slice(0, from), ...each.fingers, ...fingers.slice(from + each.fingers.length)],
        departs: each.departs + from,
      })),
    )
    .filter(({ words, pattern }) => !seen.has(`${words} ${pattern}`) && seen.add(`${words} ${pattern}`))
    .sort((a, b) => a.price - b.price)
    .slice(0, most)
}

interface Piece {
  readonly from: number
  readonly fingering: Fingering
}

/** Fingerings of successive parts as one: each part begins with the hand set down. */
function joined(pieces: readonly Piece[], most: number): Fingering {
  if (pieces.length === 1) return pieces[0]!.fingering
  const all = <T>(pick: (fingering: Fingering, from: number) => readonly T[]): T[] =>
    pieces.flatMap(({ fingering, from }) => pick(fingering, from))
  const fingers = all((each) => each.fingers)
  const cost = pieces.reduce((sum, { fingering }) => sum + fingering.cost, 0)
  return {
    fingers,
    cost,
    crossings: all((each, from) => each.crossings.map((crossing) => ({ ...crossing, index: crossing.index + from }))),
    lifts: all((each, from) => shifted(each.lifts, from)),
    grips: all((each, from) => shifted(each.grips, from)),
    pinned: all((each, from) => each.pinned.map((pin) => ({ ...pin, index: pin.index + from }))),
    reasons: joinedReasons(
      all((each, from) => each.reasons.map((reason) => ({ ...reason, indices: shifted(reason.indices, from) }))),
    ),
    alternatives: joinedAlternatives(pieces, fingers, most),
  }
}

const MOST_ALTERNATIVES = 5

/** Every hand of some parts, fingered part by part. @throws RecipeError */
export function fingeredHands(
  recipe: FingerRecipe,
  parts: readonly Part[],
  asked: Asked,
): Partial<Record<Hand, RealisedHand>> {
  const hands: Partial<Record<Hand, RealisedHand>> = {}
  for (const { hand } of parts[0]!.lines) {
    const notes = parts.flatMap((part) => notesOf(part, hand))
    checkPinned(recipe.pins, hand, notes.length)
    let from = 0
    const pieces = parts.map((part): Piece => {
      const piece = { from, fingering: fingeredPart(part, hand, from, recipe.pins, asked) }
      from += piece.fingering.fingers.length
      return piece
    })
    hands[hand] = {
      ...joined(pieces, asked.alternatives ?? MOST_ALTERNATIVES),
      notes,
      pitches: notes.map((note) => pitchName(note.pitch)),
      midi: notes.map((note) => note.midi),
    }
  }
  return hands
}

/** Pins beyond the last note belong to no part. */
function checkPinned(pins: readonly Pin[], hand: Hand, count: number): void {
  pins.forEach((pin, at) => {
    if (pin.hand !== hand || isDegreePin(pin)) return
    const last = isGripPin(pin) ? pin.from + pin.fingers.length - 1 : pin.index
    if (last < count) return
    const field = isGripPin(pin) ? (pin.from >= count ? 'from' : 'fingers') : 'index'
    const words = `The ${hand} hand has ${count} notes, counted from 0; there is no note ${last}.`
    throw new RecipeError('pin.note', words, `pins[${at}].${field}`)
  })
}
