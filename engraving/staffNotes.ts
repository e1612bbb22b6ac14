import { beamGroups, isBeamed, printedFifths, slashesOf, stemsUp, strokesAt } from '#core/notation'
import {
  Accidental,
  Articulation,
  Beam,
  Dot,
  Formatter,
  Stave,
  StaveNote,
  StaveTie,
  Stem,
  Tuplet,
  Voice,
} from 'vexflow/core'
import type { RealisedStudy } from '#core/realise'
import type { Player } from '#core/instrument'
import { heldBeats, type Rhythm, type Value } from '#core/study'
import type { PlacedNote, StaffPlan, System } from './layout'
import { sheetOf } from './room'
import { StemStrokes } from './tremolo'

/** A staff of one system, ready to be drawn at a height. */
export interface Staff {
  readonly hand: Player
  readonly stave: Stave
  /** What is struck (or rested) at each step of the system; a rest may stand for several steps. */
  readonly notes: readonly (StaveNote | null)[]
  readonly rests: readonly StaveNote[]
  readonly beams: readonly Beam[]
  readonly tuplets: readonly Tuplet[]
  readonly ties: readonly StaveTie[]
}

const DURATION: Record<Value['written'], string> = {
  whole: 'w',
  half: 'h',
  quarter: 'q',
  eighth: '8',
  sixteenth: '16',
  'thirty-second': '32',
}
/** How far accidentals reach over and under their head: down to a double flat, up to a double sharp. */
const SIGN_REACH: Readonly<Record<number, { readonly up: number; readonly down: number }>> = {
  [-2]: { up: 18, down: 7 },
  [-1]: { up: 18, down: 7 },
  0: { up: 14, down: 14 },
  1: { up: 14, down: 14 },
  2: { up: 5, down: 5 },
}
/** A stem as long as usual, a beam with what stands free beside it, and one beam more. */
const [STEM, BEAM, BEAM_MORE] = [35, 12, 7.5]
const BEAMS: Readonly<Partial<Record<Value['written'], number>>> = { eighth: 1, sixteenth: 2, 'thirty-second': 3 }
const SIGNS: Record<number, string> = { [-2]: 'bb', [-1]: 'b', 0: 'n', 1: '#', 2: '##' }
const ALTERATIONS: Readonly<Record<string, number>> = { bb: -2, b: -1, n: 0, '#': 1, '##': 2 }
export const MAJOR_BY_FIFTHS = ['Cb', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#']

function staveFor(study: RealisedStudy, system: System, plan: StaffPlan): Stave {
  const stave = new Stave(system.left, 0, system.right - system.left, {
    leftBar: false,
    rightBar: false,
    spaceAboveStaffLn: 0,
  })
  stave.addClef(plan.writing[0]!.clef)
  stave.addKeySignature(MAJOR_BY_FIFTHS[printedFifths(study.keySignature.fifths) + 7]!)
  if (system.first) stave.addTimeSignature(`${study.rhythm.beatsPerBar}/4`)
  return stave
}

const [ABOVE, BELOW] = [3, 4]
/** What is written for a note that is held for so many beats. */
const HELD: Readonly<Record<number, Pick<Value, 'written' | 'dots'>>> = {
  1: { written: 'quarter', dots: 0 },
  1.5: { written: 'quarter', dots: 1 },
  2: { written: 'half', dots: 0 },
  3: { written: 'half', dots: 1 },
  4: { written: 'whole', dots: 0 },
}

interface Written {
  readonly value: Value
  readonly signs: readonly (number | null)[]
  readonly up: boolean
  readonly accent: boolean
  /** Beams over it or over a neighbour: a short one's reach as far as the next note. */
  readonly beams: number
  /** Strokes through the stem; 0 where it is not rolled. */
  readonly slashes: number
}

function keyName({ pitch: { letter, octave, alteration } }: PlacedNote, ottava: number): string {
  return `${letter.toLowerCase()}${SIGNS[alteration] === 'n' ? '' : SIGNS[alteration]}/${octave - ottava}`
}

function noteOf(plan: StaffPlan, at: number, { value, signs, up, accent, beams, slashes }: Written): StaveNote {
  const { clef, ottava } = plan.writing[at]!
  const written = new StaveNote({
    keys: plan.chords[at]!.map((note) => keyName(note, ottava)),
    duration: DURATION[value.written],
    dots: value.dots,
    clef,
    stemDirection: up ? Stem.UP : Stem.DOWN,
  })
  if (value.dots > 0) Dot.buildAndAttach([written], { all: true })
  plan.chords[at]!.forEach((note, voice) => {
    const sign = signs[note.index]
    if (typeof sign !== 'number' || note.tied?.from) return
    written.addModifier(new Accidental(SIGNS[sign]!), voice)
    // the sign clear of the beams over it: those of short notes hang down far
    const reach = SIGN_REACH[sign]![up ? 'up' : 'down'] + BEAM + BEAM_MORE * (beams - 1)
    if (beams > 0) written.setStemLength(Math.max(STEM, reach))
  })
  // fingers stand outside the staves, so accents stand inside
  if (slashes > 0) written.addModifier(new StemStrokes(slashes))
  if (accent) written.addModifier(new Articulation('a>').setPosition(plan.hand !== 'left' ? BELOW : ABOVE))
  return written
}

/** Puts the middle of a note's head on its column. */
function place(note: StaveNote, column: number): void {
  const context = note.checkTickContext()
  context.setX(context.getX() + column - note.getAbsoluteX() - note.getGlyphWidth() / 2)
}

/** What the notes of a system are written from. */
interface Sheet {
  readonly plan: StaffPlan
  readonly values: readonly Value[]
  readonly signs: Written['signs']
  readonly accents: ReadonlySet<number>
  /** Strokes to the beat of a roll at a step of the system; 0 for none. */
  readonly strokes: (at: number) => number
  /** How a note is written that is held; nothing where its own value says it. */
  readonly heldAs: (note: PlacedNote) => Partial<Value>
}

/**
 * The notes of one beam; where the hand is silent throughout, one rest for all, else a rest for each silent step; while
 * a note is held, nothing.
 */
function groupOf(sheet: Sheet, group: readonly number[]): (StaveNote | null)[] {
  const { plan, values, signs, accents, strokes } = sheet
  const struck = group.filter((at) => plan.chords[at]!.length > 0)
  const silent = group.filter((at) => plan.chords[at]!.length === 0 && !plan.held[at])
  if (silent.length === group.length) {
    return group.map((at, order) => (order === 0 ? restFor(plan, at, group, values) : null))
  }
  const up = stemsUp(
    struck.flatMap((at) => plan.chords[at]!),
    struck.flatMap((at) => plan.chords[at]!.map(() => plan.writing[at]!)),
  )
  const beams = Math.max(...group.map((at) => BEAMS[values[at]!.written] ?? 0))
  return group.map((at) => {
    const [note] = plan.chords[at]!
    if (!note) return plan.held[at] ? null : restFor(plan, at, [at], values)
    const value = writtenAs(sheet, at)
    const slashes = slashesOf(strokes(at), value)
    return noteOf(plan, at, { value, signs, up, accent: accents.has(at), beams, slashes })
  })
}

/** How long a rest that fills whole beats is written. */
const BEAT_RESTS: Record<number, Value['written']> = { 1: 'quarter', 2: 'half', 4: 'whole' }

function restFor(plan: StaffPlan, at: number, group: readonly number[], values: readonly Value[]): StaveNote {
  const beats = group.reduce((sum, each) => sum + values[each]!.beats, 0)
  const written = (group.length > 1 && BEAT_RESTS[Math.round(beats)]) || values[at]!.written
  return restOf({ ...values[at]!, written }, plan.writing[at]!.clef)
}

/** How a note is written: as its step says, or as long as it is held. */
const writtenAs = ({ plan, values, heldAs: held }: Sheet, at: number): Value => {
  const [note] = plan.chords[at]!
  return { ...values[at]!, ...(note ? held(note) : {}) }
}

/** Runs of struck notes inside a beam's group: rests break beams, and notes that are held too long for one. */
function beamsOf(notes: readonly (StaveNote | null)[], groups: readonly (readonly number[])[], sheet: Sheet): Beam[] {
  return groups.flatMap((group) => {
    const runs: StaveNote[][] = [[]]
    for (const at of group) {
      const note = notes[at]
      if (note && !note.isRest() && isBeamed(writtenAs(sheet, at))) runs.at(-1)!.push(note)
      else runs.push([])
    }
    return runs.filter((run) => run.length > 1).map((run) => new Beam(run))
  })
}

/** A note held for a time that one value says; one that is struck in the last step lasts as the step does. */
function heldAs(rhythm: Rhythm, { step, holds }: PlacedNote): Partial<Value> {
  if (holds === undefined) return {}
  const value = HELD[Math.round(4 * heldBeats(rhythm, step, holds)) / 4]
  return value && holds > 1 ? { ...value, triplet: false } : {}
}

/** Builds one hand's staff with its top line at 0; nothing is drawn yet, but everything has its place. */
export function staffOf(study: RealisedStudy, system: System, plan: StaffPlan): Staff {
  const { rhythm } = study
  const { from, to } = system
  const stave = staveFor(study, system, plan)
  const signs = sheetOf(study).signs.get(plan.hand)!
  const values = rhythm.notes.slice(from, to)
  const groups = beamGroups(rhythm)
    .map((group) => group.filter((step) => step >= from && step < to).map((step) => step - from))
    .filter((group) => group.length > 0)
  const accents = new Set(rhythm.accents.map((step) => step - from))
  const strokes = (at: number): number => strokesAt(study, from + at)
  const sheet = { plan, values, signs, accents, strokes, heldAs: (note: PlacedNote) => heldAs(rhythm, note) }
  const notes = groups.flatMap((group) => groupOf(sheet, group))
  const rests = system.rests.map(({ value, after }) =>
    plan.held[after] ? null : restOf(value, plan.writing[after]!.clef),
  )
  const beams = beamsOf(notes, groups, sheet)
  const tuplets = tupletsOf(notes, groups, study, system, plan)
  const drawn = [...notes, ...rests].filter((note) => note !== null)
  const voice = new Voice({ numBeats: 4, beatValue: 4 }).setStrict(false).addTickables(drawn)
  for (const note of drawn) note.setStave(stave)
  // a staff through which a note is held has nothing to be set out
  if (drawn.length > 0) new Formatter().joinVoices([voice]).format([voice], 100)
  notes.forEach((note, at) => note && place(note, system.columns[at]!))
  rests.forEach((rest, at) => rest && place(rest, system.rests[at]!.x))
  for (const beam of beams) beam.postFormat()
  const ties = tiesOf(plan, notes)
  return { hand: plan.hand, stave, notes, rests: rests.filter((rest) => rest !== null), beams, tuplets, ties }
}

/** From each head that is held over a bar line to the next; to the edge of the system where it goes on there. */
function tiesOf(plan: StaffPlan, notes: readonly (StaveNote | null)[]): StaveTie[] {
  const heads = plan.chords.flatMap((chord, at) => chord.map((note, voice) => ({ note, at, voice })))
  return heads.flatMap(({ note, at, voice }) => {
    if (!note.tied) return []
    const next = heads.find((other) => other.at > at && other.note.index === note.index)
    const begins = heads.some((other) => other.at < at && other.note.index === note.index)
    const [here, there] = [notes[at]!, next && notes[next.at]!]
    const tie = (firstNote: StaveNote | undefined, lastNote: StaveNote | undefined, last: number): StaveTie =>
      new StaveTie({ firstNote, lastNote, firstIndexes: [voice], lastIndexes: [last] })
    return [
      ...(note.tied.from && !begins ? [tie(undefined, here, voice)] : []),
      ...(note.tied.to ? [tie(here, there, next?.voice ?? voice)] : []),
    ]
  })
}

function restOf(rest: Value, clef: 'treble' | 'bass'): StaveNote {
  return new StaveNote({ keys: [clef === 'treble' ? 'b/4' : 'd/3'], duration: `${DURATION[rest.written]}r`, clef })
}

/** The figure 3 or 6 stands at the first two beats of a section only; the rest follow. */
function tupletsOf(
  notes: readonly (StaveNote | null)[],
  groups: readonly (readonly number[])[],
  study: RealisedStudy,
  { from }: System,
  plan: StaffPlan,
): Tuplet[] {
  const { rhythm, sections = [{ from: 0 }] } = study
  const location = plan.hand !== 'left' ? -1 : 1
  const early = (step: number): boolean => {
    const section = sections.findLast((each) => each.from <= step)!
    return rhythm.notes[step]!.start - rhythm.notes[section.from]!.start < 2
  }
  return groups
    .filter((group) => group.every((at) => rhythm.notes[from + at]!.triplet) && early(from + group[0]!))
    .map((group) => group.map((at) => notes[at] ?? null).filter((note) => note !== null))
    .filter((group) => group.length === 3 || group.length === 6)
    .map((group) => {
      const shape = {
        numNotes: group.length,
        notesOccupied: (group.length / 3) * 2,
        bracketed: false,
        ratioed: false,
        location,
      }
      return new Tuplet([...group], shape)
    })
}

/** Highest and lowest ink of a note's accidentals. */
export function signsExtent(note: StaveNote): { top: number; bottom: number } {
  const spans = note.getModifiersByType(Accidental.CATEGORY).map((sign) => {
    const reach = SIGN_REACH[ALTERATIONS[(sign as Accidental).type]!]!
    const y = note.getYs()[sign.checkIndex()]!
    return { top: y - reach.up, bottom: y + reach.down }
  })
  return {
    top: Math.min(Infinity, ...spans.map(({ top }) => top)),
    bottom: Math.max(-Infinity, ...spans.map(({ bottom }) => bottom)),
  }
}

/** Highest and lowest ink of a note: head and stem. */
export function inkOf(note: StaveNote): { top: number; bottom: number } {
  const heads = note.getYs()
  const [top, bottom] = [Math.min(...heads) - 6, Math.max(...heads) + 6]
  if (note.isRest() || !note.hasStem()) return { top, bottom }
  const { topY, baseY } = note.getStemExtents()
  const tip = note.getStemDirection() === Stem.UP ? Math.min(topY, baseY) : Math.max(topY, baseY)
  return { top: Math.min(top, tip), bottom: Math.max(bottom, tip) }
}
