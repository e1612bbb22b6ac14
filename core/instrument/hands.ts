import type { Alternative, Fingering } from '../fingering'
import { pitchName } from '../pitch'
import type { Finger, Hand, Line, LineNote, PlacedMark } from '../study'
import type { Wanted } from './family'
import { instrumentError } from './messages'
import { checkPinned, joinedReasons, type PartPin, pinsWithin, renumbered } from './partPins'
import { type HandStretch, type Part, stretchesOf } from './parts'
import { checkAccepted } from './pins'

/** One hand of a realised study. */
export interface RealisedHand extends Fingering {
  readonly notes: readonly LineNote[]
  /** ASCII names with octave, `F##4`. */
  readonly pitches: readonly string[]
  readonly midi: readonly number[]
}

type HandPin = PlacedMark & { readonly hand: Hand }

/** How a stretch of a line is fingered: on keys, on buttons. */
export type FingerStretch<P extends HandPin> = (
  stretch: Pick<HandStretch, 'parts' | 'line' | 'keys'>,
  pins: readonly P[],
  options: { readonly accepted: readonly Finger[] | undefined; readonly alternatives: number | undefined },
) => Fingering

/** A hand's own pins, each with its place in the recipe. */
const pinsOf = <P extends HandPin>(pins: readonly P[], hand: Hand): PartPin<P>[] =>
  pins.flatMap((pin, at) => (pin.hand === hand ? [{ pin, at }] : []))

function fingeredStretch<P extends HandPin>(
  stretch: HandStretch,
  pins: readonly PartPin<P>[],
  options: Wanted,
  finger: FingerStretch<P>,
): Fingering {
  const { line, from } = stretch
  const count = line.notes.length
  const own = pinsWithin(stretch.parts, pins, from, count)
  const accepted = options.accepted[line.hand]?.slice(from, from + count) as readonly Finger[] | undefined
  try {
    const fixed = own.map(({ pin }) => pin)
    const fingering = finger(stretch, fixed, { accepted, alternatives: options.alternatives })
    return { ...fingering, pinned: fingering.pinned.map(({ index, pin }) => ({ index, pin: own[pin]!.at })) }
  } catch (error) {
    throw renumbered(error, own)
  }
}

const shifted = (numbers: readonly number[], by: number): number[] => numbers.map((each) => each + by)

/** Alternatives of the stretches as fingerings of the whole: one changes, the others stay. */
function joinedAlternatives(
  parts: readonly Piece[],
  { fingers, buttons = [] }: Pick<Fingering, 'fingers' | 'buttons'>,
  most: number,
): Alternative[] {
  const seen = new Set<string>()
  return parts
    .flatMap(({ from, fingering }) =>
      fingering.alternatives.map((each) => ({
        ...each,
        fingers: [...fingers.slice(0, from), ...each.fingers, ...fingers.slice(from + each.fingers.length)],
        ...(each.buttons
          ? { buttons: [...buttons.slice(0, from), ...each.buttons, ...buttons.slice(from + each.buttons.length)] }
          : {}),
        departs: each.departs + from,
      })),
    )
    .filter(({ message, pattern }) => {
      const key = JSON.stringify([message, pattern])
      return !seen.has(key) && seen.add(key)
    })
    .sort((a, b) => a.price - b.price)
    .slice(0, most)
}

interface Piece {
  readonly from: number
  readonly fingering: Fingering
  /** It goes on with the line, but lies too far off for the hand to go on with it. */
  readonly lifted: boolean
}

/** A hand that has no note. */
const SILENT: Fingering = {
  ...{ fingers: [], crossings: [], lifts: [], grips: [], pinned: [], reasons: [], alternatives: [] },
  cost: 0,
}

/** Fingerings of successive stretches as one: each begins with the hand set down. */
function joined(pieces: readonly Piece[], most: number): Fingering {
  if (pieces.length === 1) return pieces[0]!.fingering
  if (pieces.length === 0) return SILENT
  const all = <T>(pick: (fingering: Fingering, from: number) => readonly T[]): T[] =>
    pieces.flatMap(({ fingering, from }) => pick(fingering, from))
  const fingers = all((each) => each.fingers)
  const cost = pieces.reduce((sum, { fingering }) => sum + fingering.cost, 0)
  const buttons = all((each) => each.buttons ?? [])
  return {
    fingers,
    ...(buttons.length > 0 ? { buttons } : {}),
    cost,
    crossings: all((each, from) => each.crossings.map((crossing) => ({ ...crossing, index: crossing.index + from }))),
    lifts: pieces.flatMap(({ fingering, from, lifted }) => [
      ...(lifted ? [from] : []),
      ...shifted(fingering.lifts, from),
    ]),
    grips: all((each, from) => shifted(each.grips, from)),
    pinned: all((each, from) => each.pinned.map((pin) => ({ ...pin, index: pin.index + from }))),
    reasons: joinedReasons(
      all((each, from) => each.reasons.map((reason) => ({ ...reason, indices: shifted(reason.indices, from) }))),
    ),
    alternatives: joinedAlternatives(pieces, { fingers, buttons }, most),
  }
}

const MAX_ALTERNATIVES = 5

/** One hand over all parts, fingered stretch by stretch: each begins with the hand set down. @throws DomainError */
export function solvedHand<P extends HandPin>(
  hand: Hand,
  all: readonly P[],
  parts: readonly Part[],
  options: Wanted,
  finger: FingerStretch<P>,
): RealisedHand {
  const stretches = stretchesOf(parts, hand)
  const notes = stretches.flatMap(({ line }) => line.notes)
  const pins = pinsOf(all, hand)
  checkPinned(pins, hand, notes.length)
  const pieces = stretches.map((stretch): Piece => ({
    from: stretch.from,
    fingering: fingeredStretch(stretch, pins, options, finger),
    lifted: stretch.parts[0]!.joins ?? false,
  }))
  return {
    ...joined(pieces, options.alternatives ?? MAX_ALTERNATIVES),
    notes,
    pitches: notes.map((note) => pitchName(note.pitch)),
    midi: notes.map((note) => note.midi),
  }
}

/** @throws DomainError where a hand that does not play is pinned, or what was accepted is not one finger a note */
export function checkHands(pins: readonly HandPin[], lines: readonly Line[], accepted: Wanted['accepted']): void {
  pins.forEach((pin, at) => {
    if (lines.some(({ hand }) => hand === pin.hand)) return
    throw instrumentError('pin.hand', { hand: pin.hand }, `pins[${at}].hand`)
  })
  for (const { hand, notes } of lines) checkAccepted(notes.length, accepted[hand], hand)
}
