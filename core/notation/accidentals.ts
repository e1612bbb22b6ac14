import { MAX_SIGNS } from '../material'
import { letterIndex, signatureAlteration } from '../pitch'
import type { LineNote } from '../study'

/** Signs that are printed at the clef: none where the key would need more than seven. */
export const printedFifths = (fifths: number): number => (Math.abs(fifths) > MAX_SIGNS ? 0 : fifths)

/**
 * Which notes of a staff need a sign, and which: `null` where the signature or an earlier sign in the bar says it
 * already. A sign holds for its letter and octave until the bar line.
 */
export function accidentalsOf(
  notes: readonly LineNote[],
  fifths: number,
  barAt: (step: number) => number,
): (number | null)[] {
  let current = new Map<string, number>()
  let bar = -1
  return notes.map(({ pitch, step }) => {
    if (barAt(step) !== bar) current = new Map()
    bar = barAt(step)
    const place = `${letterIndex(pitch.letter)} ${pitch.octave}`
    const stands = current.get(place) ?? signatureAlteration(printedFifths(fifths), pitch.letter)
    if (stands === pitch.alteration) return null
    current.set(place, pitch.alteration)
    return pitch.alteration
  })
}
