import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { KINDS, materialOf } from '#core/material'
import { completeMotif, type Course, type Motif, motifTaken, motifText } from '#core/study'
import { fingered } from '../../support/played'
import { messageOf } from '../../support/english'
import { runs } from '../../support/runs'

const C = { tonic: 'C', kind: 'major' } as const
const right = (some: object): RecipeInput => ({ material: C, hands: 'right', octaves: 1, ...some }) as RecipeInput
const pitchesOf = (some: object): string => fingered(right(some), {}, 0).hands.right!.pitches.join(' ')
const refused = (pattern: object, more: object = {}): string => messageOf(() => fingered(right({ pattern, ...more })))

/** Semitones of a place, from the tonic: written out here, apart from the core. */
const heightOf = (steps: readonly number[], place: number): number =>
  12 * Math.floor(place / steps.length) + steps[((place % steps.length) + steps.length) % steps.length]!

interface Line {
  readonly motif: readonly (number | null)[]
  readonly step: number
  readonly back: 'mirrored' | 'retrograde' | 'same' | 'none'
  readonly course: Course
  readonly octaves: number
}

/** An expansion of its own: lists of degrees, leg after leg, worked out by other means than the core's. */
function expanded(steps: readonly number[], { motif, step, back, course, octaves }: Line): (number | null)[] {
  const top = steps.length * octaves
  const roots: number[] = []
  for (let root = 0; root < top; root += step) roots.push(root)
  const at = (root: number, sign: 1 | -1) =>
    motif.map((degree) => (degree === null ? null : root + sign * (degree - 1)))
  const there = roots.flatMap((root) => at(root, 1))
  const falling = roots.map((root) => top - root)
  let places: (number | null)[]
  if (course === 'up' || course === 'down' || back === 'none') places = [...there, top]
  else if (back === 'retrograde') {
    const whole = [...there, top]
    places = [...whole, ...whole.toReversed().slice(1)]
    if (places.at(-1) !== 0) places.push(0)
  } else places = [...there, ...falling.flatMap((root) => at(root, back === 'same' ? 1 : -1)), 0]
  const turned = course.startsWith('down') ? places.map((each) => (each === null ? null : top - each)) : places
  return turned.map((each) => (each === null ? null : heightOf(steps, each)))
}

const SCALES = ['major', 'natural-minor', 'dorian', 'harmonic-minor', 'major-pentatonic', 'whole-tone'] as const

const anyLine = fc.record({
  kind: fc.constantFrom(...SCALES),
  motif: fc
    .array(fc.option(fc.integer({ min: -1, max: 8 }), { freq: 8 }), { minLength: 1, maxLength: 5 })
    .filter((motif) => motif[0] !== null && motif.at(-1) !== null),
  step: fc.constantFrom(1, 1, 1, 2, 3),
  back: fc.constantFrom('mirrored', 'retrograde', 'same', 'none'),
  course: fc.constantFrom('up-down', 'up', 'down', 'down-up'),
  octaves: fc.constantFrom(1, 2),
})

