import { barOf, beamGroups, printedFifths, restsAfter, type Writing, writingFor } from '#core/notation'
import { lineFor, playersIn, type RealisedStudy } from '#core/realise'
import type { Player } from '#core/instrument'
import type { LineNote, Rhythm, Value } from '#core/study'

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

/** A note with its place in its line. */
export interface PlacedNote extends LineNote {
  readonly index: number
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
const AFTER_HEAD = 16
const CLEF_CHANGE = 20
const BAR = 7
const RIGHT_PAD = 12
export const NARROWEST_STEP = 24.2
const WIDEST_STEP = 58
const REST_WIDTH = 26

/** Width of clef, signature and, on the first system, time signature. */
const headWidth = (fifths: number, first: boolean): number =>
  CLEF + Math.abs(printedFifths(fifths)) * SIGN + (first ? TIME : 0) + AFTER_HEAD

/** What a break inside a bar costs, and what one at a section's beginning saves, in bars that systems are unequal by. */
const INSIDE_BAR = 0.35
const SECTION = 0.6

/** Steps at which systems end: between beams, near equal shares, and at a bar line where one is near. */
function breaks({ rhythm, steps, sections = [] }: RealisedStudy, systems: number): number[] {
  const places = beamGroups(rhythm)
    .slice(1)
    .map(([first]) => first!)
  if (places.length === 0) return [0, steps]
  const bars = 1 + barOf(rhythm, rhythm.notes.at(-1)!)
  const perBar = steps / bars
  const begins = new Set(sections.map(({ from }) => from))
  const dear = (place: number, share: number): number => {
    const inside = startsBar(rhythm, place) ? 0 : INSIDE_BAR * perBar
    return Math.abs(place - share) + inside - (begins.has(place) ? SECTION * perBar : 0)
  }
  const shares = Array.from({ length: systems - 1 }, (_, at) => ((at + 1) * (steps - 1)) / systems)
  const ends = shares.map((share) =>
    places.reduce((one, other) => (dear(other, share) < dear(one, share) ? other : one)),
  )
  return [0, ...[...new Set(ends)].sort((one, other) => one - other), steps]
}

/** Whether a bar line stands before a step. */
const startsBar = (rhythm: Rhythm, step: number): boolean =>
  step > 0 && barOf(rhythm, rhythm.notes[step]!) !== barOf(rhythm, rhythm.notes[step - 1]!)

/** What a hand strikes at each of some steps. */
function chordsOf(study: RealisedStudy, hand: Player, from: number, to: number): PlacedNote[][] {
  const chords: PlacedNote[][] = Array.from({ length: to - from }, () => [])
  lineFor(study, hand).notes.forEach((note, index) => chords[note.step - from]?.push({ ...note, index }))
  return chords
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
  const within = beamGroups(study.rhythm)
    .map((group) => group.filter((step) => step >= from && step < to))
    .filter((group) => group.length > 0)
  return playersIn(study).map((hand) => {
    const chords = chordsOf(study, hand, from, to)
    const byGroup = writingFor(
      within.map((group) => group.flatMap((step) => chords[step - from]!)),
      hand === 'left' ? 'bass' : 'treble',
    )
    const writing = within.flatMap((group, at) => group.map(() => byGroup[at]!))
    return { hand, chords, held: heldThrough(study, hand, from, to), writing }
  })
}

const changesClef = (writing: readonly Writing[], at: number): boolean =>
  at > 0 && writing[at]!.clef !== writing[at - 1]!.clef

/** Lays out one system over a width; steps share what clefs and bar lines leave. */
function layOut(study: RealisedStudy, from: number, to: number, width: number): System {
  const first = from === 0
  const staves = plans(study, from, to)
  const count = to - from
  const room = Array.from({ length: count }, (_, at) => {
    const clef = staves.some((staff) => changesClef(staff.writing, at)) ? CLEF_CHANGE : 0
    const bar = at > 0 && startsBar(study.rhythm, from + at) ? BAR : 0
    return { clef, bar, rests: restsAfter(study.rhythm, from + at) }
  })
  const start = LEFT + headWidth(study.keySignature.fifths, first)
  const last = to === study.steps
  const taken = room.reduce((sum, { clef, bar, rests }) => sum + clef + bar + rests.length * REST_WIDTH, 0)
  const step = Math.min(WIDEST_STEP, (width - start - RIGHT_PAD - taken) / count)
  let x = start + step / 2 - 4
  const barLines: number[] = []
  const restColumns: System['rests'][number][] = []
  const columns = room.map(({ clef, bar, rests }, at) => {
    if (bar > 0) barLines.push(x - step / 2 + bar / 2 - 2)
    x += clef + bar
    const here = x
    rests.forEach((value, order) => restColumns.push({ value, after: at, x: here + REST_WIDTH * (order + 1) }))
    x += rests.length * REST_WIDTH
    if (at < count - 1) x += step
    return here
  })
  const right = x + Math.min(step / 2, 14) + RIGHT_PAD
  if (!last && startsBar(study.rhythm, to)) barLines.push(right)
  return {
    from,
    to,
    first,
    last,
    columns,
    step,
    barLines,
    rests: restColumns,
    left: LEFT,
    right,
    staves: staves.map((staff) => ({
      ...staff,
      clefChanges: columns.flatMap((column, at) =>
        changesClef(staff.writing, at)
          ? [{ at, x: column - step / 2 - CLEF_CHANGE + 6, clef: staff.writing[at]!.clef }]
          : [],
      ),
    })),
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

/** Breaks a study into as few systems as keep its notes apart, or after so many bars, where that keeps them apart. */
export function layoutOf(
  study: RealisedStudy,
  width: number,
  { narrowest = NARROWEST_STEP, bars }: Broken = {},
): System[] {
  const laid = (ends: readonly number[]): System[] => ends.slice(1).map((to, at) => layOut(study, ends[at]!, to, width))
  const apart = (systems: readonly System[]): boolean => systems.every(({ step }) => step >= narrowest)
  if (bars !== undefined) {
    const systems = laid(barEnds(study, bars))
    if (apart(systems)) return systems
  }
  const most = beamGroups(study.rhythm).length
  for (let count = Math.max(1, Math.floor((study.steps * narrowest) / width)); ; count++) {
    const systems = laid(breaks(study, count))
    if (apart(systems) || count >= most) return systems
  }
}
