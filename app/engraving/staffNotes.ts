import { Accidental, Beam, Dot, Formatter, Stave, StaveNote, Stem, Tuplet, Voice } from 'vexflow/core'
import type { RealisedStudy } from '#core/realise'
import type { Value } from '#core/study'
import { accidentalsOf, printedFifths } from './accidentals'
import { beamLength, notesPerBar, type PlacedNote, REST_WIDTH, type StaffPlan, type System } from './layout'
import { stemsUp } from './staff'

/** A staff of one system, ready to be drawn at a height. */
export interface Staff {
  readonly stave: Stave
  /** What is struck (or rested) at each step of the system; a rest may stand for several steps. */
  readonly notes: readonly (StaveNote | null)[]
  readonly rests: readonly StaveNote[]
  readonly beams: readonly Beam[]
  readonly tuplets: readonly Tuplet[]
}

const DURATION: Record<Value['written'], string> = {
  whole: 'w',
  half: 'h',
  quarter: 'q',
  eighth: '8',
  sixteenth: '16',
}
const SIGNS: Record<number, string> = { [-2]: 'bb', [-1]: 'b', 0: 'n', 1: '#', 2: '##' }
const MAJOR_BY_FIFTHS = ['Cb', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#']

function staveFor(study: RealisedStudy, system: System, plan: StaffPlan): Stave {
  const stave = new Stave(system.left, 0, system.right - system.left, {
    leftBar: false,
    rightBar: false,
    spaceAboveStaffLn: 0,
  })
  stave.addClef(plan.writing[0]!.clef)
  stave.addKeySignature(MAJOR_BY_FIFTHS[printedFifths(study.keySignature.fifths) + 7]!)
  if (system.first) stave.addTimeSignature('4/4')
  return stave
}

interface Written {
  readonly value: Value
  readonly signs: readonly (number | null)[]
  readonly up: boolean
}

function keyName({ pitch: { letter, octave, alteration } }: PlacedNote, ottava: number): string {
  return `${letter.toLowerCase()}${SIGNS[alteration] === 'n' ? '' : SIGNS[alteration]}/${octave - ottava}`
}

function noteOf(plan: StaffPlan, at: number, { value, signs, up }: Written): StaveNote {
  const { clef, ottava } = plan.writing[at]!
  const written = new StaveNote({
    keys: plan.chords[at]!.map((note) => keyName(note, ottava)),
    duration: DURATION[value.written],
    dots: value.dots,
    clef,
    stemDirection: up ? Stem.UP : Stem.DOWN,
  })
  written.setLedgerLineStyle({ strokeStyle: '#17211d', lineWidth: 1 })
  if (value.dots > 0) Dot.buildAndAttach([written], { all: true })
  plan.chords[at]!.forEach((note, voice) => {
    const sign = signs[note.index]
    if (typeof sign === 'number') written.addModifier(new Accidental(SIGNS[sign]!), voice)
  })
  return written
}

/** Puts the middle of a note's head on its column. */
function place(note: StaveNote, column: number): void {
  const context = note.checkTickContext()
  context.setX(context.getX() + column - note.getAbsoluteX() - note.getGlyphWidth() / 2)
}

/** Notes by what shares a beam: whole beats, and two of them where notes are eighths; longer notes stand alone. */
function beamGroups(values: readonly Value[], from: number, perBeat: number): number[][] {
  const size = beamLength(perBeat)
  const groups: number[][] = []
  values.forEach(({ written }, at) => {
    const alone = written !== 'eighth' && written !== 'sixteenth'
    if (at === 0 || (from + at) % size === 0 || alone) groups.push([])
    groups.at(-1)!.push(at)
  })
  return groups
}

/** The notes of one beam; where the hand is silent throughout, one rest for all, else a rest for each silent step. */
function groupOf(plan: StaffPlan, group: readonly number[], values: readonly Value[], signs: Written['signs']) {
  const struck = group.filter((at) => plan.chords[at]!.length > 0)
  if (struck.length === 0) return group.map((at, order) => (order === 0 ? restFor(plan, at, group, values) : null))
  const up = stemsUp(
    struck.flatMap((at) => plan.chords[at]!),
    struck.flatMap((at) => plan.chords[at]!.map(() => plan.writing[at]!)),
  )
  return group.map((at) =>
    plan.chords[at]!.length > 0 ? noteOf(plan, at, { value: values[at]!, signs, up }) : restFor(plan, at, [at], values),
  )
}

/** How long a rest that fills whole beats is written. */
const BEAT_RESTS: Record<number, Value['written']> = { 1: 'quarter', 2: 'half', 4: 'whole' }

function restFor(plan: StaffPlan, at: number, group: readonly number[], values: readonly Value[]): StaveNote {
  const beats = group.reduce((sum, each) => sum + values[each]!.beats, 0)
  const written = (group.length > 1 && BEAT_RESTS[Math.round(beats)]) || values[at]!.written
  return restOf({ ...values[at]!, written }, plan.writing[at]!.clef)
}

/** Runs of struck notes inside a beam's group: rests break beams. */
function beamsOf(notes: readonly (StaveNote | null)[], groups: readonly (readonly number[])[]): Beam[] {
  return groups.flatMap((group) => {
    const runs: StaveNote[][] = [[]]
    for (const at of group) {
      const note = notes[at]
      if (note && !note.isRest()) runs.at(-1)!.push(note)
      else runs.push([])
    }
    return runs.filter((run) => run.length > 1).map((run) => new Beam(run))
  })
}

/** Builds one hand's staff with its top line at 0; nothing is drawn yet, but everything has its place. */
export function staffOf(study: RealisedStudy, system: System, plan: StaffPlan): Staff {
  const { notesPerBeat } = study.recipe.tempo
  const stave = staveFor(study, system, plan)
  const signs = accidentalsOf(study.hands[plan.hand]!.notes, study.keySignature.fifths, notesPerBar(study))
  const values = study.rhythm.notes.slice(system.from, system.to)
  const groups = beamGroups(values, system.from, notesPerBeat)
  const notes = groups.flatMap((group) => groupOf(plan, group, values, signs))
  const rests = system.last ? study.rhythm.rests.map((rest) => restOf(rest, plan.writing.at(-1)!.clef)) : []
  const beams = beamsOf(notes, groups)
  const tuplets = triplets(notes, values, system, plan)
  const drawn = notes.filter((note) => note !== null)
  const voice = new Voice({ numBeats: 4, beatValue: 4 }).setStrict(false).addTickables([...drawn, ...rests])
  for (const note of [...drawn, ...rests]) note.setStave(stave)
  new Formatter().joinVoices([voice]).format([voice], 100)
  notes.forEach((note, at) => note && place(note, system.columns[at]!))
  rests.forEach((rest, at) => place(rest, system.columns.at(-1)! + REST_WIDTH * (at + 1)))
  for (const beam of beams) beam.postFormat()
  return { stave, notes, rests, beams, tuplets }
}

function restOf(rest: Value, clef: 'treble' | 'bass'): StaveNote {
  return new StaveNote({ keys: [clef === 'treble' ? 'b/4' : 'd/3'], duration: `${DURATION[rest.written]}r`, clef })
}

/** The figure 3 stands at the first two beats only; the rest follow. */
function triplets(
  notes: readonly (StaveNote | null)[],
  values: readonly Value[],
  system: System,
  plan: StaffPlan,
): Tuplet[] {
  if (!system.first || !values[0]!.triplet) return []
  const location = plan.hand === 'right' ? -1 : 1
  return [0, 3]
    .map((at) => notes.slice(at, at + 3).filter((note) => note !== null))
    .filter((group) => group.length === 3)
    .map((group) => new Tuplet([...group], { numNotes: 3, notesOccupied: 2, bracketed: false, location }))
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
