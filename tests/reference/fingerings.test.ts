import { fingered } from '../support/played'
import { describe, expect, it } from 'vitest'
import type { Hand } from '#core/study'
import { isBlack } from '#core/surface'

/**
 * Printed fingerings, one octave upward as the tables show it: right hand | left hand.
 * Sources: C.-L. Hanon, The Virtuoso Pianist, 1873, nos. 39 (scales) and 41 (arpeggios); J. F. Cooke, Mastering the
 * Scales and Arpeggios, 1913. Written down from memory; first and last fingers differ between the books, so inner
 * fingers are held against the table and ends against every alternative that the books print.
 */
const MAJORS = {
  C: '12312345 54321321',
  G: '12312345 54321321',
  D: '12312345 54321321',
  A: '12312345 54321321',
  E: '12312345 54321321',
  B: '12312345 43214321',
  'F#': '23412312 43213214',
  Db: '23123412 32143213',
  Ab: '34123123 32143213',
  Eb: '31234123 32143213',
  Bb: '41231234 32143213',
  F: '12341234 54321321',
}
const HARMONIC_MINORS = {
  A: '12312345 54321321',
  E: '12312345 54321321',
  B: '12312345 43214321',
  'F#': '34123123 43213214',
  'C#': '34123123 32143213',
  'G#': '34123123 32143213',
  Eb: '31234123 21432132',
  Bb: '41231234 21321432',
  F: '12341234 54321321',
  C: '12312345 54321321',
  G: '12312345 54321321',
  D: '12312345 54321321',
}
const NATURAL_MINORS = {
  ...HARMONIC_MINORS,
  'G#': '34123123 32132143',
}
/** Up and down in one string of fifteen; where a direction keeps the pattern it is the natural minor's. */
const MELODIC_MINORS = {
  A: '123123454321321 543213212312345',
  C: '123123454321321 543213212312345',
  F: '123412343214321 543213212312345',
  'F#': '231234132132143 432132141231234',
  'C#': '231234132132143 321432131234123',
  'G#': '341231232132143 321432134123123',
  Bb: '412312343213214 213214323412312',
  Eb: '312341232143213 214321323123412',
}
/** Two octaves upward: right hand | left hand. */
const MAJOR_ARPEGGIOS = {
  C: '1231235 5421421',
  G: '1231235 5421421',
  F: '1231235 5421421',
  D: '1231235 5321321',
  A: '1231235 5321321',
  E: '1231235 5321321',
  B: '1231235 5321321',
  'F#': '1231235 5321321',
  Db: '4124124 2142142',
  Ab: '4124124 2142142',
  Eb: '4124124 2142142',
  Bb: '4124124 3213213',
}
const MINOR_ARPEGGIOS = {
  A: '1231235 5421421',
  E: '1231235 5421421',
  D: '1231235 5421421',
  G: '1231235 5421421',
  C: '1231235 5421421',
  F: '1231235 5421421',
  B: '1231235 5421421',
  Eb: '1231235 5421421',
  'F#': '4124124 2142142',
  'C#': '4124124 2142142',
  'G#': '4124124 2142142',
  Bb: '2312312 3213213',
}

/**
 * Inversions that begin on a white key, two octaves upward: right | left. The first inversion has its fourth in the
 * middle of the grip, the second at its lower end (from memory; common practice in later books than those above).
 */
const FIRST_INVERSIONS = '1241245 5421421'
const SECOND_INVERSIONS = '1241245 5321321'
const INVERSIONS: Record<string, Record<number, readonly string[]>> = {
  'major-arpeggio': { 1: ['C', 'G', 'F', 'Eb', 'Ab', 'Db', 'Bb', 'Gb'], 2: ['C', 'G', 'D', 'A', 'E', 'F', 'Bb'] },
  'minor-arpeggio': { 1: ['A', 'E', 'D', 'F#', 'C#', 'B', 'G#', 'Bb'], 2: ['A', 'D', 'E'] },
}

/** Seventh chords on white roots, two octaves upward: right | left, thumbs on the root. */
const SEVENTHS = '123412345 543214321'
const SEVENTH_KINDS = [
  'dominant-seventh-arpeggio',
  'diminished-seventh-arpeggio',
  'major-seventh-arpeggio',
  'minor-seventh-arpeggio',
  'half-diminished-seventh-arpeggio',
]

