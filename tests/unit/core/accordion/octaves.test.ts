import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { realise } from '#core/realise'
import { BASSES } from '#core/surface'
import { someOf } from '../../../support/night'
import { english } from '../../../support/english'

const KEYS = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'Ab', 'A', 'Bb', 'B']
const KINDS = [
  'major',
  'natural-minor',
  'harmonic-minor',
  'melodic-minor',
  'chromatic',
  'major-arpeggio',
  'minor-arpeggio',
]
const SEVENTHS = ['dominant-seventh-arpeggio', 'diminished-seventh-arpeggio']
const study = (tonic: string, kind: string, some: object) =>
  realise({ instrument: 'accordion', material: { tonic, kind }, ...some } as RecipeInput, {}, 0) as any
const OCTAVE = 12
/** Bass notes have the staff and a ledger line beside it. */
const [LOWEST, HIGHEST] = [39, 63]

describe('buttons of the right hand', () => {
  it.each(['c-3', 'c-4', 'c-5', 'b-3', 'b-4', 'b-5'])('%s: every octave has the fingers of the others', (treble) => {
    const place = ['c-3', 'c-4', 'c-5', 'b-3', 'b-4', 'b-5'].indexOf(treble)
    for (const school of ['with-thumb', 'four-fingers'])
      for (const kind of [...KINDS, ...SEVENTHS])
        for (const tonic of someOf(KEYS, 2, place)) {
          const { notes, fingers, buttons } = study(tonic, kind, {
            school,
            hands: 'right',
            octaves: 3,
            accordion: { treble },
          }).hands.right
          const top = Math.max(...notes.map(({ midi }: any) => midi))
          const had = new Map<string, string>()
          notes.forEach(({ midi, leg }: any, at: number) => {
            if (at === 0 || at === notes.length - 1 || midi === top) return
            const key = `${leg} ${midi % OCTAVE}`
            const mark = `${fingers[at]} in row ${buttons[at][0]}`
            expect(had.get(key) ?? mark, `${school} ${tonic} ${kind} note ${at + 1}`).toBe(mark)
            had.set(key, mark)
          })
        }
  })

  it.each([
    ['with-thumb', 'major-arpeggio', '1 2 3 5', '1 2 3 1 2 3 5'],
    ['with-thumb', 'minor-arpeggio', '1 2 3 5', '1 2 3 1 2 3 5'],
    ['four-fingers', 'major-arpeggio', '2 3 4 5', '2 3 4 2 3 4 5'],
    ['four-fingers', 'minor-arpeggio', '2 3 4 5', '2 3 4 2 3 4 5'],
    // common practice of button schools, from memory; uncertain
  ])('%s, %s: %s, then %s', (school, kind, one, two) => {
    for (const treble of ['c-5', 'b-5'])
      for (const tonic of someOf(KEYS, 4))
        for (const [octaves, expected] of [
          [1, one],
          [2, two],
        ] as const) {
          const { fingers, notes } = study(tonic, kind, { school, hands: 'right', octaves, accordion: { treble } })
            .hands.right
          const up = fingers.filter((_: unknown, at: number) => notes[at].leg === 'up').join(' ')
          expect(up, `${treble} ${tonic}`).toBe(expected)
        }
  })

  it('says of a finger off its row only what is so', () => {
    for (const tonic of KEYS)
      for (const kind of KINDS)
        for (const octaves of [1, 2]) {
          const realised = study(tonic, kind, {
            school: 'with-thumb',
            hands: 'right',
            octaves,
            accordion: { treble: 'c-5' },
          })
          const { fingers, reasons } = realised.hands.right
          for (const { kind: sort, indices, message } of reasons) {
            if (sort !== 'row') continue
            const words = english(message)
            if (words.includes('note before')) for (const at of indices) expect(at, words).toBeGreaterThan(0)
            for (const at of indices) expect(words.startsWith(`${fingers[at]} on`), words).toBe(true)
          }
        }
  })
})

describe('lines of the left hand on a board', () => {
  it('have one octave unless more are wanted', () => {
    for (const kind of KINDS) expect(study('C', kind, { hands: 'left' }).recipe.octaves, kind).toBe(1)
    expect(study('C', 'major', { hands: 'left', octaves: 2 }).recipe.octaves).toBe(2)
  })

  it.each(BASSES.filter((bass) => bass > 48).map((bass) => [bass]))(
    '%s buttons: never climb where nothing sounds',
    (bass) => {
      for (const tonic of someOf(KEYS, 4, bass))
        for (const kind of someOf(KINDS, 3, bass))
          for (const octaves of [1, 2, 4])
            for (const course of ['up-down', 'down-up']) {
              let midi: number[]
              let buttons: { row: string; column: number }[]
              try {
                ;({ midi, buttons } = study(tonic, kind, { hands: 'left', octaves, course, accordion: { bass } }).bass)
              } catch {
                continue
              }
              const where = `${tonic} ${kind} ${octaves} ${course}`
              expect(Math.max(...midi) - Math.min(...midi), where).toBe(OCTAVE)
              expect(Math.min(...midi), where).toBeGreaterThanOrEqual(LOWEST)
              expect(Math.max(...midi), where).toBeLessThanOrEqual(HIGHEST)
              expect(buttons.length).toBe(midi.length)
            }
    },
  )

  it('come round as they lie: the octave again, from its foot on the way up, from its top on the way down', () => {
    const { pitches } = study('C', 'major', { hands: 'left', octaves: 2 }).bass
    expect(pitches.join(' ')).toBe(
      'C3 D3 E3 F3 G3 A3 B3 C4 D3 E3 F3 G3 A3 B3 C4 B3 A3 G3 F3 E3 D3 C3 B3 A3 G3 F3 E3 D3 C3',
    )
    const down = study('C', 'major', { hands: 'left', octaves: 1, course: 'down' }).bass.pitches
    expect(down.join(' ')).toBe('C4 B3 A3 G3 F3 E3 D3 C3')
  })
})

describe('where the right hand stands', () => {
  // books of scales write G, A flat, A, B flat and B from the third octave: common practice, no source
  it.each([
    ['keys-41', 'G3 Ab3 A3 Bb3 B3 C4 Db4 D4 Eb4 E4 F4'],
    ['keys-30', 'G3 Ab3 A3 Bb3 B3 C4'],
  ])('%s: two octaves from %s', (treble, starts) => {
    for (const start of starts.split(' ')) {
      const { pitches } = study(start.slice(0, -1), 'major', { hands: 'right', octaves: 2, accordion: { treble } })
        .hands.right
      expect(pitches[0]).toBe(start)
    }
  })

  it('leaves a keyboard of few keys as many octaves as it has', () => {
    for (const treble of ['keys-30', 'keys-26', 'keys-25', 'keys-22'])
      for (const tonic of ['C', 'D', 'E', 'F', 'G', 'A']) {
        const realised = study(tonic, 'major', { hands: 'right', accordion: { treble } })
        expect(realised.recipe.octaves, `${treble} ${tonic}`).toBeLessThanOrEqual(2)
      }
  })
})
