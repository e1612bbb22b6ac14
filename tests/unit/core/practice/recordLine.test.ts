import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import { dateOf, dayMeant, dayOf, readSpokenLine, WEEKDAYS, weekdayOf } from '#core/practice'
import { runs } from '../../../support/runs'

const of = (tonic: string, kind: string, some: object = {}) =>
  completeRecipe({ material: { tonic, kind } as never, hands: 'together', octaves: 2, ...some })
const STUDIES = [
  of('G', 'harmonic-minor'),
  of('D', 'harmonic-minor'),
  of('D', 'major', { motion: 'contrary' }),
  of('D', 'major'),
  of('E', 'major', { articulation: 'staccato' }),
  of('C', 'minor-arpeggio', { hands: 'right' }),
  of('C', 'minor-arpeggio', { hands: 'left' }),
  of('A', 'harmonic-minor'),
  of('A', 'melodic-minor'),
]
const readLine = (line: string) =>
  readSpokenLine(line, STUDIES).map(({ studies, outcome, bpm, hands, place, kind }) => [
    studies,
    outcome,
    bpm,
    hands,
    place,
    kind,
  ])

describe('a line about what was played', () => {
  it('is read as it would be said', () => {
    expect(readLine('G minor together 96 clean, D minor LH wrong at the turn')).toEqual([
      [[0], 'right', 96, 'together', null, null],
      [[1], 'wrong', null, 'left', 'turn', null],
    ])
  })

  it.each([
    ['D major at 72 right', [[3], 'right', 72, null, null, null]],
    ['D contrary hesitated', [[2], 'hesitated', null, null, null, null]],
    ['E staccato ♩ = 60 cold clean', [[4], 'right', 60, null, null, 'cold-test']],
    ['C minor arpeggio RH shaky', [[5], 'hesitated', null, 'right', null, null]],
    ['D wrong at a crossing', [[3], 'wrong', null, null, 'crossing', null]],
    ['home G harmonic minor 88 fine', [[0], 'right', 88, null, null, 'home']],
    ['A melodic minor missed the start', [[8], 'wrong', null, null, 'start', null]],
  ])('%s', (line, expected) => expect(readLine(line)).toEqual([expected]))

  it('asks where it does not say which, or names what is not there', () => {
    expect(readLine('C minor arpeggio clean')[0]![0]).toEqual([5, 6])
    expect(readLine('A minor clean')[0]![0]).toEqual([7, 8])
    expect(readLine('B flat minor clean')[0]![0]).toEqual([])
    expect(readLine('96 clean')[0]![0]).toEqual([])
    expect(readLine('G minor 96')[0]![1]).toBeNull()
    expect(readLine(' , ;')).toEqual([])
  })
})

describe('whatever is said in one piece', () => {
  const WORDS = {
    right: ['clean', 'right', 'perfect', 'Correct'],
    hesitated: ['hesitated', 'shaky', 'unsure'],
    wrong: ['wrong', 'missed', 'broke'],
  } as const
  const PLACES = {
    turn: ['at the turn', 'top'],
    start: ['at the start', 'the beginning'],
    end: ['near the end'],
  } as const
  const NAMES: readonly (readonly [string, number])[] = [
    ['G minor', 0],
    ['D major', 3],
    ['E staccato', 4],
    ['C minor arpeggio left hand', 6],
    ['A melodic minor', 8],
  ]
  const anyOf = <K extends string>(words: Readonly<Record<K, readonly string[]>>) =>
    fc.constantFrom(...(Object.keys(words) as K[]).flatMap((key) => words[key].map((word) => [key, word] as const)))

  it('is read back, in any order of its words', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...NAMES),
        anyOf(WORDS),
        fc.option(anyOf(PLACES), { nil: null }),
        fc.option(fc.integer({ min: 30, max: 240 }), { nil: null }),
        fc.boolean(),
        ([name, study], [outcome, how], place, bpm, outcomeFirst) => {
          const tempo = bpm === null ? '' : `at ${bpm}`
          const tail = [tempo, place?.[1] ?? ''].filter(Boolean)
          const words = outcomeFirst ? [how, name, ...tail] : [name, ...tail, how]
          const [read] = readSpokenLine(words.join(' '), STUDIES)
          expect(read).toMatchObject({ outcome, bpm, place: place?.[0] ?? null, studies: [study], unread: [] })
        },
      ),
      { numRuns: runs(200) },
    )
  })

  it('is parted by commas, semicolons and lines, and each piece is its own', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...NAMES), { minLength: 1, maxLength: 4 }),
        fc.constantFrom(', ', ';', '\n'),
        (names, by) => {
          const read = readSpokenLine(names.map(([name], at) => `${name} ${60 + at} clean`).join(by), STUDIES)
          expect(read.map(({ studies, bpm }) => [studies, bpm])).toEqual(
            names.map(([, study], at) => [[study], 60 + at]),
          )
        },
      ),
      { numRuns: runs(100) },
    )
  })
})

describe('the day that is said', () => {
  const today = dayOf('2026-12-01')!
  const daysOf = (line: string) =>
    readSpokenLine(line, STUDIES).map(({ day, outcome, unread }) => [
      day && (dayMeant(day, today) === null ? 'none' : dateOf(dayMeant(day, today)!)),
      outcome,
      unread.join(' '),
    ])

  it.each([
    ['yesterday G minor 96 clean, D minor wrong', ['2026-11-30', '2026-11-30']],
    ['G minor clean, D minor wrong, on Sunday', ['2026-11-29', '2026-11-29']],
    ['Monday: G minor clean; Sunday: D minor clean', ['2026-11-30', '2026-11-29']],
    ['G minor clean Tuesday', ['2026-12-01']],
    ['last Tuesday G minor clean', ['2026-11-24']],
    ['3 days ago G minor clean', ['2026-11-28']],
    ['the day before yesterday G minor clean', ['2026-11-29']],
    ['12 November G minor clean', ['2026-11-12']],
    ['December 24 G minor clean', ['2025-12-24']],
    ['30 February G minor clean', ['none']],
    ['ayer G minor clean', ['2026-11-30']],
    ['gestern G minor clean', ['2026-11-30']],
    ['G minor clean', [null]],
  ])('%s', (line, expected) => {
    const read = daysOf(line)
    expect(read.map(([day]) => day)).toEqual(expected)
    for (const [, outcome, unread] of read) {
      expect(outcome).not.toBeNull()
      expect(unread).toBe('')
    }
  })

  it('is never later than today, and the last such day', () => {
    const NAMES = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
    for (let now = today; now < today + 400; now++) {
      NAMES.forEach((_, weekday) => {
        const [meant, before] = [dayMeant({ weekday, before: false }, now)!, dayMeant({ weekday, before: true }, now)!]
        expect(weekdayOf(meant)).toBe(WEEKDAYS[weekday])
        expect(now - meant).toBeGreaterThanOrEqual(0)
        expect(now - meant).toBeLessThan(7)
        expect(now - before).toBeGreaterThan(0)
        expect(now - before).toBeLessThanOrEqual(7)
      })
      const date = dateOf(now - 100)
      const [, month, day] = date.split('-').map(Number)
      expect(dateOf(dayMeant({ month: month!, date: day! }, now)!)).toBe(date)
    }
  })

  it('takes no minutes and no times for days', () => {
    expect(readSpokenLine('G minor 3 days clean', STUDIES)[0]!.unread.join(' ')).toMatch(/3/)
    expect(readSpokenLine('G minor 2 weeks ago clean', STUDIES)[0]!.day).toBeNull()
  })
})
