import type { Kind, NamedMaterial } from '../material'
import { modulo, type Note, parseNote, pitchClass } from '../pitch'
import type { CommonRecipe } from './recipe'

/**
 * Where an instrument's studies stand unless they say otherwise: the lowest key (MIDI number) on which a right hand
 * begins, for one or two octaves and for more; it begins within the octave from there, the left hand an octave below.
 */
export interface UsualStart {
  readonly short: number
  readonly long: number
}

/** What the usual place depends on. */
type Placed = Pick<CommonRecipe, 'hands' | 'motion' | 'interval' | 'tonicHand' | 'octaves'>

const OCTAVE = 12
/** More octaves than this begin lower. */
const SHORT = 2

/** The hand that begins on the tonic, where the recipe's octave is that of its own lowest tonic. */
function leftHasTonic({ hands, motion, interval, tonicHand }: Placed): boolean {
  if (hands !== 'together') return hands === 'left'
  return motion === 'similar' && (interval === 'third' || interval === 'sixth') && tonicHand === 'left'
}

/** Hands that part from one another stay near the middle, however far they go. */
const stays = ({ hands, motion, octaves }: Placed): boolean =>
  octaves <= SHORT || (hands === 'together' && motion === 'contrary')

function lowestFirst(starts: UsualStart, placed: Placed): number {
  const base = stays(placed) ? starts.short : starts.long
  return leftHasTonic(placed) ? base - OCTAVE : base
}

/** A tonic that is no note is told by the material. */
function noteOf(tonic: string): Note {
  try {
    return parseNote(tonic)
  } catch {
    return { letter: 'C', alteration: 0 }
  }
}

/**
 * The octave of the tonic that puts the first note into the usual place; inversions begin there on their own first
 * note. Common practice of printed scale books.
 */
export function usualOctave(starts: UsualStart, named: NamedMaterial, kind: Kind, placed: Placed): number {
  const tonic = noteOf(named.tonic)
  const lowest = lowestFirst(starts, placed)
  const above = kind.up[named.inversion ?? 0]?.semitones ?? 0
  const first = lowest + modulo(pitchClass(tonic) + above - lowest, OCTAVE)
  const letter = first - above - tonic.alteration
  return Math.floor(letter / OCTAVE) - 1
}
