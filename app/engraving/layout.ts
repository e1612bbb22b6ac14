import type { RealisedStudy } from '#core/realise'
import type { Hand, LineNote } from '#core/study'
import { printedFifths } from './accidentals'
import { type Writing, writingFor } from './staff'

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
  readonly staves: readonly StaffPlan[]
  /** Left edge of the staves and right edge of the system. */
  readonly left: number
  readonly right: number
}

/** A note with its place in its hand's line. */
export interface PlacedNote extends LineNote {
  readonly index: number
}

export interface StaffPlan {
  readonly hand: Hand
  /** What the hand strikes at each step of the system, lowest first; nothing where it rests. */
  readonly chords: readonly (readonly PlacedNote[])[]
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
export const REST_WIDTH = 26

/** Width of clef, signature and, on the first system, time signature. */
const headWidth = (fifths: number, first: boolean): number =>
  CLEF + Math.abs(printedFifths(fifths)) * SIGN + (first ? TIME : 0) + AFTER_HEAD

interface Beats {
  readonly perBeat: number
  readonly perBar: number
  readonly steps: number
}

/** Notes from one bar line to the next. */
export const notesPerBar = ({ recipe, rhythm }: RealisedStudy): number => recipe.tempo.notesPerBeat * rhythm.beatsPerBar

/** Notes under one beam: a beat, or two where a beat has but two. Clefs and octave signs change only between them. */
export const beamLength = (perBeat: number): number => (perBeat === 2 ? 4 : perBeat)

/** What a break inside a bar costs, in bars that the systems are unequal by. */
const INSIDE_BAR = 0.35

/** Steps at which systems end: between beams, near equal shares, and at a bar line where one is near. */
function breaks({ perBeat, perBar, steps }: Beats, systems: number): number[] {
  const size = beamLength(perBeat)
  const places = Array.from({ length: Math.ceil(steps / size) - 1 }, (_, at) => (at + 1) * size)
  if (places.length === 0) return [0, steps]
  const dear = (place: number, share: number): number =>
    Math.abs(place - share) + (place % perBar === 0 ? 0 : INSIDE_BAR * perBar)
  const shares = Array.from({ length: systems - 1 }, (_, at) => ((at + 1) * (steps - 1)) / systems)
  const ends = shares.map((share) =>
    places.reduce((one, other) => (dear(other, share) < dear(one, share) ? other : one)),
  )
  return [0, ...new Set(ends), steps]
}

/** What a hand strikes at each of some steps. */
function chordsOf(study: RealisedStudy, hand: Hand, from: number, to: number): PlacedNote[][] {
  const chords: PlacedNote[][] = Array.from({ length: to - from }, () => [])
  study.hands[hand]!.notes.forEach((note, index) => chords[note.step - from]?.push({ ...note, index }))
  return chords
}

function plans(study: RealisedStudy, from: number, to: number): Omit<StaffPlan, 'clefChanges'>[] {
  const size = beamLength(study.recipe.tempo.notesPerBeat)
  return handsIn(study).map((hand) => {
    const chords = chordsOf(study, hand, from, to)
    const groups: PlacedNote[][][] = []
    chords.forEach((chord, at) => {
      if (at === 0 || (from + at) % size === 0) groups.push([])
      groups.at(-1)!.push([...chord])
    })
    const byGroup = writingFor(
      groups.map((group) => group.flat()),
      hand === 'right' ? 'treble' : 'bass',
    )
    return { hand, chords, writing: groups.flatMap((group, at) => group.map(() => byGroup[at]!)) }
  })
}

/** The hands that play, right (upper staff) first. */
export const handsIn = (study: RealisedStudy): Hand[] =>
  (['right', 'left'] as const).filter((hand) => study.hands[hand] !== undefined)

const changesClef = (writing: readonly Writing[], at: number): boolean =>
  at > 0 && writing[at]!.clef !== writing[at - 1]!.clef

/** Lays out one system over a width; steps share what clefs and bar lines leave. */
function layOut(study: RealisedStudy, from: number, to: number, width: number): System {
  const first = from === 0
  const staves = plans(study, from, to)
  const perBar = notesPerBar(study)
  const count = to - from
  const room = Array.from({ length: count }, (_, at) => {
    const clef = staves.some((staff) => changesClef(staff.writing, at)) ? CLEF_CHANGE : 0
    const bar = at > 0 && (from + at) % perBar === 0 ? BAR : 0
    return { clef, bar }
  })
  const start = LEFT + headWidth(study.keySignature.fifths, first)
  const last = to === study.steps
  const rests = last ? study.rhythm.rests.length * REST_WIDTH : 0
  const taken = room.reduce((sum, { clef, bar }) => sum + clef + bar, rests)
  const step = Math.min(WIDEST_STEP, (width - start - RIGHT_PAD - taken) / count)
  let x = start + step / 2 - 4
  const barLines: number[] = []
  const columns = room.map(({ clef, bar }, at) => {
    if (bar > 0) barLines.push(x - step / 2 + bar / 2 - 2)
    x += clef + bar
    const here = x
    if (at < count - 1) x += step
    return here
  })
  const right = columns.at(-1)! + rests + Math.min(step / 2, 14) + RIGHT_PAD
  if (!last && to % perBar === 0) barLines.push(right)
  return {
    from,
    to,
    first,
    last,
    columns,
    step,
    barLines,
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

/**
 * Breaks a study into as few systems as keep its notes at least `narrowest` apart: on screen a finger must be wide
 * enough to hit, on paper only to read.
 */
export function layoutOf(study: RealisedStudy, width: number, narrowest = NARROWEST_STEP): System[] {
  const beats = { perBeat: study.recipe.tempo.notesPerBeat, perBar: notesPerBar(study), steps: study.steps }
  for (let count = 1; ; count++) {
    const ends = breaks(beats, count)
    const systems = ends.slice(1).map((to, at) => layOut(study, ends[at]!, to, width))
    if (systems.every((system) => system.step >= narrowest) || count >= beats.steps / beats.perBeat) {
      return systems
    }
  }
}
