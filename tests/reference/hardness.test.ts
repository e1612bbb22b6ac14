import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { KIND_IDS, KINDS } from '#core/material'
import { DomainError } from '#core/message'
import { realise } from '#core/realise'
import { COURSE, type Pair, pairsOf, RULES } from '../support/graded'
import { someOf } from '../support/night'

/** Orders on which teachers agree: common practice, no source. */
const MAJORS = ['C', 'G', 'D', 'A', 'E', 'F', 'Bb', 'Eb', 'Ab', 'B', 'F#', 'Db']
const MINORS = ['A', 'E', 'B', 'F#', 'C#', 'G#', 'D#', 'Bb', 'F', 'C', 'G', 'D']
const tonicsOf = (kind: string) =>
  kind.includes('minor') && kind !== 'double-thirds-chromatic-minor' ? MINORS : MAJORS
const BPM = { bpm: 60, notesPerBeat: 2 }
/** Each study is realised once, however often it is compared. */
const KNOWN = new Map<string, number>()
function indexOf(recipe: RecipeInput): number {
  const key = JSON.stringify(recipe)
  const known = KNOWN.get(key) ?? realise(recipe, {}, 0).difficulty.total
  KNOWN.set(key, known)
  return known
}
const hard = (tonic: string, kind: string, more: object = {}): number =>
  indexOf({ material: { tonic, kind }, tempo: BPM, ...more } as RecipeInput)
const apart = (tonic: string, kind: string, more: object = {}) =>
  Math.max(hard(tonic, kind, { hands: 'right', ...more }), hard(tonic, kind, { hands: 'left', ...more }))

describe('how hard a study is', () => {
  it('grows from five fingers to one octave, to both hands, to four octaves, in every key', () => {
    for (const tonic of MAJORS) {
      const row = [
        apart(tonic, 'five-finger-major'),
        apart(tonic, 'major', { octaves: 1 }),
        hard(tonic, 'major', { octaves: 1 }),
        hard(tonic, 'major', { octaves: 4 }),
      ]
      expect(row, tonic).toEqual([...row].sort((a, b) => a - b))
      expect(new Set(row).size).toBe(row.length)
    }
  })

  it.each([1, 2, 4])(
    'ranks majors by hands apart: white tonics, black tonics, all black keys (%i octaves)',
    (octaves) => {
      const of = (tonics: readonly string[]) => tonics.map((tonic) => apart(tonic, 'major', { octaves }))
      const [easy, middle, last] = [of(['C', 'G', 'D', 'A', 'E', 'F']), of(['Bb', 'Eb', 'Ab']), of(['B', 'F#', 'Db'])]
      expect(Math.max(...easy)).toBeLessThan(Math.min(...middle))
      expect(Math.max(...middle)).toBeLessThan(Math.min(...last))
    },
  )

  it.each([1, 2, 4])(
    'finds B flat and E flat by hands together harder than B, F sharp and D flat (%i octaves)',
    (octaves) => {
      const of = (tonics: readonly string[]) => tonics.map((tonic) => hard(tonic, 'major', { octaves }))
      expect(Math.min(...of(['Bb', 'Eb']))).toBeGreaterThan(Math.max(...of(['B', 'F#', 'Db'])))
    },
  )

  it('ranks the minors natural, harmonic, melodic; a scale, its arpeggio, its dominant seventh', () => {
    for (const hands of ['right', 'left', 'together']) {
      for (const tonic of MINORS) {
        const forms = ['natural', 'harmonic', 'melodic'].map((form) => hard(tonic, `${form}-minor`, { hands }))
        expect(forms, `${tonic} ${hands}`).toEqual([...forms].sort((a, b) => a - b))
        expect(forms[2]).toBeLessThan(hard(tonic, 'minor-arpeggio', { hands }))
      }
      for (const tonic of MAJORS) {
        const row = ['major', 'major-arpeggio', 'dominant-seventh-arpeggio'].map((kind) => hard(tonic, kind, { hands }))
        expect(row, `${tonic} ${hands}`).toEqual([...row].sort((a, b) => a - b))
      }
    }
  })

  it('finds contrary motion from one key easier than similar motion where thumbs take the tonic', () => {
    for (const tonic of ['C', 'G', 'D', 'A', 'E']) {
      for (const octaves of [1, 2]) {
        const contrary = hard(tonic, 'major', { motion: 'contrary', octaves })
        expect(contrary, tonic).toBeLessThan(hard(tonic, 'major', { octaves }))
      }
    }
  })

  it('finds a chromatic scale about as hard as one on black keys, and thirds apart less than thirds in one hand', () => {
    for (const tonic of MAJORS) {
      for (const hands of ['right', 'left']) {
        const chromatic = hard(tonic, 'chromatic', { hands })
        const black = ['B', 'F#', 'Db'].map((each) => hard(each, 'major', { hands }))
        expect(chromatic).toBeGreaterThan(0.75 * Math.min(...black))
        expect(chromatic).toBeLessThan(1.25 * Math.max(...black))
        const row = [
          hard(tonic, 'chromatic', { interval: 'third' }),
          hard(tonic, 'double-thirds-major', { hands }),
          Math.min(hard(tonic, 'double-sixths-major', { hands }), hard(tonic, 'double-octaves-major', { hands })),
        ]
        expect(row, `${tonic} ${hands}`).toEqual([...row].sort((a, b) => a - b))
      }
    }
  })
})

