import { Chord, Key, Note, Scale } from 'tonal'
import { describe, expect, it } from 'vitest'
import { KIND_IDS, type KindId, KINDS, materialOf, usualTonics } from '#core/material'
import { noteName } from '#core/pitch'
import { realise } from '#core/realise'

/** The general-purpose music theory library `tonal` (npm registry) as a second opinion on every spelling. */
const NAMES: Record<KindId, (tonic: string) => string[]> = {
  major: (tonic) => Scale.get(`${tonic} major`).notes,
  'natural-minor': (tonic) => Scale.get(`${tonic} aeolian`).notes,
  'harmonic-minor': (tonic) => Scale.get(`${tonic} harmonic minor`).notes,
  'melodic-minor': (tonic) => Scale.get(`${tonic} melodic minor`).notes,
  'major-arpeggio': (tonic) => Chord.getChord('major', tonic).notes,
  'minor-arpeggio': (tonic) => Chord.getChord('minor', tonic).notes,
}

const everywhere = KIND_IDS.flatMap((kind) => usualTonics(KINDS[kind]).map((tonic) => [noteName(tonic), kind] as const))

describe('against a music theory library', () => {
  it.each(everywhere)('%s %s is spelled alike', (tonic, kind) => {
    expect(materialOf(tonic, kind).up.map(noteName)).toEqual(NAMES[kind](tonic))
  })

  it.each(everywhere.filter(([, kind]) => kind === 'melodic-minor'))(
    '%s %s comes down as the natural minor',
    (tonic) => {
      expect(materialOf(tonic, 'melodic-minor').down.map(noteName)).toEqual(NAMES['natural-minor'](tonic))
    },
  )

  it.each(everywhere)('%s %s has the same key signature', (tonic, kind) => {
    const key = KINDS[kind].mode === 'major' ? Key.majorKey(tonic) : Key.minorKey(tonic)
    expect(materialOf(tonic, kind).fifths).toBe(key.alteration)
  })

  it.each(everywhere)('%s %s sounds at the same MIDI numbers, octave by octave', (tonic, kind) => {
    const { hands } = realise({ material: { tonic, kind }, octaves: 3 })
    for (const hand of Object.values(hands)) {
      expect(hand.midi).toEqual(hand.pitches.map((pitch) => Note.midi(pitch)))
    }
  })
})
