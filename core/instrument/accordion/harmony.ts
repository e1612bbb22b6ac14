import type { Degree } from '../../buttons'
import { type Kind, KINDS, materialOf, type NamedMaterial } from '../../material'
import { midiOf, modulo, type Note, noteAbove, pitchClass } from '../../pitch'
import type { LineNote } from '../../study'
import type { ChordRow } from '../../surface'

/** A chord of the left hand: its root, and the row that sounds it. */
export interface Chord {
  readonly root: Note
  readonly row: ChordRow
  /** Degree of the scale on which it stands, from 0. */
  readonly degree: number
}

const [MINOR_THIRD, MAJOR_THIRD, FLAT_FIFTH, FIFTH, SEVENTH, DIMINISHED_SEVENTH] = [3, 4, 6, 7, 10, 9]

/** The row whose chord lies in a form on its tonic; null where no button gives one, or the form has both thirds. */
export function tonicRow({ up, family }: Kind): ChordRow | null {
  const tones = new Set(up.map(({ semitones }) => modulo(semitones, 12)))
  const [minor, major] = [tones.has(MINOR_THIRD), tones.has(MAJOR_THIRD)]
  if (minor === major) return null
  if (family === 'seventh' && major && tones.has(SEVENTH)) return 'seventh'
  if (tones.has(FIFTH)) return major ? 'major' : 'minor'
  if (!minor || !tones.has(FLAT_FIFTH)) return null
  // a half-diminished chord has no button: its seventh is not the diminished one
  return family === 'seventh' && !tones.has(DIMINISHED_SEVENTH) ? null : 'diminished'
}

const UP_FOURTH = { steps: 3, semitones: 5 }
const UP_FIFTH = { steps: 4, semitones: 7 }

/** A primary chord of a key whose tonic chord is known. */
export function primary(tonic: Note, row: ChordRow, degree: Degree): Chord {
  if (degree === 'I') return { root: tonic, row, degree: 0 }
  if (degree === 'IV') return { root: noteAbove(tonic, UP_FOURTH), row: row === 'minor' ? 'minor' : 'major', degree: 3 }
  return { root: noteAbove(tonic, UP_FIFTH), row: 'seventh', degree: 4 }
}

const TONES: Readonly<Record<ChordRow, readonly number[]>> = {
  major: [0, 4, 7],
  minor: [0, 3, 7],
  seventh: [0, 4, 7, 10],
  diminished: [0, 3, 6, 9],
}

const holds = ({ root, row }: Chord, midi: number): boolean =>
  TONES[row].some((semitones) => modulo(midi - pitchClass(root) - semitones, 12) === 0)

/** Notes of a bar as they are weighed: the first most, those on a beat more than those between. */
interface Sung {
  readonly midi: number
  readonly weight: number
}
const FIRST = 3
const ON_BEAT = 2

/** I or V7 for a bar, whichever has more of what is played in it; I where they are even. */
function ofBar(notes: readonly Sung[], tonic: Chord, dominant: Chord): Degree {
  const weigh = (chord: Chord): number =>
    notes.reduce((sum, { midi, weight }) => sum + (holds(chord, midi) ? weight : 0), 0)
  return weigh(dominant) > weigh(tonic) ? 'V7' : 'I'
}

/**
 * I or V7 bar by bar, by the notes of the line; the last bar is the tonic's.
 * @param perBar steps in a bar, of `perBeat` steps in a beat
 */
export function byBar(
  notes: readonly LineNote[],
  tonic: Chord,
  dominant: Chord,
  { perBar, perBeat, bars }: { readonly perBar: number; readonly perBeat: number; readonly bars: number },
): Degree[] {
  return Array.from({ length: bars }, (_, bar) => {
    if (bar === bars - 1) return 'I'
    const own = notes.filter(({ step }) => Math.floor(step / perBar) === bar)
    const sung = own.map(({ midi, step }) => ({
      midi,
      weight: step % perBar === 0 ? FIRST : step % perBeat === 0 ? ON_BEAT : 1,
    }))
    return ofBar(sung, tonic, dominant)
  })
}

/** A kind's tonic chord in a key; null where no button gives it. */
export function tonicChord({ tonic, kind }: NamedMaterial): Chord | null {
  const row = tonicRow(KINDS[kind])
  return row && { root: materialOf({ tonic, kind }).tonic, row, degree: 0 }
}

/** What tells a chord from the others: with all of these and nothing foreign it is that chord. */
const TELLING: readonly (readonly [ChordRow, readonly number[]])[] = [
  ['major', [MAJOR_THIRD, FIFTH]],
  ['minor', [MINOR_THIRD, FIFTH]],
  ['seventh', [MAJOR_THIRD, SEVENTH]],
  ['diminished', [MINOR_THIRD, DIMINISHED_SEVENTH]],
]

/** The chord that some pitches struck at once are, by their lowest; null where no button gives it. */
export function chordStruck(notes: readonly LineNote[]): Chord | null {
  const [lowest] = [...notes].sort((a, b) => midiOf(a.pitch) - midiOf(b.pitch))
  if (!lowest) return null
  const tones = new Set(notes.map(({ midi }) => modulo(midi - lowest.midi, 12)))
  const found = TELLING.find(
    ([row, telling]) =>
      telling.every((tone) => tones.has(tone)) && [...tones].every((tone) => TONES[row].includes(tone)),
  )
  return found ? { root: lowest.pitch, row: found[0], degree: 0 } : null
}
