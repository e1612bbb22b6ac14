import { describe, expect, it } from 'vitest'
import { fifthsOf, parseNote } from '#core/pitch'
import { BASSES, boardOf, boardSpot, BASS_ROWS, trebleButtons, usualRows } from '#core/surface'
import { accordion, buttonsOf, leftFingers, placesOf, rightFingers, rowsOf, TWELVE } from '../support/accordion'

const UP = { octaves: 1, course: 'up' } as const
const LEFT = { ...UP, hands: 'left' } as const
const bassScale = (tonic: string, kind: 'major' | 'harmonic-minor' | 'chromatic', settings: object = {}) =>
  accordion(tonic, kind, settings, LEFT)
const school = (id: 'four-three' | 'three-two') => ({ left: { part: 'scale' as const, school: id } })

/**
 * Bass scales of the majors: which buttons is common practice, no source. The fingers of the four-based school are widely
 * taught (from memory), those of the three-based are derived from them.
 */
describe('bass scales of the majors, written out by hand', () => {
  it.each([
    ['C', 'f0 f2 c0 f-1 f1 c-1 c1 f0'],
    ['G', 'f1 f3 c1 f0 f2 c0 c2 f1'],
    ['F', 'f-1 f1 c-1 f-2 f0 c-2 c0 f-1'],
    ['D', 'f2 f4 c2 f1 f3 c1 c3 f2'],
    ['A', 'f3 f5 c3 f2 f4 c2 c4 f3'],
    ['Bb', 'f-2 f0 c-2 f-3 f-1 c-3 c-1 f-2'],
  ])('%s lies on %s', (tonic, buttons) => {
    const four = bassScale(tonic, 'major', school('four-three'))
    expect(buttonsOf(four)).toBe(buttons)
    expect(leftFingers(four)).toBe('4 2 5 4 2 5 3 4')
    const three = bassScale(tonic, 'major', school('three-two'))
    expect(buttonsOf(three)).toBe(buttons)
    expect(leftFingers(three)).toBe('3 2 4 3 2 4 2 3')
  })

  it.each(TWELVE)('%s: k, k+2, its third, k-1, k+1, the thirds of both, k', (tonic) => {
    const k = fifthsOf(parseNote(tonic))
    expect(buttonsOf(bassScale(tonic, 'major'))).toBe(
      `f${k} f${k + 2} c${k} f${k - 1} f${k + 1} c${k - 1} c${k + 1} f${k}`,
    )
  })

  it('takes the counterbass of G for the B that a board of 48 has not', () => {
    expect(buttonsOf(bassScale('A', 'major', { bass: 48 }))).toBe('f3 c1 c3 f2 f4 c2 c4 f3')
  })
})

/** Harmonic minors by least travel, derived by hand; no source. */
describe('bass scales of the harmonic minors', () => {
  it.each([
    ['A', 'f3 c1 f0 f2 c0 f-1 c4 f3'],
    ['D', 'f2 c0 f-1 f1 c-1 f-2 c3 f2'],
    ['E', 'f4 c2 f1 f3 c1 f0 c5 f4'],
  ])('%s lies on %s', (tonic, buttons) => {
    expect(buttonsOf(bassScale(tonic, 'harmonic-minor'))).toBe(buttons)
    expect(leftFingers(bassScale(tonic, 'harmonic-minor', school('four-three')))).toBe('2 5 4 2 5 4 2 3')
    expect(leftFingers(bassScale(tonic, 'harmonic-minor', school('three-two')))).toBe('2 4 3 2 4 3 2 3')
  })

  it('takes E flat for the D sharp that a board of 48 has not', () => {
    expect(buttonsOf(bassScale('E', 'harmonic-minor', { bass: 48 }))).toBe('f4 c2 f1 f3 c1 f0 f-3 f4')
  })

  it.each(['A', 'D', 'E'])('goes down in %s as it came up', (tonic) => {
    const both = buttonsOf(accordion(tonic, 'harmonic-minor', {}, { octaves: 1, hands: 'left' })).split(' ')
    expect(both.slice(7)).toEqual(both.slice(0, 8).reverse())
  })
})

