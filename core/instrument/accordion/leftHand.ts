import type { AccordionRecipe, Degree } from '../../buttons'
import { type Kind, KINDS, type Material } from '../../material'
import { midiOf, type Note, noteAbove, type Pitch } from '../../pitch'
import { isFree, type Line, type LineNote } from '../../study'
import { boardOf, buttonsFor } from '../../surface'
import { byBar, type Chord, chordStruck, primary, tonicRow } from './harmony'

/**
 * Where the left hand is written (common practice): bass notes below the middle line of the bass staff, chords by their
 * root above it.
 */
const BASS_FROM = 39
const CHORD_FROM = 51

/** The pitch of a note in the octave that begins at a height. */
function inOctave(note: Note, from: number): Pitch {
  const low = { letter: note.letter, alteration: note.alteration, octave: 0 }
  const octaves = Math.ceil((from - midiOf(low)) / 12)
  return { ...low, octave: octaves }
}

/** One stroke on the board: a bass note or a chord, at a step. */
interface Stroke {
  readonly note: Note
  readonly chord?: Chord['row']
  readonly degree: number
  readonly alternate?: true
}

const bassOf = ({ root, degree }: Chord): Stroke => ({ note: root, degree })
const chordOf = ({ root, row, degree }: Chord): Stroke => ({ note: root, chord: row, degree })

const FIFTH = { steps: 4, semitones: 7 }

/** The bass that changes with the root: its fifth; the root again where the chord or the board has none. */
function alternateOf(recipe: AccordionRecipe, chord: Chord): Stroke {
  const fifth = noteAbove(chord.root, FIFTH)
  const has = chord.row !== 'diminished' && buttonsFor(boardOf(recipe.accordion), fifth).length > 0
  return has ? { note: fifth, degree: chord.degree + 4, alternate: true } : bassOf(chord)
}

function written({ note, degree, ...stroke }: Stroke, step: number, holds: number): LineNote {
  const pitch = inOctave(note, stroke.chord ? CHORD_FROM : BASS_FROM)
  return { pitch, midi: midiOf(pitch), degree, leg: 'up', step, fresh: false, holds, ...stroke }
}

/** When strokes fall: so many beats apart, in bars of so many; `steps` in all. */
interface Pace {
  readonly perBeat: number
  readonly beatsPerBar: number
  readonly every: number
  readonly steps: number
}

/** Bass, chord, alternate bass, chord; in three, bass, chord, chord, the bass changing bar by bar. */
function strokeAt(recipe: AccordionRecipe, chord: Chord, at: number, inThree: boolean): Stroke[] {
  const { part, held } = recipe.accordion.left
  if (part === 'cadence') return [bassOf(chord), chordOf(chord)]
  if (part === 'chords') return held && at > 0 ? [] : [chordOf(chord)]
  if (inThree) return at % 3 > 0 ? [chordOf(chord)] : [at % 6 === 0 ? bassOf(chord) : alternateOf(recipe, chord)]
  if (at % 2 === 1) return [chordOf(chord)]
  return [at % 4 === 0 ? bassOf(chord) : alternateOf(recipe, chord)]
}

/** The chord of every bar. */
function chordsOver(recipe: AccordionRecipe, tonic: Chord, upper: readonly LineNote[], pace: Pace): Chord[] {
  const { part, harmony, bars: own } = recipe.accordion.left
  const perBar = pace.beatsPerBar * pace.perBeat
  const bars = Math.ceil(pace.steps / perBar)
  const degree = (bar: number): Degree => {
    if (part === 'cadence') return CADENCE[Math.min(bar, CADENCE.length - 1)]!
    return harmony === 'own' ? own[bar % own.length]! : 'I'
  }
  const chord = (each: Degree): Chord => primary(tonic.root, tonic.row, each)
  const degrees =
    harmony === 'by-bar' && part !== 'cadence' && tonic.row !== 'seventh' && tonic.row !== 'diminished'
      ? byBar(upper, tonic, chord('V7'), { perBar, perBeat: pace.perBeat, bars })
      : Array.from({ length: bars }, (_, bar) => degree(bar))
  return degrees.map(chord)
}
const CADENCE: readonly Degree[] = ['I', 'IV', 'V7', 'I']

/** Steps from one stroke to the next: chords that are held last for the bar. */
function strokeLength({ accordion }: AccordionRecipe, { perBeat, beatsPerBar, every }: Omit<Pace, 'steps'>): number {
  const { part, held } = accordion.left
  return (part === 'cadence' || (part === 'chords' && held) ? beatsPerBar : every) * perBeat
}

/** The strokes of a whole section; where its last falls on a stroke, the hand comes to rest on the root. */
function strokes(recipe: AccordionRecipe, tonic: Chord, upper: readonly LineNote[], pace: Pace): LineNote[] {
  const { steps, perBeat, beatsPerBar } = pace
  const { part, held } = recipe.accordion.left
  const chords = chordsOver(recipe, tonic, upper, pace)
  const perBar = perBeat * beatsPerBar
  const length = strokeLength(recipe, pace)
  let since = 0
  let before: Chord | null = null
  return Array.from({ length: Math.ceil(steps / length) }, (_, at) => at).flatMap((at) => {
    const step = at * length
    const chord = chords[Math.floor(step / perBar)]!
    if (before && before.degree !== chord.degree) since = at
    before = chord
    const last = step === steps - 1 && at > 0 && part !== 'cadence' && part !== 'chords'
    const played = last
      ? [bassOf(tonic)]
      : strokeAt(recipe, chord, held && part === 'chords' ? 0 : at - since, beatsPerBar === 3)
    return played.map((stroke) => written(stroke, step, Math.min(length, steps - step)))
  })
}