describe('any line', () => {
  it('has the notes of an expansion of its own', () => {
    fc.assert(
      fc.property(anyLine, ({ kind, ...line }) => {
        const study = fingered(
          right({
            material: { tonic: 'C', kind },
            ...{ course: line.course, octaves: line.octaves, startOctave: 4 },
            pattern: { motif: line.motif, sequence: { step: line.step, return: line.back } },
          }),
          {},
          0,
        )
        const steps = KINDS[kind].up.map(({ semitones }) => semitones)
        const wanted = expanded(steps, line as Line)
        const sounding = wanted.flatMap((height, step) => (height === null ? [] : [[step, 60 + height]]))
        expect(study.hands.right!.notes.map(({ step, midi }) => [step, midi])).toEqual(sounding)
      }),
      { numRuns: runs(300) },
    )
  })

  it('through keys goes from joint to joint: no finger twice on two keys, no crossing without the thumb', () => {
    const keys = fc.array(fc.constantFrom('C', 'G', 'D', 'A', 'E', 'B', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F'), {
      minLength: 2,
      maxLength: 4,
    })
    const anyKeys = fc.record({
      keys,
      legs: fc.constantFrom('each', 'alternate'),
      link: fc.constantFrom('none', 'above', 'below', 'common', 'step', 'chord-tone'),
      kind: fc.constantFrom('major', 'natural-minor', 'harmonic-minor', 'dorian'),
      hands: fc.constantFrom('right', 'left'),
      octaves: fc.constantFrom(1, 2),
      course: fc.constantFrom('up-down', 'up', 'down'),
    })
    fc.assert(
      fc.property(anyKeys, ({ keys: tonics, legs, link, kind, hands, ...some }) => {
        const study = fingered(
          right({
            material: { tonic: tonics[0], kind },
            ...{ hands, ...some, pattern: { journey: { keys: tonics, legs }, link } },
          }),
          {},
          0,
        )
        const { notes, fingers, lifts } = study.hands[hands as 'right']!
        const away = hands === 'right' ? 1 : -1
        notes.forEach(({ midi }, at) => {
          const before = notes[at - 1]
          if (!before || lifts.includes(at) || before.midi === midi) return
          const [a, b] = [fingers[at - 1]!, fingers[at]!]
          expect(a, `${study.hands[hands as 'right']!.pitches[at]} ${at}`).not.toBe(b)
          const outward = (midi - before.midi) * away > 0
          const crosses = outward ? b < a : b > a
          if (crosses) expect([a, b], String(at)).toContain(1)
        })
      }),
      { numRuns: runs(60) },
    )
  })

  it('of one key and no motif is what it was before there were lines: a plain list of one key is the plain study', () => {
    for (const tonic of ['C', 'Eb', 'F#']) {
      for (const hands of ['right', 'left', 'together'] as const) {
        const plain = { material: { tonic, kind: 'major' }, hands, octaves: 2 } as const
        const [one, listed] = [
          fingered(plain),
          fingered({ ...plain, pattern: { journey: { keys: [tonic] } } } as never),
        ]
        for (const hand of ['right', 'left'] as const) {
          expect(listed.hands[hand]?.pitches).toEqual(one.hands[hand]?.pitches)
          expect(listed.hands[hand]?.fingers).toEqual(one.hands[hand]?.fingers)
        }
      }
    }
  })
})

describe('a motif', () => {
  it('may rest, strike chords, and have lengths of its own', () => {
    const study = fingered(
      right({
        course: 'up',
        tempo: { notesPerBeat: 2 },
        pattern: { motif: [1, null, [3, 5], { degree: 8, beats: 1 }], sequence: { step: 7 } },
      }),
    )
    const { notes, pitches } = study.hands.right!
    expect(pitches).toEqual(['C4', 'E4', 'G4', 'C5', 'C5'])
    expect(notes.map(({ step, holds }) => [step, holds])).toEqual([
      ...[
        [0, undefined],
        [2, undefined],
        [2, undefined],
        [3, 2],
        [5, undefined],
      ],
    ])
  })

  it('rings on where it is held, to the end of its repeat', () => {
    const { notes } = fingered(
      right({ course: 'up', pattern: { motif: [{ degree: 1, held: true }, 3, 5, 3], sequence: { step: 7 } } }),
    ).hands.right!
    expect(notes.map(({ rings }) => rings)).toEqual([3, undefined, undefined, undefined, undefined])
  })

  it('may go under its root and over the octave', () => {
    expect(pitchesOf({ course: 'up', pattern: { motif: [0, 1, 9, 8], sequence: { step: 7 } } })).toBe('B3 C4 D5 C5 C5')
  })

  it('stays on its root where the sequence has no step: five notes and back', () => {
    const five = { motif: [1, 2, 3, 4, 5], sequence: { step: 0, return: 'retrograde' } }
    expect(pitchesOf({ pattern: five })).toBe('C4 D4 E4 F4 G4 F4 E4 D4 C4')
  })

  it('comes back with another, and may climb while the course comes down', () => {
    expect(pitchesOf({ pattern: { motif: [1, 3], sequence: { step: 7, return: { motif: [1, 0] } } } })).toBe(
      'C4 E4 C5 B4 C4',
    )
    expect(pitchesOf({ course: 'up', pattern: { motif: [1, 2], sequence: { step: 7, direction: 'down' } } })).toBe(
      'C5 D5 C4',
    )
  })

  it('says in words why it cannot be', () => {
    expect(refused({ motif: [1, 4.5] })).toContain('pattern.motif[1] is no degree')
    expect(refused({ motif: [1, 'F#'] })).toContain('What is not in the scale cannot move through it.')
    expect(refused({ motif: [] })).toContain('must list 1 to 32 degrees')
    expect(refused({ motif: [null] })).toContain('nothing but rests')
    expect(refused({ motif: [[1, 1]] })).toContain('different degrees')
    expect(refused({ motif: [1, { degree: 2, beats: 0.25 }] })).toContain('no note lasts 0.25 beats')
    expect(refused({ motif: [1, 2], figure: 'broken-thirds' })).toContain('Take one of the two.')
    expect(refused({ motif: [1, 2], walk: 'loops' })).toContain('Take one of the two.')
    expect(refused({ sequence: { step: 2 } })).toContain('Give the motif as degrees')
    expect(refused({ motif: [1, 2] }, { material: { tonic: 'C', kind: 'double-thirds-major' } })).toContain(
      'A motif needs',
    )
    expect(refused({ journey: { by: 'mode' } }, { material: { tonic: 'C', kind: 'harmonic-minor' } })).toContain(
      'takes major, natural minor or a mode',
    )
    expect(refused({ journey: { keys: [] } })).toContain('list 1 to 24 keys')
    expect(refused({ journey: { keys: ['H'] } })).toContain('H')
    expect(refused({ journey: { by: 'half-step', legs: 'both' } })).toContain('pattern.journey.legs')
    expect(refused({ motif: [1, 2, 3, 4, 5, 6, 7, 8], journey: { by: 'half-step' } }, { octaves: 4 })).toContain(
      'The keys make it so long',
    )
  })

  it('is written as it is called', () => {
    const motif: Motif = [1, null, [3, 5], { degree: 8, beats: 2, held: true }]
    expect(motifText(completeMotif(motif)!)).toBe('1 – 3+5 8(2)~')
  })
})

