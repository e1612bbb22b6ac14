import { describe, expect, it } from 'vitest'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { KIND_IDS, KINDS, usualTonics } from '#core/material'
import { pitchName } from '#core/pitch'
import { ledgerLines, writingFor } from '#core/notation'
import { fingered } from '../../support/played'

const begins = (tonic: string, more: object = {}) => {
  const { hands } = fingered({ material: { tonic, kind: 'major' }, ...more } as RecipeInput, {}, 0)
  return [hands.left?.pitches[0], hands.right?.pitches[0]].filter(Boolean).join(' ')
}

// registers of printed scale books: common practice
describe('where studies stand', () => {
  it.each([
    ['C', 'C3 C4'],
    ['Db', 'Db3 Db4'],
    ['D', 'D3 D4'],
    ['Eb', 'Eb3 Eb4'],
    ['E', 'E3 E4'],
    ['F', 'F3 F4'],
    ['F#', 'F#3 F#4'],
    ['Gb', 'Gb3 Gb4'],
    ['G', 'G2 G3'],
    ['Ab', 'Ab2 Ab3'],
    ['A', 'A2 A3'],
    ['Bb', 'Bb2 Bb3'],
    ['B', 'B2 B3'],
    ['Cb', 'Cb3 Cb4'],
  ])('%s by hands together in one or two octaves begins on %s', (tonic, both) => {
    expect(begins(tonic)).toBe(both)
    expect(begins(tonic, { octaves: 1 })).toBe(both)
    expect([begins(tonic, { hands: 'left' }), begins(tonic, { hands: 'right' })].join(' ')).toBe(both)
    const right = both.split(' ')[1]
    expect(begins(tonic, { motion: 'contrary' })).toBe(`${right} ${right}`)
  })

  it.each([
    ['C', 'C2 C3'],
    ['Db', 'Db2 Db3'],
    ['F', 'F2 F3'],
    ['G', 'G2 G3'],
    ['Ab', 'Ab2 Ab3'],
    ['A', 'A1 A2'],
    ['Bb', 'Bb1 Bb2'],
    ['B', 'B1 B2'],
  ])('%s in four octaves begins on %s', (tonic, both) => {
    expect(begins(tonic, { octaves: 4 })).toBe(both)
  })

  it('begins an inversion on its own first note', () => {
    const inverted = (tonic: string, inversion: number) =>
      begins(tonic, { material: { tonic, kind: 'major-arpeggio', inversion } })
    expect([0, 1, 2].map((inversion) => inverted('C', inversion))).toEqual(['C3 C4', 'E3 E4', 'G2 G3'])
  })

  it('keeps hands that part near the middle, and a start that is asked for', () => {
    expect(begins('C', { motion: 'contrary', octaves: 3 })).toBe('C4 C4')
    expect(begins('G', { startOctave: 4 })).toBe('G3 G4')
    expect(completeRecipe({ material: { pitches: ['C2'] } }).startOctave).toBe(4)
  })

  it('wants no key for both hands at once: octaves in both hands, and a scale under a held chord', () => {
    const shared = (input: RecipeInput) => {
      const { right, left } = fingered(input, {}, 0).hands
      const held = (step: number) =>
        right!.notes.filter((note) => note.step <= step && step < note.step + (note.holds ?? 1)).map(({ midi }) => midi)
      return left!.notes.filter(({ step, midi }) => held(step).includes(midi)).length
    }
    for (const kind of KIND_IDS.filter((id) => KINDS[id].texture === 'run')) {
      expect(shared({ material: { tonic: 'G', kind } }), kind).toBe(0)
    }
    for (const octaves of [1, 2, 3, 4]) {
      for (const tonic of ['C', 'F#', 'G', 'A', 'Bb']) {
        const pattern = { accompaniment: 'scale-in-bass' } as const
        const input = { material: { tonic, kind: 'major' }, octaves, pattern } as const
        expect(shared(input)).toBe(0)
        const { right, left } = fingered(input, {}, 0).hands
        expect(Math.max(...left!.midi)).toBeLessThan(Math.min(...right!.midi))
      }
    }
  })
})

describe('the clef of the left hand', () => {
  const clefs = (input: RecipeInput) => {
    const notes = fingered(input, {}, 0).hands.left!.notes
    const beats = Array.from({ length: Math.ceil(notes.length / 2) }, (_, at) => notes.slice(2 * at, 2 * at + 2))
    const writing = writingFor(beats, 'bass')
    return beats.map((beat, at) => ({ beat, clef: writing[at]!.clef }))
  }
  it('is the bass clef as long as no more than three ledger lines stand above it', () => {
    for (const tonic of usualTonics(KINDS.major)) {
      for (const octaves of [1, 2]) {
        const shown = clefs({
          material: { tonic: pitchName({ ...tonic, octave: 0 }).slice(0, -1), kind: 'major' },
          octaves,
        })
        expect(shown[0]!.clef).toBe('bass')
        const over = (beat: (typeof shown)[number]['beat']) =>
          beat.some((note) => note.midi > 60 && ledgerLines(note, { clef: 'bass', ottava: 0 }) > 3)
        const most = shown.some(({ beat }) => over(beat))
        expect(shown.some(({ clef }) => clef === 'treble')).toBe(most)
        for (const { beat, clef } of shown) if (over(beat)) expect(clef).toBe('treble')
      }
    }
  })
})