/** The 1-3 chromatic: one finger for each key, both ways (Hanon no. 40; common practice; from memory). */
const CHROMATIC: Record<Hand, Record<string, number>> = {
  right: { C: 2, 'C#': 3, D: 1, 'D#': 3, E: 1, F: 2, 'F#': 3, G: 1, 'G#': 3, A: 1, 'A#': 3, B: 1 },
  left: { C: 1, 'C#': 3, D: 1, 'D#': 3, E: 2, F: 1, 'F#': 3, G: 1, 'G#': 3, A: 1, 'A#': 3, B: 2 },
}

/** First or last fingers that tables print in place of the pattern's: 2 for 3 or 4 on a black key, 4 or 5 where a run ends. */
const mayStandFor = (printed: string, own: number): boolean =>
  printed === String(own) || (own === 2 && '34'.includes(printed)) || (own === 3 && '24'.includes(printed))

function compare(own: readonly number[], printed: string): void {
  expect(own.slice(1, -1).join('')).toBe(printed.slice(1, -1))
  expect(mayStandFor(printed[0]!, own[0]!)).toBe(true)
  expect(mayStandFor(printed.at(-1)!, own.at(-1)!)).toBe(true)
}

const rows = (table: Record<string, string>) =>
  Object.entries(table).flatMap(([tonic, hands]) =>
    hands.split(' ').map((printed, at) => [tonic, at === 0 ? 'right' : 'left', printed] as [string, Hand, string]),
  )
const fingersOf = (tonic: string, kind: string, hand: Hand, octaves: number) =>
  fingered({ material: { tonic, kind }, hands: hand, octaves }).hands[hand]!.fingers

describe.each([
  ['major', MAJORS],
  ['natural-minor', NATURAL_MINORS],
  ['harmonic-minor', HARMONIC_MINORS],
] as const)('%s scales as printed', (kind, table) => {
  it.each(rows(table))('%s %s: %s', (tonic, hand, printed) => {
    const own = fingersOf(tonic, kind, hand, 1)
    compare(own.slice(0, 8), printed)
    compare(own.slice(7), [...printed].reverse().join(''))
  })

  it.each(rows(table))('%s %s over two octaves: the pattern goes on', (tonic, hand, printed) => {
    const own = fingersOf(tonic, kind, hand, 2)
    // the inner tonic takes the thumb where it is white, else the pattern's own finger
    expect(own.slice(1, 7).join('')).toBe(printed.slice(1, 7))
    expect(own.slice(8, 14).join('')).toBe(printed.slice(1, 7))
  })
})

describe('melodic minor scales as printed, both directions', () => {
  it.each(rows(MELODIC_MINORS))('%s %s: %s', (tonic, hand, printed) => {
    compare(fingersOf(tonic, 'melodic-minor', hand, 1), printed)
  })
})

describe.each([
  ['major-arpeggio', MAJOR_ARPEGGIOS],
  ['minor-arpeggio', MINOR_ARPEGGIOS],
] as const)('%ss as printed', (kind, table) => {
  it.each(rows(table))('%s %s: %s', (tonic, hand, printed) => {
    const own = fingersOf(tonic, kind, hand, 2)
    compare(own.slice(0, 7), printed)
    compare(own.slice(6), [...printed].reverse().join(''))
  })
})

describe('inversions that begin on a white key', () => {
  const cases = Object.entries(INVERSIONS).flatMap(([kind, byInversion]) =>
    Object.entries(byInversion).flatMap(([inversion, tonics]) =>
      tonics.map((tonic) => [tonic, kind, Number(inversion)] as const),
    ),
  )
  // an arpeggio on five or six black keys begins on white in some inversion only; those that do not are left out
  const white = cases.filter(([tonic, kind, inversion]) => {
    const { midi } = fingered({ material: { tonic, kind, inversion }, hands: 'right', octaves: 1 }).hands.right!
    return !isBlack(midi[0]!)
  })
  it.each(white)('%s %s, inversion %d', (tonic, kind, inversion) => {
    const printed = (inversion === 1 ? FIRST_INVERSIONS : SECOND_INVERSIONS).split(' ')
    for (const [at, hand] of (['right', 'left'] as const).entries()) {
      const own = fingered({ material: { tonic, kind, inversion }, hands: hand, octaves: 2 }).hands[hand]!.fingers
      compare(own.slice(0, 7), printed[at]!)
      compare(own.slice(6), [...printed[at]!].reverse().join(''))
    }
  })
  it('are at least eight of each family', () => {
    for (const kind of Object.keys(INVERSIONS))
      expect(white.filter((each) => each[1] === kind).length).toBeGreaterThanOrEqual(8)
  })
})