const refusedAsNull = (work: () => number): number | null => {
  try {
    return work()
  } catch (error) {
    if (error instanceof DomainError) return null
    throw error
  }
}

describe('an index for every kind, from 0 to 100', () => {
  it.each(KIND_IDS)('%s: never easier for an octave more, a faster tempo or both hands, in every key', (kind) => {
    // by day a third of the keys, others for each kind
    for (const tonic of someOf(tonicsOf(kind), 2, KIND_IDS.indexOf(kind))) {
      const one = refusedAsNull(() => hard(tonic, kind, { octaves: 1 }))
      if (one === null) continue
      expect(one).toBeGreaterThan(0)
      expect(one).toBeLessThan(100)
      const more = refusedAsNull(() => hard(tonic, kind, { octaves: 2 }))
      if (more !== null) expect(more, `${tonic} two octaves`).toBeGreaterThanOrEqual(one)
      expect(hard(tonic, kind, { octaves: 1, tempo: { ...BPM, bpm: 66 } })).toBeGreaterThan(one)
      if (KINDS[kind].texture === 'tetrachords') continue
      for (const hands of ['right', 'left'])
        expect(one, `${tonic} ${hands}`).toBeGreaterThan(hard(tonic, kind, { octaves: 1, hands }))
    }
  })

  it.each(['marimba-5.0', 'vibraphone-3.0'])('holds on a %s', (instrument) => {
    for (const tonic of MAJORS) {
      for (const kind of ['major', 'chromatic', 'major-arpeggio']) {
        const own = (more: object) => hard(tonic, kind, { instrument, hands: undefined, ...more })
        expect(own({ octaves: 2 })).toBeGreaterThanOrEqual(own({ octaves: 1 }))
        expect(own({ octaves: 1, tempo: { ...BPM, bpm: 66 } })).toBeGreaterThan(own({ octaves: 1 }))
        expect(own({ octaves: 2 })).toBeLessThan(100)
      }
    }
  })
})

describe('strokes of mallets', () => {
  const own = (more: object): number =>
    hard('C', 'major', { instrument: 'marimba-4.3', hands: undefined, octaves: 1, ...more })
  const roll = (strokes: number) => ({ tempo: { bpm: 60, notesPerBeat: 1 }, roll: { manner: 'separate', strokes } })

  it('have parts of their own: a roll is harder than single strokes, a faster one harder still, four mallets than two', () => {
    const single = own({ tempo: { bpm: 60, notesPerBeat: 1 } })
    expect(own(roll(4))).toBeGreaterThan(single)
    expect(own(roll(8))).toBeGreaterThan(own(roll(4)))
    expect(own({ mallets: { count: 4 } })).toBeGreaterThan(own({}))
  })
})

describe('the index beside the order of graded lists', () => {
  it.each(Object.keys(RULES) as (keyof typeof RULES)[])(
    '%s: pairs that a fit saw, and a third that it did not',
    (index) => {
      const pairs = pairsOf(RULES[index])
      const right = ({ easier, harder }: Pair): boolean => indexOf(easier) < indexOf(harder)
      const seen = pairs.filter(({ fitted }) => fitted)
      const kept = pairs.filter(({ fitted }) => !fitted)
      if (index === 'keys') expect(pairs.length).toBeGreaterThanOrEqual(600)
      expect(kept.length / pairs.length).toBeGreaterThanOrEqual(0.25)
      expect(seen.filter(right).length / seen.length).toBeGreaterThanOrEqual(0.99)
      expect(kept.filter(right).length / kept.length).toBeGreaterThanOrEqual(0.97)
    },
  )

  it('rises from level to level of a course', () => {
    const means = COURSE.map((level) => level.reduce((sum, recipe) => sum + indexOf(recipe), 0) / level.length)
    expect(means).toEqual([...means].sort((a, b) => a - b))
  })
})

describe('what never makes a study easier', () => {
  it.each(KIND_IDS)('%s: small hands; a chromatic scale in groups of four or five', (kind) => {
    for (const tonic of someOf(tonicsOf(kind), 1, KIND_IDS.indexOf(kind))) {
      for (const hands of ['right', 'left', 'together']) {
        const own = (more: object) => refusedAsNull(() => hard(tonic, kind, { hands, ...more }))
        const average = own({})
        if (average === null) continue
        expect(own({ handSize: 'small' }) ?? Infinity, `${tonic} ${hands} small`).toBeGreaterThanOrEqual(average)
        for (const chromatic of ['fours', 'fives'])
          expect(own({ chromatic }) ?? Infinity, `${tonic} ${hands} ${chromatic}`).toBeGreaterThanOrEqual(average)
      }
    }
  })

  it('has parts that come to the whole', () => {
    for (const kind of KIND_IDS) {
      const { difficulty } = realise({ material: { tonic: 'D', kind } }, {}, 0)
      const sum = Object.values(difficulty.parts).reduce((all, part) => all + part, 0)
      expect(sum, kind).toBeCloseTo(difficulty.total, 0)
    }
  })
})
