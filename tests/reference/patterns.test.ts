import { fingered } from '../support/played'
import { Chord, Interval, Key, Mode, Note, Scale } from 'tonal'
import { describe, expect, it } from 'vitest'
import type { Figure } from '#core/study'
import type { RecipeInput } from '#core/instrument'

/**
 * Note sequences of the patterns against the general-purpose music theory library `tonal` (npm registry): the notes of
 * each degree come from its scales, keys and modes; what each figure is made of is common practice (no source).
 */
const SCALES = { major: 'major', 'natural-minor': 'aeolian', 'harmonic-minor': 'harmonic minor', dorian: 'dorian' }
type Known = keyof typeof SCALES
const TONICS = ['C', 'Eb', 'F#', 'Bb', 'A']

/** Upward forms in degrees above the note each begins on: runs keep within the octaves, the others begin on every note. */
const RUNS: Partial<Record<Figure, readonly number[]>> = {
  'groups-of-three': [0, 1, 2],
  'groups-of-four': [0, 1, 2, 3],
}
const BROKEN: Partial<Record<Figure, readonly number[]>> = {
  'broken-thirds': [0, 2],
  'broken-fourths': [0, 3],
  'broken-fifths': [0, 4],
  'broken-sixths': [0, 5],
  'broken-sevenths': [0, 6],
  // middle, bottom, middle, top
  'broken-triads': [2, 0, 2, 4],
  'broken-seventh-chords': [0, 2, 4, 6],
}
const TOP = 14

/** Degrees that a figure plays, one octave-pair up: seventh chords go up and down by turns, all end on the top tonic. */
function degreesOf(figure: Figure): number[] {
  const run = RUNS[figure]
  if (run) return Array.from({ length: TOP + 2 - run.length }, (_, from) => run.map((step) => from + step)).flat()
  const cells = Array.from({ length: TOP }, (_, from) => {
    const cell = BROKEN[figure]!.map((step) => from + step)
    return figure === 'broken-seventh-chords' && from % 2 === 1 ? cell.reverse() : cell
  })
  return [...cells.flat(), TOP]
}

const pitchesOf = (recipe: RecipeInput): readonly string[] => fingered(recipe, {}, 0).hands.right!.pitches
const right = (tonic: string, kind: string, some: Partial<RecipeInput> = {}): RecipeInput => ({
  material: { tonic, kind },
  hands: 'right',
  octaves: 2,
  course: 'up',
  ...some,
})
const startOf = (recipe: RecipeInput): number => fingered(recipe, {}, 0).recipe.startOctave

describe('figures against tonal', () => {
  const cases = Object.keys({ ...RUNS, ...BROKEN }).flatMap((figure) =>
    (Object.keys(SCALES) as Known[]).map((kind) => [figure as Figure, kind] as const),
  )
  it.each(cases)('%s in %s', (figure, kind) => {
    for (const tonic of TONICS) {
      const recipe = right(tonic, kind, { pattern: { figure } })
      const noteAt = Scale.steps(`${tonic}${startOf(recipe)} ${SCALES[kind]}`)
      expect(pitchesOf(recipe), `${tonic} ${kind}`).toEqual(degreesOf(figure).map((degree) => noteAt(degree)))
    }
  })

  it.each([
    ['broken-thirds', '3'],
    ['broken-fourths', '4'],
    ['broken-fifths', '5'],
    ['broken-sixths', '6'],
    ['broken-sevenths', '7'],
  ] as const)('%s are %srds, 4ths … of any quality, pair by pair', (figure, number) => {
    for (const tonic of TONICS) {
      const pitches = pitchesOf(right(tonic, 'harmonic-minor', { pattern: { figure } })).slice(0, 12)
      for (let at = 0; at < pitches.length; at += 2) {
        expect(String(Interval.num(Interval.distance(pitches[at]!, pitches[at + 1]!)))).toBe(number)
      }
    }
  })

  it('broken triads and seventh chords are the chords of the key', () => {
    for (const tonic of ['C', 'Eb', 'B']) {
      const { triads, chords } = Key.majorKey(tonic)
      const broken = pitchesOf(right(tonic, 'major', { pattern: { figure: 'broken-triads' } }))
      triads.forEach((name, at) => {
        const [third, root, , fifth] = broken.slice(4 * at, 4 * at + 4).map((pitch) => Note.pitchClass(pitch))
        expect([root, third, fifth], `${name} in ${tonic}`).toEqual(Chord.get(name).notes)
      })
      const sevenths = pitchesOf(right(tonic, 'major', { pattern: { figure: 'broken-seventh-chords' } }))
      chords.forEach((name, at) => {
        const played = sevenths.slice(4 * at, 4 * at + 4).map((pitch) => Note.pitchClass(pitch))
        expect(at % 2 === 1 ? played.reverse() : played, `${name} in ${tonic}`).toEqual(Chord.get(name).notes)
      })
    }
  })
})

describe('journeys against tonal', () => {
  const sectionTonics = (recipe: RecipeInput): string[] => {
    const study = fingered(recipe, {}, 0)
    return (study.sections ?? []).map(({ from }) =>
      Note.pitchClass(study.hands.right!.notes.length > from ? study.hands.right!.pitches[from]! : ''),
    )
  }

  it('a relay by fourths begins each key a fourth on, by half steps a half step on, through all twelve', () => {
    for (const [journey, interval] of [
      ['relay-fourth', '4P'],
      ['relay-half-step', '2m'],
    ] as const) {
      const tonics = sectionTonics(right('C', 'major', { octaves: 1, pattern: { journey } }))
      expect(tonics).toHaveLength(12)
      tonics.forEach((tonic, at) => {
        const expected = Array.from({ length: at }).reduce<string>((note) => Note.transpose(note, interval), 'C')
        expect(Note.chroma(tonic), `${journey}, key ${at + 1}`).toBe(Note.chroma(expected))
      })
    }
  })

  it('a chain of modes plays each mode of one parent scale from its own tonic', () => {
    const study = fingered(right('G', 'major', { octaves: 1, pattern: { journey: 'mode-chain' } }), {}, 0)
    const modes = ['ionian', 'dorian', 'phrygian', 'lydian', 'mixolydian', 'aeolian', 'locrian']
    const tonics = Mode.notes('ionian', 'G')
    modes.forEach((mode, at) => {
      const { from } = study.sections![at]!
      const played = study.hands.right!.pitches.slice(from, from + 7).map((pitch) => Note.pitchClass(pitch))
      expect(played, mode).toEqual(Mode.notes(mode, tonics[at]!))
    })
  })

  it('one sign fewer each time keeps the letters and takes the signature down to none', () => {
    const study = fingered(right('Ab', 'major', { octaves: 1, pattern: { journey: 'one-fewer' } }), {}, 0)
    const signatures = ['Ab', 'Eb', 'Bb', 'F', 'C']
    expect(study.sections).toHaveLength(signatures.length)
    signatures.forEach((key, at) => {
      const { from } = study.sections![at]!
      const played = study.hands.right!.pitches.slice(from, from + 7).map((pitch) => Note.pitchClass(pitch))
      expect(played.toSorted(), key).toEqual(Key.majorKey(key).scale.toSorted())
      expect(played[0]![0]).toBe('A')
    })
  })
})
