import { Accidental, Beam, Dot, Formatter, Stave, StaveNote, Stem, Tuplet, Voice } from 'vexflow/core'
import type { RealisedStudy } from '#core/realise'
import type { Value } from '#core/study'
import { accidentalsOf } from './accidentals'
import { beamLength, notesPerBar, REST_WIDTH, type StaffPlan, type System } from './layout'
import { stemsUp } from './staff'

/** A staff of one system, ready to be drawn at a height. */
export interface Staff {
  readonly stave: Stave
  readonly notes: readonly StaveNote[]
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
  stave.addKeySignature(MAJOR_BY_FIFTHS[study.keySignature.fifths + 7]!)
  if (system.first) stave.addTimeSignature('4/4')
  return stave
}

interface Written {
  readonly value: Value
  readonly sign: number | null
  readonly up: boolean
}

function noteOf(plan: StaffPlan, at: number, { value, sign, up }: Written): StaveNote {
  const note = plan.notes[at]!
  const { clef, ottava } = plan.writing[at]!
  const { letter, octave, alteration } = note.pitch
  const written = new StaveNote({
    keys: [`${letter.toLowerCase()}${SIGNS[alteration] === 'n' ? '' : SIGNS[alteration]}/${octave - ottava}`],
    duration: DURATION[value.written],
    dots: value.dots,
    clef,
    stemDirection: up ? Stem.UP : Stem.DOWN,
  })
  written.setLedgerLineStyle({ strokeStyle: '#17211d', lineWidth: 1 })
  if (value.dots > 0) Dot.buildAndAttach([written], { all: true })
  if (sign !== null) written.addModifier(new Accidental(SIGNS[sign]!), 0)
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

/** Builds one hand's staff with its top line at 0; nothing is drawn yet, but everything has its place. */
export function staffOf(study: RealisedStudy, system: System, plan: StaffPlan): Staff {
  const { notesPerBeat } = study.recipe.tempo
  const stave = staveFor(study, system, plan)
  const whole = study.hands[plan.hand]!.notes
  const signs = accidentalsOf(whole, study.keySignature.fifths, notesPerBar(study))
  const values = study.rhythm.notes.slice(system.from, system.to)
  const groups = beamGroups(values, system.from, notesPerBeat)
  const notes = groups.flatMap((group) => {
    const up = stemsUp(
      group.map((at) => plan.notes[at]!),
      group.map((at) => plan.writing[at]!),
    )
    return group.map((at) => noteOf(plan, at, { value: values[at]!, sign: signs[system.from + at]!, up }))
  })
  const rests = system.last ? study.rhythm.rests.map((rest) => restOf(rest, plan)) : []
  const beams = groups.filter((group) => group.length > 1).map((group) => new Beam(group.map((at) => notes[at]!)))
  const tuplets = triplets(notes, values, system, plan)
  const voice = new Voice({ numBeats: 4, beatValue: 4 }).setStrict(false).addTickables([...notes, ...rests])
  for (const note of [...notes, ...rests]) note.setStave(stave)
  new Formatter().joinVoices([voice]).format([voice], 100)
  notes.forEach((note, at) => place(note, system.columns[at]!))
  rests.forEach((rest, at) => place(rest, system.columns.at(-1)! + REST_WIDTH * (at + 1)))
  for (const beam of beams) beam.postFormat()
  return { stave, notes, rests, beams, tuplets }
}

function restOf(rest: Value, plan: StaffPlan): StaveNote {
  const { clef } = plan.writing.at(-1)!
  return new StaveNote({ keys: [clef === 'treble' ? 'b/4' : 'd/3'], duration: `${DURATION[rest.written]}r`, clef })
}

/** The figure 3 stands at the first two beats only; the rest follow. */
function triplets(notes: readonly StaveNote[], values: readonly Value[], system: System, plan: StaffPlan): Tuplet[] {
  if (!system.first || !values[0]!.triplet) return []
  const location = plan.hand === 'right' ? -1 : 1
  return [0, 3]
    .map((at) => notes.slice(at, at + 3))
    .filter((group) => group.length === 3)
    .map((group) => new Tuplet([...group], { numNotes: 3, notesOccupied: 2, bracketed: false, location }))
}

/** Highest and lowest ink of a note: head and stem. */
export function inkOf(note: StaveNote): { top: number; bottom: number } {
  const head = note.getYs()[0]!
  if (!note.hasStem()) return { top: head - 6, bottom: head + 6 }
  const { topY, baseY } = note.getStemExtents()
  const tip = note.getStemDirection() === Stem.UP ? Math.min(topY, baseY) : Math.max(topY, baseY)
  return { top: Math.min(head - 6, tip), bottom: Math.max(head + 6, tip) }
}
