import fc from 'fast-check'
import { strToU8 } from 'fflate'
import { describe, expect, it } from 'vitest'
import { playedMotif, type Struck } from '#core/call'
import { openFile, formatOf } from '#core/formats'
import { intervalAt, materialOf, type NamedMaterial } from '#core/material'
import { midiOf, pitchAbove } from '#core/pitch'
import { realise } from '#core/realise'
import { PLAIN_PATTERN } from '#core/study'
import { inEnglish } from '../../support/english'
import { anyNamed } from '../../support/material'
import { runs } from '../../support/runs'

const C: NamedMaterial = { tonic: 'C', kind: 'major' }
/** Degrees of a key as they sound over its tonic in the fourth octave. */
const midiAt = (degree: number, key: NamedMaterial): number => {
  const { tonic, rising } = materialOf(key)
  return midiOf(pitchAbove({ ...tonic, octave: 4 }, intervalAt(rising.up, degree - 1)))
}
const even = (degrees: readonly number[], key = C): Struck[] =>
  degrees.map((degree, at) => ({ start: at * 300, length: 280, midis: [midiAt(degree, key)] }))

describe('a motif that is played in', () => {
  it('is its degrees, in any key and wherever it begins', () => {
    const kinds = ['major', 'harmonic-minor', 'dorian', 'blues', 'major-arpeggio'] as const
    fc.assert(
      fc.property(
        anyNamed(kinds),
        fc.integer({ min: 1, max: 3 }),
        fc.array(fc.integer({ min: -2, max: 9 }), { minLength: 0, maxLength: 10 }),
        fc.integer({ min: -2, max: 2 }),
        (key, first, more, octaves) => {
          const degrees = [first, ...more]
          const struck = even(degrees, key).map((each) => ({
            ...each,
            midis: each.midis.map((midi) => midi + 12 * octaves),
          }))
          expect(playedMotif(struck, key, 2)).toEqual({ motif: degrees, step: null })
        },
      ),
      { numRuns: runs(60) },
    )
  })

  it('says nothing of lengths that a hand only plays unevenly, and has the others in notes of the pace', () => {
    const at = (times: readonly number[]): Struck[] =>
      times
        .slice(1)
        .map((next, place) => ({ start: times[place]!, length: (next - times[place]!) * 0.9, midis: [60 + 2 * place] }))
    expect(playedMotif(at([0, 310, 590, 905]), C, 2)).toEqual({ motif: [1, 2, 3], step: null })
    // the last key let go early
    expect(playedMotif(at([0, 310, 590, 720]), C, 2)).toEqual({ motif: [1, 2, 3], step: null })
    expect(playedMotif(at([0, 300, 890, 1210]), C, 2)).toEqual({
      motif: [
        { degree: 1, beats: 0.5 },
        { degree: 2, beats: 1 },
        { degree: 3, beats: 0.5 },
      ],
      step: null,
    })
    // a dotted note against the plain one
    expect(playedMotif(at([0, 450, 750]), C, 4)).toMatchObject({ motif: [{ beats: 0.75 }, { beats: 0.5 }] })
  })

  it('hears what is struck together, and silence', () => {
    const struck = [
      { start: 0, length: 100, midis: [60, 64] },
      { start: 400, length: 380, midis: [67] },
    ]
    expect(playedMotif(struck, C, 2)).toEqual({
      motif: [{ degree: [1, 3], beats: 0.5 }, null, null, null, { degree: 5, beats: 2 }],
      step: null,
    })
  })

  it.each([
    [[60, 61], C, 'D♭ is not in C major, so it has no degree to move by.'],
    [[66, 67], C, 'F♯ is not in C major, so it has no degree to move by.'],
    [[60, 63], { tonic: 'Ab', kind: 'major' } as const, null],
    [[60, 66], { tonic: 'Ab', kind: 'major' } as const, 'G♭ is not in A♭ major, so it has no degree to move by.'],
  ])('%j in %j: says which note cannot be moved', (midis, key, words) => {
    const found = playedMotif(
      midis.map((midi, at) => ({ start: at, length: 1, midis: [midi] })),
      key,
      2,
    )
    expect('fault' in found ? inEnglish(found.fault) : null).toBe(words)
  })

  it('is refused where it is nothing, or too long', () => {
    const said = (struck: Struck[]) => {
      const found = playedMotif(struck, C, 2)
      return 'fault' in found ? inEnglish(found.fault) : ''
    }
    expect(said([])).toBe('Nothing was played yet.')
    expect(said(even(Array<number>(33).fill(1)))).toBe('A motif has 32 notes at the most, this has 33.')
    expect(said(even([1, 23]))).toBe('A motif lies between degrees -13 and 22 of its key. This goes beyond.')
    expect(said(even([1, -14]))).toContain('goes beyond')
    const chord = [1, 2, 3, 4, 5, 6].map((degree) => midiAt(degree, C))
    expect(said([{ start: 0, length: 1, midis: chord }])).toBe('A motif strikes 5 notes at once at the most.')
  })

  it.each(['midi', 'musicxml'] as const)('comes back from a file of %s that was written of it', (format) => {
    const key = { tonic: 'Eb', kind: 'major' } as const
    const motif = [1, { degree: 2, beats: 1 }, 4, { degree: 3, beats: 1.5 }]
    const pattern = { motif, sequence: { ...PLAIN_PATTERN.sequence, step: 0 } }
    const study = realise({ material: key, hands: 'right', octaves: 1, course: 'up', pattern })
    const file = formatOf(format).write({ title: 'a', pieces: [{ title: 'a', study }] }, { strokes: false })
    const [line] = openFile(typeof file === 'string' ? strToU8(file) : file)[0]!.lines
    const struck = line!
      .slice(0, motif.length)
      .map(({ start, beats, notes }) => ({ start, length: beats, midis: notes.map(({ midi }) => midi) }))
    expect(playedMotif(struck, key, 2)).toEqual({
      motif: [
        { degree: 1, beats: 0.5 },
        { degree: 2, beats: 1 },
        { degree: 4, beats: 0.5 },
        { degree: 3, beats: 1.5 },
      ],
      step: null,
    })
  })

  it('takes what was let go within one step of the clock as the shortest', () => {
    const key = { tonic: 'C', kind: 'major' } as const
    const struck = (lengths: readonly number[]) =>
      lengths.map((length, at) => ({ start: 300 * at, length, midis: [62 + 2 * at] }))
    expect(playedMotif(struck([0]), key, 2)).toMatchObject({ motif: [2] })
    for (const lengths of [
      [0, 0],
      [0, 300],
      [300, 0, 0],
    ]) {
      // no length that is no number
      expect(JSON.stringify(playedMotif(struck(lengths), key, 2))).not.toContain('"beats":null')
    }
  })
})
