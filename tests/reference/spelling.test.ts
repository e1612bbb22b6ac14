import { errorText } from '../support/english'
import { fingered } from '../support/played'
import { Chord, Key, Mode, Note, Scale } from 'tonal'
import { describe, expect, it } from 'vitest'
import { type KindId, KINDS, materialOf } from '#core/material'
import { noteName } from '#core/pitch'
import { everywhere, tonicsOf } from '../support/material'

const scale = (name: string) => (tonic: string) => Scale.get(`${tonic} ${name}`).notes
const chord = (name: string) => (tonic: string) => Chord.getChord(name, tonic).notes

/** The general-purpose music theory library `tonal` (npm registry) as a second opinion on every spelling it knows. */
const KNOWN: Partial<Record<KindId, (tonic: string) => string[]>> = {
  major: scale('major'),
  'natural-minor': scale('aeolian'),
  'harmonic-minor': scale('harmonic minor'),
  'melodic-minor': scale('melodic minor'),
  'melodic-minor-jazz': scale('melodic minor'),
  ionian: scale('ionian'),
  dorian: scale('dorian'),
  phrygian: scale('phrygian'),
  lydian: scale('lydian'),
  mixolydian: scale('mixolydian'),
  aeolian: scale('aeolian'),
  locrian: scale('locrian'),
  'major-pentatonic': scale('major pentatonic'),
  'minor-pentatonic': scale('minor pentatonic'),
  'whole-tone': scale('whole tone'),
  'octatonic-half-whole': scale('half-whole diminished'),
  'octatonic-whole-half': scale('whole-half diminished'),
  'five-finger-major': (tonic) => scale('major')(tonic).slice(0, 5),
  'five-finger-minor': (tonic) => scale('aeolian')(tonic).slice(0, 5),
  'tetrachords-major': scale('major'),
  'major-arpeggio': chord('major'),
  'minor-arpeggio': chord('minor'),
  'diminished-arpeggio': chord('dim'),
  'augmented-arpeggio': chord('aug'),
  'dominant-seventh-arpeggio': chord('7'),
  'diminished-seventh-arpeggio': chord('dim7'),
  'major-seventh-arpeggio': chord('maj7'),
  'minor-seventh-arpeggio': chord('m7'),
  'half-diminished-seventh-arpeggio': chord('m7b5'),
}
const kinds = Object.keys(KNOWN) as KindId[]

describe('against a music theory library', () => {
  it.each(kinds)('%s is spelled alike on every usual tonic', (kind) => {
    for (const tonic of tonicsOf(kind))
      expect(materialOf({ tonic, kind }).up.map(noteName)).toEqual(KNOWN[kind]!(tonic))
  })

  it.each(kinds.filter((kind) => KINDS[kind].family === 'scale'))(
    '%s is spelled alike beyond the signatures too',
    (kind) => {
      for (const tonic of ['G#', 'D#', 'A#', 'Fb', 'Bbb', 'E#', 'Cb', 'Abb']) {
        let own: string[]
        try {
          own = materialOf({ tonic, kind }).up.map(noteName)
        } catch (error) {
          expect(KNOWN[kind]!(tonic).some((name) => /###|bbb/.test(name))).toBe(true)
          expect(errorText(error)).toMatch(/triple/)
          continue
        }
        expect(own).toEqual(KNOWN[kind]!(tonic))
      }
    },
  )

  it('the melodic minor comes down as the natural minor', () => {
    for (const tonic of tonicsOf('melodic-minor')) {
      expect(materialOf({ tonic, kind: 'melodic-minor' }).down.map(noteName)).toEqual(scale('aeolian')(tonic))
    }
  })

  it('has the same key signatures', () => {
    for (const [tonic, kind] of everywhere(['major', 'natural-minor', 'harmonic-minor', 'melodic-minor'])) {
      const key = kind === 'major' ? Key.majorKey(tonic) : Key.minorKey(tonic)
      expect(materialOf({ tonic, kind }).fifths).toBe(key.alteration)
    }
  })

  it.each(['ionian', 'dorian', 'phrygian', 'lydian', 'mixolydian', 'aeolian', 'locrian'] as const)(
    '%s carries the signature of the same parent scale',
    (kind) => {
      for (const tonic of tonicsOf(kind)) {
        const parent = Mode.relativeTonic('ionian', kind, tonic)
        expect(materialOf({ tonic, kind }).fifths).toBe(Key.majorKey(parent).alteration)
      }
    },
  )

  it('has the same inversions of its chords', () => {
    for (const inversion of [0, 1, 2, 3]) {
      const own = materialOf({ tonic: 'Ab', kind: 'dominant-seventh-arpeggio', inversion }).up.map(noteName)
      const notes = chord('7')('Ab')
      expect(own).toEqual([...notes.slice(inversion), ...notes.slice(0, inversion)])
    }
  })

  it.each(kinds)('%s sounds at the same MIDI numbers, octave by octave', (kind) => {
    for (const tonic of tonicsOf(kind)) {
      for (const { midi, pitches } of Object.values(fingered({ material: { tonic, kind }, octaves: 3 }, {}, 0).hands)) {
        expect(midi).toEqual(pitches.map((pitch) => Note.midi(pitch)))
      }
    }
  })

  it('sounds the same chromatic and blues scales; the library spells them by degrees, and blues with a flat fifth', () => {
    const sounding = (names: readonly string[]) => names.map((name) => Note.chroma(name))
    for (const tonic of tonicsOf('chromatic')) {
      const own = materialOf({ tonic, kind: 'chromatic' })
      expect(sounding(own.up.map(noteName))).toEqual(sounding(scale('chromatic')(tonic)))
      expect(sounding(own.down.map(noteName))).toEqual(sounding(scale('chromatic')(tonic)))
    }
    for (const tonic of tonicsOf('blues')) {
      expect(sounding(materialOf({ tonic, kind: 'blues' }).up.map(noteName))).toEqual(
        sounding(scale('minor blues')(tonic)),
      )
    }
  })

  it('spells diatonic chords as the key does', () => {
    const key = Key.majorKey('Eb')
    const { notes } = fingered(
      { material: { tonic: 'Eb', kind: 'diatonic-sevenths-major' }, hands: 'right', course: 'up' },
      {},
      0,
    ).hands.right!
    key.chords.forEach((symbol, at) => {
      const own = notes.slice(4 * at, 4 * at + 4).map((note) => noteName(note.pitch))
      expect(new Set(own)).toEqual(new Set(Chord.get(symbol).notes))
    })
  })
})
