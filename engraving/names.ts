import { KINDS } from '#core/material'
import { nameIn, type NameSystem, parseNote } from '#core/pitch'
import { lineFor, type RealisedStudy } from '#core/realise'
import { isFree } from '#core/study'
import type { FingerSpot } from './draw'

/** How a study's notes are called in a system of names; listed pitches are called as in C major. */
export function namesIn(
  study: RealisedStudy,
  system: NameSystem,
): (spot: Pick<FingerSpot, 'hand' | 'index'>) => string {
  const { material } = study.recipe
  const key = isFree(material)
    ? { tonic: { letter: 'C', alteration: 0 } as const, minor: false }
    : { tonic: parseNote(material.tonic), minor: KINDS[material.kind].mode === 'minor' }
  return ({ hand, index }) => nameIn(system, lineFor(study, hand).notes[index]!.pitch, key)
}