describe('seventh chords on white roots', () => {
  const roots = ['C', 'D', 'E', 'F', 'G', 'A', 'B']
  it.each(SEVENTH_KINDS.flatMap((kind) => roots.map((tonic) => [tonic, kind] as const)))('%s %s', (tonic, kind) => {
    for (const [at, hand] of (['right', 'left'] as const).entries()) {
      const own = fingersOf(tonic, kind, hand, 2)
      compare(own.slice(0, 9), SEVENTHS.split(' ')[at]!)
      compare(own.slice(8), [...SEVENTHS.split(' ')[at]!].reverse().join(''))
    }
  })
})

describe('the chromatic scale by 1 and 3', () => {
  it.each(['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'Ab', 'A', 'Bb', 'B'])('from %s', (tonic) => {
    for (const hand of ['right', 'left'] as const) {
      const { midi, fingers } = fingered({ material: { tonic, kind: 'chromatic' }, hands: hand }).hands[hand]!
      const names = Object.keys(CHROMATIC[hand])
      for (let at = 1; at < midi.length - 1; at++) expect(fingers[at]).toBe(CHROMATIC[hand][names[midi[at]! % 12]!])
    }
  })
})

/** Facts of the trade without a source: common practice. */
describe('other scales', () => {
  const up = (tonic: string, kind: string, hand: Hand) =>
    fingered({ material: { tonic, kind }, hands: hand, octaves: 1, course: 'up' }).hands[hand]!.fingers.join('')

  it('plays the F blues in threes, thumbs on F and B', () => {
    expect(up('F', 'blues', 'right').slice(0, 6)).toBe('123123')
  })

  it('has 2 3 4 on the three black keys of a whole-tone scale, the thumb on white', () => {
    const { midi, fingers } = fingered({ material: { tonic: 'C', kind: 'whole-tone' }, hands: 'right' }).hands.right!
    midi.forEach((key, at) => {
      const black: Record<number, number> = { 6: 2, 8: 3, 10: 4 }
      if (black[key % 12]) expect(fingers[at]).toBe(black[key % 12])
    })
  })

  it('fingers a mode on a white tonic as the conservatory fingers a scale there: thumb on the tonic', () => {
    for (const kind of ['dorian', 'phrygian', 'mixolydian', 'aeolian']) expect(up('D', kind, 'right')).toBe('12312345')
  })
})

describe('enharmonic twins', () => {
  it.each([
    ['Gb', 'F#', 'major'],
    ['C#', 'Db', 'major'],
    ['Ab', 'G#', 'harmonic-minor'],
    ['D#', 'Eb', 'melodic-minor'],
  ])('%s is fingered as %s %s: the keys are the same', (one, other, kind) => {
    for (const hand of ['right', 'left'] as const) {
      expect(fingersOf(one, kind, hand, 2)).toEqual(fingersOf(other, kind, hand, 2))
    }
  })
})

/** Two-octave similar motion going up, degrees from 1; derived from the standard fingerings (common practice). */
const MEETINGS: Record<string, { thumbs: number[]; thirds: number[] }> = {
  C: { thumbs: [8], thirds: [3, 6, 10, 13] },
  A: { thumbs: [8], thirds: [3, 6, 10, 13] },
  F: { thumbs: [5, 8, 12], thirds: [3, 10] },
  B: { thumbs: [4, 8, 11], thirds: [6, 13] },
  'F#': { thumbs: [4, 7, 11, 14], thirds: [2, 9] },
  Db: { thumbs: [3, 7, 10, 14], thirds: [5, 12] },
  Ab: { thumbs: [3, 10], thirds: [1, 5, 8, 12, 15] },
  Eb: { thumbs: [], thirds: [1, 8, 15] },
  Bb: { thumbs: [], thirds: [] },
}

describe('where the hands meet', () => {
  it.each(Object.entries(MEETINGS))('%s major', (tonic, { thumbs, thirds }) => {
    const { together } = fingered({ material: { tonic, kind: 'major' } })
    const upward = (steps: readonly number[]) => steps.filter((step) => step <= 14).map((step) => step + 1)
    expect(upward(together!.thumbs)).toEqual(thumbs)
    expect(upward(together!.thirds)).toEqual(thirds)
    expect(together!.crossings.both).toEqual([])
  })
})