/** Alone, strokes last so many bars for each octave that is asked, and come to rest on one beat more. */
const BARS = 4

function paceOf(recipe: AccordionRecipe, steps: number | null): Pace {
  const { part, every } = recipe.accordion.left
  const beatsPerBar = part === 'waltz' ? 3 : 4
  const perBeat = recipe.tempo.notesPerBeat
  const pace = { perBeat, beatsPerBar, every: part === 'waltz' ? 1 : every }
  const whole = BARS * recipe.octaves * beatsPerBar * perBeat
  const alone = part === 'cadence' || part === 'chords' ? whole - strokeLength(recipe, pace) + 1 : whole + 1
  return { ...pace, steps: steps ?? alone }
}

/** Under chords that are struck at once, each with its bass: a cadence, or the chord at the end. */
function underChords(chords: readonly { readonly step: number; readonly chord: Chord }[]): LineNote[] {
  return chords.flatMap(({ step, chord }) => [bassOf(chord), chordOf(chord)].map((stroke) => written(stroke, step, 1)))
}

/** I IV I V7 I, as a cadence of block chords goes. */
const CADENCE_OF_CHORDS: readonly Degree[] = ['I', 'IV', 'I', 'V7', 'I']

function cadenceChords(material: Material, kind: Kind, steps: number) {
  const row = kind.mode === 'minor' ? 'minor' : 'major'
  return Array.from({ length: steps }, (_, step) => ({
    step,
    chord: primary(material.tonic, row, CADENCE_OF_CHORDS[step % CADENCE_OF_CHORDS.length]!),
  }))
}

/** Pitches that the recipe lists, where each step is a chord that the board has. */
function struckChords(line: Line): { step: number; chord: Chord }[] | null {
  const steps = [...new Set(line.notes.map(({ step }) => step))]
  const chords = steps.map((step) => ({ step, chord: chordStruck(line.notes.filter((note) => note.step === step)) }))
  return chords.every(({ chord }) => chord !== null) ? (chords as { step: number; chord: Chord }[]) : null
}

const OCTAVE = 12

/**
 * Semitones over the lowest note at which a note is written: a board sounds one octave, so a longer line comes round
 * again. A note at which two octaves meet is the upper end of the one that it comes up through, else the lower end.
 */
function folded(above: number, fromBelow: boolean): number {
  const within = above % OCTAVE
  return within === 0 && above > 0 && fromBelow ? OCTAVE : within
}

/** The scale itself on the board, its lowest note where bass notes are written. */
function bassScale({ notes, ...line }: Line, octaves: number): Line {
  const lowest = Math.min(...notes.map(({ midi }) => midi))
  const down = Math.floor((lowest - BASS_FROM) / OCTAVE)
  const written = (note: LineNote, at: number): LineNote => {
    const above = note.midi - lowest
    // a line that begins at its top has come up to it
    const fromBelow = at === 0 || notes[at - 1]!.midi < note.midi
    const lower = down + (octaves > 1 ? (above - folded(above, fromBelow)) / OCTAVE : 0)
    return {
      ...note,
      pitch: { ...note.pitch, octave: note.pitch.octave - lower },
      midi: note.midi - OCTAVE * lower,
      ...(at === 0 ? { solo: true as const } : {}),
    }
  }
  return { ...line, notes: notes.map(written) }
}

/** The root under all of the right hand's notes: it rings through. */
function heldBass({ tonic }: Material, { notes }: Line): LineNote {
  const { step, holds = 1 } = notes.at(-1)!
  return written({ note: tonic, degree: 0 }, 0, step + holds)
}

const strokesLine = (notes: LineNote[]): Line => ({ hand: 'left', notes, free: 'strokes' })

/** What the left hand plays: the scale on the board, or strokes under the right hand's line, or by themselves. */
function leftLine(recipe: AccordionRecipe, material: Material, left: Line, right: Line | undefined): Line {
  const { part, board } = recipe.accordion.left
  const { kind } = material
  // single notes in real octaves: as it is written, an octave under the right hand
  if (board === 'free') return left
  if (kind.texture === 'cadence') {
    return strokesLine(underChords(cadenceChords(material, kind, 1 + left.notes.at(-1)!.step)))
  }
  const struck = isFree(recipe.material) ? struckChords(left) : null
  if (struck) return strokesLine(underChords(struck))
  if (part === 'held-bass' && right) return strokesLine([heldBass(material, right)])
  if (part === 'scale' || isFree(recipe.material)) return bassScale(left, recipe.octaves)
  const row = tonicRow(KINDS[recipe.material.kind])
  if (!row) return bassScale(left, recipe.octaves)
  const tonic: Chord = { root: material.tonic, row, degree: 0 }
  const pace = paceOf(recipe, right ? 1 + right.notes.at(-1)!.step : null)
  return strokesLine(strokes(recipe, tonic, right?.notes ?? [], pace))
}

/** The lines with the left hand as the board has it. */
export function withLeftHand(recipe: AccordionRecipe, material: Material, lines: readonly Line[]): Line[] {
  const right = lines.find(({ hand }) => hand === 'right')
  return lines.map((line) => (line.hand === 'left' ? leftLine(recipe, material, line, right) : line))
}