describe('a motif that is taken from a line', () => {
  it('has the degrees of its notes, what was struck together, and the rests', () => {
    const study = fingered(right({ course: 'up', octaves: 2, pattern: { motif: [1, null, [3, 5], 8] } }))
    const { notes } = study.hands.right!
    const material = materialOf({ tonic: 'C', kind: 'major' })
    const at = (repeat: number) =>
      motifTaken(
        notes.filter((note) => note.repeat === repeat),
        material,
      )
    expect(at(0)).toEqual([1, null, [3, 5], 8])
    expect(at(1)).toEqual([2, null, [4, 6], 9])
    // from the tonic of its own octave
    expect(at(7)).toEqual([1, null, [3, 5], 8])
    expect(motifTaken([], material)).toBeNull()
  })

  it('is the same line again, moved on every degree', () => {
    const plain = fingered(right({ octaves: 1, course: 'up' })).hands.right!.notes
    const taken = motifTaken(plain.slice(0, 4), materialOf({ tonic: 'C', kind: 'major' }))!
    expect(pitchesOf({ course: 'up', pattern: { motif: taken, sequence: { step: 7 } } })).toBe('C4 D4 E4 F4 C5')
  })
})

describe('keys of a list', () => {
  it('each begin as near as they can to where the one before ended, within an octave of the first', () => {
    const starts = (keys: string[], some: object = {}) => {
      const study = fingered(right({ ...some, pattern: { journey: { keys } } }), {}, 0)
      return study.sections!.map(({ from }) => study.hands.right!.pitches[from])
    }
    expect(starts(['C', 'Eb', 'Gb', 'A'])).toEqual(['C4', 'Eb4', 'Gb4', 'A4'])
    expect(starts(['C', 'F', 'Bb', 'Eb'])).toEqual(['C4', 'F4', 'Bb4', 'Eb4'])
    expect(starts(['C', 'B', 'Bb'])).toEqual(['C4', 'B3', 'Bb3'])
  })

  it('may be of other kinds, as far as they share how they are played', () => {
    const keys = ['C', { tonic: 'A', kind: 'natural-minor' }]
    const study = fingered(right({ pattern: { journey: { keys, legs: 'alternate' } } }), {}, 0)
    expect(study.hands.right!.pitches.join(' ')).toBe('C4 D4 E4 F4 G4 A4 B4 C5 A4 G4 F4 E4 D4 C4 B3 A3')
  })
})
