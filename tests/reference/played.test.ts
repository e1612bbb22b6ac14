import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import { readSpokenLine } from '#core/practice'
import { PLAYED_LINES, PLAYED_SET } from '../support/playedLines'
import { runs } from '../support/runs'

const STUDIES = PLAYED_SET.map((study) => completeRecipe(study))
const readingsOf = (line: string) =>
  readSpokenLine(line, STUDIES).map(({ outcome, bpm, hands, place, studies }) => [
    outcome,
    bpm,
    hands,
    place,
    ...studies,
  ])

describe('lines of the record, as teachers say them', () => {
  it('are at least two hundred', () => expect(PLAYED_LINES.length).toBeGreaterThanOrEqual(200))

  it.each(PLAYED_LINES.map(([line, ...readings]) => ({ line, readings })))('$line', ({ line, readings }) =>
    expect(readingsOf(line)).toEqual(readings),
  )
})

const KEYS = [
  ['F major', 0],
  ['G minor', 1],
  ['E staccato', 6],
  ['D chromatic', 11],
] as const
const RIGHT_HAND = [
  'right hand',
  'RH',
  'R.H.',
  'with the right hand',
  'in the right',
  'Right Hand only',
  'mano derecha',
]
const OTHER = ['at 96', 'at the turn', 'two octaves', 'today', '']

describe('whatever else is said', () => {
  it('a hand is never an outcome, and what nobody said is null', () => {
    const anyLine = fc.tuple(
      fc.constantFrom(...KEYS),
      fc.constantFrom(...RIGHT_HAND),
      fc.constantFrom(...OTHER),
      fc.constantFrom('', 'wrong', 'shaky', 'clean'),
      fc.shuffledSubarray([0, 1, 2, 3], { minLength: 4 }),
    )
    fc.assert(
      fc.property(anyLine, ([[key, study], hand, other, outcome, order]) => {
        const line = order
          .map((at) => [key, hand, other, outcome][at])
          .filter(Boolean)
          .join(', ')
        const read = readSpokenLine(line, STUDIES)
        const shown = { wrong: 'wrong', shaky: 'hesitated', clean: 'right', '': null }[outcome]
        expect(read.map(({ outcome: formatted }) => formatted)).toEqual([shown])
        expect(read[0]).toMatchObject({ hands: 'right', studies: [study], unread: [] })
      }),
      { numRuns: runs(200) },
    )
  })
})
