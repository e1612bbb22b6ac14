import fc from 'fast-check'
import { type Family, KIND_IDS, type KindId, KINDS, usualTonics } from '#core/material'
import { noteName } from '#core/pitch'

export const tonicsOf = (kind: KindId): string[] => usualTonics(KINDS[kind]).map(noteName)

export const kindsOf = (...families: Family[]): KindId[] =>
  KIND_IDS.filter((kind) => families.includes(KINDS[kind].family))

/** Kinds that run through the octaves in single notes. */
export const RUNS = KIND_IDS.filter((kind) => KINDS[kind].texture === 'run' && !KINDS[kind].second)
/** Runs of the conservatory tables that every school book prints. */
export const PRINTED = kindsOf('scale').concat('major-arpeggio', 'minor-arpeggio')

export const everywhere = (kinds: readonly KindId[]): [tonic: string, kind: KindId][] =>
  kinds.flatMap((kind) => tonicsOf(kind).map((tonic): [string, KindId] => [tonic, kind]))

/** Any tonic that is usual for any of some kinds. */
export const anyNamed = (kinds: readonly KindId[] = KIND_IDS) =>
  fc.tuple(fc.constantFrom(...kinds), fc.nat(60)).map(([kind, at]) => {
    const tonics = tonicsOf(kind)
    return { tonic: tonics[at % tonics.length]!, kind }
  })

/** A line of pitches by MIDI number, as names with sharps. */
export const pitchesOf = (keys: readonly number[]): string[] => {
  const names = ['C', 'C#', 'D', 'D#', 'E', 'F', 'F#', 'G', 'G#', 'A', 'A#', 'B']
  return keys.map((midi) => `${names[midi % 12]}${Math.floor(midi / 12) - 1}`)
}
