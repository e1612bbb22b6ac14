import type { Register } from '../../buttons'
import { modulo } from '../../pitch'
import { isChordRow, tonesOf } from '../../surface'
import type { HeardNote, WrittenNote } from '../family'
import type { SolvedAccordion } from './solve'

/** Semitones by which a rank of reeds sounds beside what is written. */
const RANKS: Readonly<Record<Register, number>> = { '16': -12, '8': 0, '4': 12 }
/** How loud ranks are beside one another: the octaves colour the eight-foot. */
const LOUDNESS: Readonly<Record<Register, number>> = { '16': 0.8, '8': 1, '4': 0.6 }

/**
 * Where the machine of the left hand begins its octave (MIDI): basses sound in three octaves from E1 up, chords within the
 * octave from F sharp 3. Makers differ (from memory), so sounding octaves are never asked of anybody.
 */
const [BASS_LOWEST, CHORD_LOWEST] = [28, 54]
const BASS_OCTAVES = [
  { up: 0, loud: 0.7 },
  { up: 12, loud: 0.8 },
  { up: 24, loud: 0.5 },
]
const CHORD_LOUD = 0.5

const within = (tone: number, lowest: number): number => lowest + modulo(tone - lowest, 12)

/** What a note of the right hand sounds in its registers, of the left as the machine couples it. */
export function heard(
  { bass }: SolvedAccordion,
  player: 'right' | 'left',
  note: WrittenNote,
  registers: readonly Register[],
): HeardNote[] {
  if (player === 'right') {
    return registers.map((register) => ({
      ...note,
      hand: player,
      midi: note.midi + RANKS[register],
      strength: note.strength * LOUDNESS[register],
    }))
  }
  // a free bass sounds what is written
  if (!bass) return [{ ...note, hand: player }]
  const button = bass.buttons[note.index]!
  const tones = tonesOf(button)
  if (isChordRow(button.row)) {
    return tones.map((tone) => ({
      ...note,
      hand: player,
      midi: within(tone, CHORD_LOWEST),
      strength: note.strength * CHORD_LOUD,
    }))
  }
  return BASS_OCTAVES.map(({ up, loud }) => ({
    ...note,
    hand: player,
    midi: within(tones[0]!, BASS_LOWEST) + up,
    strength: note.strength * loud,
  }))
}