describe('the chromatic bass scale, derived by hand', () => {
  it.each([120, 48] as const)('from C fits a board of %i', (bass) => {
    expect(buttonsOf(bassScale('C', 'chromatic', { bass }))).toBe('f0 c3 f2 f-3 c0 f-1 c2 f1 c4 f3 f-2 c1 f0')
  })
})

/** Alternating bass: the fundamental, its chord, the fundamental a fifth up, the chord (common practice, no source). */
describe('alternating bass of twelve keys on every board', () => {
  const board = (bass: (typeof BASSES)[number]) => boardOf({ bass })
  const input = { octaves: 1, course: 'up', tempo: { bpm: 60, notesPerBeat: 1 } } as const

  it.each(BASSES)('on %i basses every key that the board has, and no other', (bass) => {
    for (const tonic of TWELVE) {
      const k = fifthsOf(parseNote(tonic))
      const { from, to } = board(bass)
      const column = [k, k - 12, k + 12].find((each) => each >= from && each <= to)
      if (column === undefined) {
        expect(() => accordion(tonic, 'major', { bass, left: { part: 'alternating' } }, input)).toThrow('bass.lacks')
        continue
      }
      const study = accordion(tonic, 'major', { bass, left: { part: 'alternating' } }, input)
      const [first, chord, alternate, again] = buttonsOf(study).split(' ')
      expect([tonic, first, chord, again]).toEqual([tonic, `f${column}`, `M${column}`, `M${column}`])
      // the top column has its fifth on a counterbass, or not at all: then the root comes again
      const fifth =
        column + 1 <= to ? `f${column + 1}` : board(bass).rows.includes('counterbass') ? `c${column - 3}` : `f${column}`
      expect([tonic, alternate]).toEqual([tonic, fifth])
    }
  })

  it('is fingered 4 3 2 3 by the school of four and three, 3 2 and 2 or 3 by the other', () => {
    const four = leftFingers(accordion('C', 'major', { left: { part: 'alternating' } }, input))
    expect(four).toBe('4 3 2 3 4 3 2 4')
    const three = leftFingers(accordion('C', 'major', { left: { part: 'alternating', school: 'three-two' } }, input))
    expect(three).toMatch(/^3 2 [23] 2 3 2 [23] 3$/)
  })
})

