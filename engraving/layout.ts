import { barOf, printedFifths, restsAfter, type Writing } from '#core/notation'
import { lineFor, playersIn, type RealisedStudy } from '#core/realise'
import type { Player } from '#core/instrument'
import type { LineNote, Rhythm, Value } from '#core/study'
import { breaksOf } from './breaks'
import { barLineAt, CLEF_CHANGE, clefAt, distance, REST_WIDTH, stepWithin, takes } from './columns'
import { type Room, sheetOf, startsBar } from './room'

/** One line of music: which steps, where they stand, and how each hand's staff is written. Lengths in pixels. */
export interface System {
  readonly from: number
  /** One past the last step. */
  readonly to: number
  readonly first: boolean
  readonly last: boolean
  /** Middle of each step's column, by step minus `from`. */
  readonly columns: readonly number[]
  readonly step: number
  readonly barLines: readonly number[]
  /** Rests of all hands, each with the middle of its column and the step (minus `from`) that it follows. */
  readonly rests: readonly { readonly x: number; readonly after: number; readonly value: Value }[]
  readonly staves: readonly StaffPlan[]
  /** Left edge of the staves and right edge of the system. */
  readonly left: number
  readonly right: number
}

/** A note with its place in its line; one that is held over bar lines stands in every bar, tied. */
export interface PlacedNote extends LineNote {
  readonly index: number
  readonly tied?: { readonly from: boolean; readonly to: boolean }
}

export interface StaffPlan {
  readonly hand: Player
  /** What the hand strikes at each step of the system, lowest first; nothing where it rests. */
  readonly chords: readonly (readonly PlacedNote[])[]
  /** Steps (minus `from`) through which a note struck before is still held. */
  readonly held: readonly boolean[]
  readonly writing: readonly Writing[]
  /** Steps (minus `from`) before which a clef stands anew. */
  readonly clefChanges: readonly { readonly at: number; readonly x: number; readonly clef: Writing['clef'] }[]
}

const LEFT = 18
const CLEF = 40
const SIGN = 10.5
const TIME = 28
const AFTER_HEAD = 12
const RIGHT_PAD = 10
/** What the first note's signs may take of what stands free after the signature. */
const FREE = 3
export const NARROWEST_STEP = 24.2
/** Rather than break inside a bar, notes stand as near as this. */
const TIGHTEST_STEP = 15
const WIDEST_STEP = 58
/** A line that takes so much of the width is full. */
const NEARLY = 0.85

/** Width of clef, signature and, on the first system, time signature. */
const headWidth = (fifths: number, first: boolean): number =>
  CLEF + Math.abs(printedFifths(fifths)) * SIGN + (first ? TIME : 0) + AFTER_HEAD

/** What a hand strikes at each of some steps. */
function chordsOf(study: RealisedStudy, hand: Player, from: number, to: number): PlacedNote[][] {
  const chords: PlacedNote[][] = Array.from({ length: to - from }, () => [])
  lineFor(study, hand).notes.forEach((note, index) => {
    for (const part of inBars(study.rhythm, { ...note, index })) chords[part.step - from]?.push(part)
  })
  return chords
}

/** A held note, bar by bar. */
function inBars(rhythm: Rhythm, note: PlacedNote): PlacedNote[] {
  const { step, holds = 1 } = note
  const starts = [step]
  for (let at = step + 1; at < step + holds; at++) if (startsBar(rhythm, at)) starts.push(at)
  if (starts.length === 1) return [note]
  return starts.map((start, at) => ({
    ...note,
    step: start,
    holds: (starts[at + 1] ?? step + holds) - start,
    tied: { from: at > 0, to: at < starts.length - 1 },
  }))
}

/** Steps through which an earlier note is held. */
function heldThrough(study: RealisedStudy, hand: Player, from: number, to: number): boolean[] {
  const held = Array.from({ length: to - from }, () => false)
  for (const { step, holds = 1 } of lineFor(study, hand).notes) {
    for (let at = step + 1; at < step + holds; at++) if (at >= from && at < to) held[at - from] = true
  }
  return held
}

function plans(study: RealisedStudy, from: number, to: number): Omit<StaffPlan, 'clefChanges'>[] {
  const { writing } = sheetOf(study)
  return playersIn(study).map((hand) => ({
    hand,
    chords: chordsOf(study, hand, from, to),
    held: heldThrough(study, hand, from, to),
    writing: writing.get(hand)!.slice(from, to),
  }))
}

/** Whether some staff goes on in another clef after a system: then it is told at the system's end. */
const warnsAfter = (study: RealisedStudy, to: number): boolean =>
  to < study.steps &&
  [...sheetOf(study).writing.values()].some((writing) => writing[to]!.clef !== writing[to - 1]!.clef)

/** What stands at both ends of a system, in pixels. */
function endsOf(study: RealisedStudy, from: number, to: number): { start: number; lead: number; after: number } {
  const { rooms } = sheetOf(study)
  return {
    start: LEFT + headWidth(study.keySignature.fifths, from === 0),
    // the signs of the first note clear of the signature
    lead: Math.max(0, rooms[from]!.left - FREE),
    after: RIGHT_PAD + (warnsAfter(study, to) ? CLEF_CHANGE : 0) + rooms[to - 1]!.rests * REST_WIDTH,
  }
}

