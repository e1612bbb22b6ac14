import { letterIndex, signatureAlteration } from '#core/pitch'
import type { LineNote } from '#core/study'

/**
 * Which notes of a staff need a sign, and which: `null` where the signature or an earlier sign in the bar says it
 * already. Bars hold `perBar` notes; a sign holds for its letter and octave until the bar line.
 */
export function accidentalsOf(notes: readonly LineNote[], fifths: number, perBar: number): (number | null)[] {
  let said = new Map<string, number>()
  return notes.map(({ pitch }, at) => {
    if (at % perBar === 0) said = new Map()
    const place = `${letterIndex(pitch.letter)} ${pitch.octave}`
    const stands = said.get(place) ?? signatureAlteration(fifths, pitch.letter)
    if (stands === pitch.alteration) return null
    said.set(place, pitch.alteration)
    return pitch.alteration
  })
}