/** Formal schools of the button keyboard: by rows is common practice, the tables are derived by hand; no source. */
describe('the right hand on buttons', () => {
  const right = (kind: 'major' | 'chromatic' | 'major-arpeggio', treble: 'c-3' | 'c-5' | 'b-3', some: object = {}) =>
    accordion('C', kind, { treble }, { ...UP, hands: 'right', ...some })

  it('plays C major on rows 1 3 2 3 2 1 3 1 of the C-system', () => {
    for (const treble of ['c-3', 'c-5'] as const) {
      const study = right('major', treble, { school: 'with-thumb' })
      expect(rowsOf(study)).toBe('1 3 2 3 2 1 3 1')
      expect(placesOf(study)).toBe('0 1 1.5 2 2.5 3 4 4')
      expect(rightFingers(study)).toBe('1 3 2 3 2 1 3 1')
      expect(rightFingers(right('major', treble))).toBe('2 4 3 4 3 2 4 2')
    }
  })

  it('plays the same on mirrored rows of the B-system', () => {
    const study = right('major', 'b-3', { school: 'with-thumb' })
    expect(rowsOf(study)).toBe('3 1 2 1 2 3 1 3')
    expect(placesOf(study)).toBe('0 1 1.5 2 2.5 3 4 4')
    expect(rightFingers(study)).toBe('1 3 2 3 2 1 3 1')
  })

  it('plays chromatic notes row after row', () => {
    expect(rowsOf(right('chromatic', 'c-3'))).toBe('1 2 3 1 2 3 1 2 3 1 2 3 1')
    expect(rightFingers(right('chromatic', 'c-3'))).toBe('2 3 4 2 3 4 2 3 4 2 3 4 2')
    expect(rightFingers(right('chromatic', 'c-3', { school: 'with-thumb' }))).toBe('1 2 3 1 2 3 1 2 3 1 2 3 1')
  })

  it.each([
    ['major-arpeggio', '1 2 2 1', '0 1.5 2.5 4', '1 2 3 5'],
    ['minor-arpeggio', '1 1 2 1', '0 1 2.5 4', '1 2 3 5'],
  ] as const)('opens the %s over one octave', (kind, rows, places, fingers) => {
    const study = accordion('C', kind, { treble: 'c-3' }, { ...UP, hands: 'right', school: 'with-thumb' })
    expect([rowsOf(study), placesOf(study), rightFingers(study)]).toEqual([rows, places, fingers])
  })

  it.each([
    ['dominant-seventh-arpeggio', '1 2 2 2', '0 1.5 2.5 3.5'],
    ['diminished-seventh-arpeggio', '1 1 1 1', '0 1 2 3'],
  ] as const)('lays 1 2 3 4 on the %s', (kind, rows, places) => {
    const study = accordion('C', kind, { treble: 'c-3' }, { ...UP, hands: 'right', school: 'with-thumb' })
    expect(rowsOf(study).slice(0, 7)).toBe(rows)
    expect(placesOf(study).startsWith(places)).toBe(true)
    expect(rightFingers(study).slice(0, 7)).toBe('1 2 3 4')
  })

  it('goes on with the thumb over two octaves of a triad', () => {
    const study = accordion(
      'C',
      'major-arpeggio',
      { treble: 'c-3' },
      { octaves: 2, course: 'up', hands: 'right', school: 'with-thumb' },
    )
    expect(rightFingers(study)).toBe('1 2 3 1 2 3 5')
  })
})

/** How keyboards and boards are laid out (common practice, no source). */
describe('where buttons lie', () => {
  it.each([
    [
      'c',
      [
        ['C', 'Eb', 'F#', 'A'],
        ['C#', 'E', 'G', 'Bb'],
        ['D', 'F', 'Ab', 'B'],
      ],
    ],
    [
      'b',
      [
        ['B', 'D', 'F', 'Ab'],
        ['Bb', 'C#', 'E', 'G'],
        ['A', 'C', 'Eb', 'F#'],
      ],
    ],
  ] as const)('has the notes of the %s-system on their rows', (system, rows) => {
    rows.forEach((names, at) => {
      for (const name of names) {
        const { letter, alteration } = parseNote(name)
        const midi = 60 + ({ C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 } as const)[letter] + alteration
        expect(trebleButtons({ system, rows: 5 }, midi).map(({ row }) => row)).toContain(at + 1)
        // rows four and five repeat the first two
        if (at < 2) expect(trebleButtons({ system, rows: 5 }, midi).map(({ row }) => row)).toContain(at + 4)
      }
    })
  })

  it.each([
    [120, 20, 6, -9, 10],
    [96, 16, 6, -7, 8],
    [80, 16, 5, -7, 8],
    [72, 12, 6, -5, 6],
    [60, 12, 5, -5, 6],
    [48, 8, 6, -3, 4],
    [32, 8, 4, -3, 4],
    [24, 8, 3, -3, 4],
    [12, 6, 2, -2, 3],
  ] as const)('a board of %i has %i columns in %i rows', (bass, columns, rows, from, to) => {
    const shown = boardOf({ bass })
    expect([shown.to - shown.from + 1, shown.rows.length, shown.from, shown.to]).toEqual([columns, rows, from, to])
    expect(columns * rows).toBe(bass)
  })

  it('has its diminished row farthest out, and spares it first', () => {
    expect(usualRows(80)).not.toContain('diminished')
    expect(BASS_ROWS.map((row) => boardSpot({ row, column: 0 }).across)).toEqual([0, 1, 2, 3, 4, 5])
  })
})