/** What stands in a system: the room of its steps, and what its ends take. */
function within(study: RealisedStudy, from: number, to: number): { rooms: readonly Room[]; ends: number } {
  const { start, lead, after } = endsOf(study, from, to)
  return { rooms: sheetOf(study).rooms.slice(from, to), ends: start + lead + after }
}

/** Clefs that stand anew in one staff, and the one that is told before the next system. */
function clefsOf(study: RealisedStudy, hand: Player, { from, to, places, end }: Clefs): StaffPlan['clefChanges'] {
  const writing = sheetOf(study).writing.get(hand)!
  const changes = places.flatMap((x, at) => {
    const step = from + at
    return at > 0 && writing[step]!.clef !== writing[step - 1]!.clef ? [{ at, x, clef: writing[step]!.clef }] : []
  })
  const next = writing[to]
  const warned = next !== undefined && next.clef !== writing[to - 1]!.clef
  return warned ? [...changes, { at: to - from, x: end, clef: next.clef }] : changes
}
interface Clefs {
  readonly from: number
  readonly to: number
  /** Where a clef would stand before each step, and at the end of the system. */
  readonly places: readonly number[]
  readonly end: number
}

/** Lays out one system over a width; steps share what clefs, bar lines and signs leave. */
function layOut(study: RealisedStudy, from: number, to: number, width: number): System {
  const { rooms } = sheetOf(study)
  const { rooms: own, ends } = within(study, from, to)
  const step = stepWithin(width, own, ends, WIDEST_STEP)
  const { start, lead } = endsOf(study, from, to)
  const barLines: number[] = []
  const rests: System['rests'][number][] = []
  const columns: number[] = []
  const places: number[] = []
  let x = start + Math.max(lead, step / 2 - 4)
  for (let at = from; at < to; at++) {
    const here = rooms[at]!
    const before = { room: rooms[at - 1]!, x }
    if (at > from) x += distance(before.room, here, step)
    const bar = at > from && here.bar ? barLineAt(before, here, x, step) : null
    if (bar !== null) barLines.push(bar)
    columns.push(x)
    places.push(clefAt(here, x, bar))
    restsAfter(study.rhythm, at).forEach((value, order) =>
      rests.push({ value, after: at - from, x: x + REST_WIDTH * (order + 1) }),
    )
  }
  const lastRoom = rooms[to - 1]!
  const inked = x + lastRoom.rests * REST_WIDTH + Math.max(lastRoom.right, Math.min(step / 2, 14))
  const warned = warnsAfter(study, to)
  const natural = inked + RIGHT_PAD + (warned ? CLEF_CHANGE : 0)
  // lines that are full end at one edge
  const right = step < WIDEST_STEP || natural > NEARLY * width ? Math.max(natural, width) : natural
  const last = to === study.steps
  if (!last && startsBar(study.rhythm, to)) barLines.push(right)
  const clefs = { from, to, places, end: right - CLEF_CHANGE - 3 }
  return {
    ...{ from, to, first: from === 0, last, columns, step, barLines, rests, left: LEFT, right },
    staves: plans(study, from, to).map((plan) => ({ ...plan, clefChanges: clefsOf(study, plan.hand, clefs) })),
  }
}

/** How systems are broken. */
export interface Broken {
  /** Pixels that notes stand apart at the least: on screen a finger must be wide enough to hit, on paper only to read. */
  readonly narrowest?: number
  /** Bars to a line, where so many fit. */
  readonly bars?: number
}

/** Steps at which every so manieth bar begins. */
function barEnds({ rhythm, steps }: RealisedStudy, bars: number): number[] {
  const places = Array.from({ length: steps }, (_, step) => step).filter(
    (step) => startsBar(rhythm, step) && barOf(rhythm, rhythm.notes[step]!) % bars === 0,
  )
  return [0, ...places, steps]
}

/**
 * Breaks a study at its bar lines into as few systems as keep its notes apart, or after so many bars, where that keeps
 * them apart. A bar that is too full for that stands by itself with its notes nearer; only one that has no room even so
 * is broken between its beams.
 */
export function layoutOf(
  study: RealisedStudy,
  width: number,
  { narrowest = NARROWEST_STEP, bars }: Broken = {},
): System[] {
  const laid = (ends: readonly number[]): System[] => ends.slice(1).map((to, at) => layOut(study, ends[at]!, to, width))
  const isOneBar = (from: number, to: number): boolean =>
    barOf(study.rhythm, study.rhythm.notes[from]!) === barOf(study.rhythm, study.rhythm.notes[to - 1]!)
  const holds = (from: number, to: number, step: number): boolean => {
    const { rooms, ends } = within(study, from, to)
    return takes(rooms, ends, step) <= width
  }
  const fits = (from: number, to: number): boolean =>
    holds(from, to, narrowest) || (isOneBar(from, to) && holds(from, to, TIGHTEST_STEP))
  if (bars !== undefined) {
    const ends = barEnds(study, bars)
    if (ends.slice(1).every((to, at) => holds(ends[at]!, to, narrowest))) return laid(ends)
  }
  return laid(breaksOf(study, fits))
}
