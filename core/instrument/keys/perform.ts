import { type Alternative, type Fingering, fingerLine, type FingerRecipe, type Pin } from '../../fingering'
import { pitchName } from '../../pitch'
import { type Finger, type Hand, type LineNote, notesPerMinute } from '../../study'
import { difficultyOf, togetherOf } from '../../together'
import type { Performance, Performer, Wanted } from '../family'
import { refuseInstrument } from '../messages'
import { checkPinned, joinedReasons, type PartPin, pinsWithin, renumbered } from '../partPins'
import { notesOf, type Part } from '../parts'
import { checkAccepted } from '../pins'

/** One hand of a realised study. */
export interface RealisedHand extends Fingering {
  readonly notes: readonly LineNote[]
  /** ASCII names with octave, `F##4`. */
  readonly pitches: readonly string[]
  readonly midi: readonly number[]
}

/** Fingers on keys, hand by hand. */
export interface PerformedHands extends Performance {
  readonly plays: 'fingers'
  readonly hands: Partial<Record<Hand, RealisedHand>>
}

/** A hand's own pins, each with its place in the recipe. */
const pinsOf = (pins: readonly Pin[], hand: Hand): PartPin<Pin>[] =>
  pins.flatMap((pin, at) => (pin.hand === hand ? [{ pin, at }] : []))

function fingeredPart(part: Part, hand: Hand, from: number, pins: readonly PartPin<Pin>[], asked: Wanted): Fingering {
  const line = part.lines.find((each) => each.hand === hand)!
  const count = line.notes.length
  const own = pinsWithin(part, pins, from, count)
  const accepted = asked.accepted[hand]?.slice(from, from + count) as readonly Finger[] | undefined
  try {
    const recipe = { ...(part.recipe as FingerRecipe), pins: own.map(({ pin }) => pin) }
    const fingering = fingerLine(recipe, part.material, line, { accepted, alternatives: asked.alternatives })
    return { ...fingering, pinned: fingering.pinned.map(({ index, pin }) => ({ index, pin: own[pin]!.at })) }
  } catch (error) {
    throw renumbered(error, own)
  }
}

const shifted = (numbers: readonly number[], by: number): number[] => numbers.map((each) => each + by)

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
    .filter(({ said, pattern }) => {
      const key = JSON.stringify([said, pattern])
      return !seen.has(key) && seen.add(key)
    })
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
function fingeredHands(
  recipe: FingerRecipe,
  parts: readonly Part[],
  asked: Wanted,
): Partial<Record<Hand, RealisedHand>> {
  const hands: Partial<Record<Hand, RealisedHand>> = {}
  for (const { hand } of parts[0]!.lines) {
    const notes = parts.flatMap((part) => notesOf(part, hand))
    const pins = pinsOf(recipe.pins, hand)
    checkPinned(pins, hand, notes.length)
    let from = 0
    const pieces = parts.map((part): Piece => {
      const piece = { from, fingering: fingeredPart(part, hand, from, pins, asked) }
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

function checkHands({ pins }: FingerRecipe, hands: readonly Hand[], accepted: Wanted['accepted'], counts: number[]) {
  pins.forEach((pin, at) => {
    if (hands.includes(pin.hand)) return
    throw refuseInstrument('pin.hand', { hand: pin.hand }, `pins[${at}].hand`)
  })
  hands.forEach((hand, at) => {
    checkAccepted(counts[at]!, accepted[hand], hand)
  })
}

/** Fingers on keys, as they are worked out. */
export const KEYS_PERFORMER: Performer<FingerRecipe, PerformedHands> = {
  perform(recipe, parts, lines, _rhythm, wanted) {
    const counts = lines.map(({ notes }) => notes.length)
    const asked = lines.map(({ hand }) => hand)
    checkHands(recipe, asked, wanted.accepted, counts)
    const hands = fingeredHands(recipe, parts, wanted)
    const { right, left } = hands
    const together = right && left ? togetherOf(right, left) : undefined
    const difficulty = difficultyOf(hands, together, notesPerMinute(recipe.tempo))
    return { plays: 'fingers', hands, ...(together ? { together } : {}), difficulty }
  },
  landings: (recipe, material, line) =>
    fingerLine(recipe, material, line, { alternatives: 0 }).crossings.map(({ index }) => index),
}
