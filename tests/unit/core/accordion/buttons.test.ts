import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  basesOn,
  bassTouch,
  BUTTON_SCHOOL_DATA,
  type Grasp,
  LEFT_FINGERS,
  LEFT_SCHOOL_DATA,
  pressingOf,
  pressProblem,
  solvePresses,
  trebleTouch,
} from '#core/buttons'
import { costOf } from '#core/solver'
import { stepsOf } from '#core/fingering'
import { KIND_IDS, KINDS } from '#core/material'
import { modulo, parsePitch, midiOf, parseNote } from '#core/pitch'
import type { Line, LineNote } from '#core/study'
import { BASSES, boardOf, buttonsFor, buttonSpot, tonesOf, trebleButtons, trebleOf } from '#core/surface'
import { accordion, buttonsOf, rightFingers, rowsOf, TWELVE } from '../../../support/accordion'
import { runs } from '../../../support/runs'

const noteAt = (name: string, step: number): LineNote => {
  const pitch = parsePitch(name)
  return { pitch, midi: midiOf(pitch), degree: step % 7, leg: 'up', step, fresh: false }
}
const lineOf = (hand: 'right' | 'left', names: readonly string[]): Line => ({ hand, notes: names.map(noteAt) })
const NAMES = ['C4', 'C#4', 'D4', 'Eb4', 'E4', 'F4', 'F#4', 'G4', 'Ab4', 'A4', 'Bb4', 'B4', 'C5', 'D5']
const someNames = (most: number) => fc.array(fc.constantFrom(...NAMES), { minLength: 1, maxLength: most })

/** Every row of states there is, tried one by one. */
function least<B>(states: readonly (readonly Grasp<B>[])[], cost: (row: readonly Grasp<B>[]) => number): number {
  const all = states.reduce<Grasp<B>[][]>(
    (rows, next) => rows.flatMap((row) => next.map((each) => [...row, each])),
    [[]],
  )
  return Math.min(...all.map(cost))
}

describe('choosing buttons and fingers at once', () => {
  it('is as cheap on three to five rows as the best of all there is', () => {
    fc.assert(
      fc.property(
        someNames(4),
        fc.constantFrom('c-3', 'c-4', 'c-5', 'b-3', 'b-5'),
        fc.constantFrom('four-fingers', 'with-thumb'),
        (names, id, school) => {
          const treble = trebleOf(id)
          if (treble.plays !== 'buttons') return
          const line = lineOf('right', names)
          for (const base of basesOn(treble)) {
            const pressing = pressingOf(
              trebleTouch(treble, BUTTON_SCHOOL_DATA[school], base, true),
              line,
              stepsOf(line),
            )
            const problem = pressProblem(pressing)
            const [found] = solvePresses(pressing)
            expect(found!.cost).toBeCloseTo(
              least(pressing.states, (row) => costOf(problem, row)),
              6,
            )
          }
        },
      ),
      { numRuns: runs(30) },
    )
  })

  it('is as cheap on a board of any size as the best of all there is', () => {
    fc.assert(
      fc.property(
        someNames(4),
        fc.constantFrom(...BASSES),
        fc.constantFrom('four-three', 'three-two'),
        fc.constantFrom('C', 'Eb', 'A'),
        (names, bass, school, tonic) => {
          const board = boardOf({ bass })
          const own = names.filter((name) => buttonsFor(board, parsePitch(name)).length > 0)
          if (own.length === 0) return
          const line = lineOf('left', own)
          const touch = bassTouch(board, LEFT_SCHOOL_DATA[school], parseNote(tonic))
          const pressing = pressingOf(touch, line, stepsOf(line))
          const problem = pressProblem(pressing)
          const [found] = solvePresses(pressing)
          expect(found!.cost).toBeCloseTo(
            least(pressing.states, (row) => costOf(problem, row)),
            6,
          )
        },
      ),
      { numRuns: runs(40) },
    )
  })
})

describe('the layout of the right hand’s buttons', () => {
  const midi = fc.integer({ min: 40, max: 100 })
  const system = fc.constantFrom('c' as const, 'b' as const)

  it('goes up three semitones along a row, one or two to the next row, and repeats after three', () => {
    fc.assert(
      fc.property(midi, system, (note, own) => {
        const rows = trebleButtons({ system: own, rows: 5 }, note)
        for (const { row, place } of rows) {
          const next = trebleButtons({ system: own, rows: 5 }, note + 3).find((each) => each.row === row)
          expect(next!.place).toBe(place + 1)
          expect(Number.isInteger(place - (row - 1) / 2)).toBe(true)
        }
        const [first, again] = [rows[0]!, rows.find(({ row }) => row === rows[0]!.row + 3)]
        if (again) expect(again.place - first.place).toBe(own === 'c' ? 0.5 : -0.5)
        const spot = buttonSpot(first)
        expect(spot.x).toBeCloseTo(first.place * 18.5)
      }),
      { numRuns: runs(100) },
    )
  })

  it('has every note on every keyboard, on one of three rows', () => {
    for (const own of ['c', 'b'] as const)
      for (let note = 40; note < 100; note++) expect(trebleButtons({ system: own, rows: 3 }, note)).toHaveLength(1)
  })
})

const RUNS = KIND_IDS.filter((kind) => KINDS[kind].texture === 'run' && !KINDS[kind].second)
const right = (tonic: string, kind: (typeof RUNS)[number], treble: string, school: string) =>
  accordion(tonic, kind, { treble: treble as 'c-5' }, { octaves: 2, hands: 'right', school: school as 'with-thumb' })

describe('shapes', () => {
  it.each(['c-5', 'b-5'] as const)('are one for twelve keys on five rows: %s', (treble) => {
    for (const school of ['four-fingers', 'with-thumb'])
      for (const kind of ['major', 'harmonic-minor', 'melodic-minor', 'major-arpeggio', 'chromatic'] as const) {
        const shapes = new Set(
          TWELVE.map((tonic) => {
            const study = right(tonic, kind, treble, school)
            const [first] = study.hands.right!.buttons!
            const shape = study.hands.right!.buttons!.map(([row, place]) => [row - first![0], place - first![1]])
            return JSON.stringify([rightFingers(study), shape])
          }),
        )
        expect([treble, school, kind, shapes.size]).toEqual([treble, school, kind, 1])
      }
  })

  it.each(['c-3', 'b-3'] as const)('are three on three rows, by the tonic’s row: %s', (treble) => {
    const shapes = new Map<string, string>()
    for (const tonic of TWELVE) {
      const study = right(tonic, 'major', treble, 'with-thumb')
      const row = rowsOf(study)
      const key = String(modulo(study.hands.right!.midi[0]!, 3))
      expect(shapes.get(key) ?? row).toBe(row)
      shapes.set(key, row)
    }
    expect(shapes.size).toBe(3)
  })
})

describe('every study of an accordion', () => {
  it('lies within keyboard and board, no finger on two buttons at once, never the left thumb', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...TWELVE),
        fc.constantFrom(...RUNS),
        fc.constantFrom('keys-45', 'keys-41', 'c-3', 'c-4', 'c-5', 'b-3', 'b-5'),
        fc.constantFrom(120, 96, 72, 48),
        fc.constantFrom('four-three', 'three-two'),
        fc.integer({ min: 1, max: 2 }),
        (tonic, kind, treble, bass, school, octaves) => {
          let study
          try {
            study = accordion(
              tonic,
              kind,
              { treble: treble as 'c-3', bass: bass as 48, left: { school: school as 'four-three' } },
              { octaves },
            )
          } catch (error) {
            // a smaller board says what it lacks; a key with triple signs is told by its twin
            expect((error as { code: string }).code).toMatch(/^(bass\.lacks|tonic\.unusual)$/)
            return
          }
          const { right: upper } = study.hands
          const own = trebleOf(treble as 'c-3')
          expect(upper!.midi.every((midi) => midi >= own.lowest && midi <= own.highest)).toBe(true)
          const board = boardOf({ bass: bass as 48 })
          const { bass: lower } = study
          lower?.buttons.forEach(({ row, column }, at) => {
            expect(board.rows).toContain(row)
            expect(column >= board.from && column <= board.to).toBe(true)
            expect(tonesOf({ row, column })[0]).toBe(modulo(lower.midi[at]!, 12))
            expect(LEFT_FINGERS).toContain(lower.fingers[at])
          })
          lower?.notes.forEach(({ step }, at) => {
            if (lower.notes[at + 1]?.step === step) expect(lower.fingers[at]).not.toBe(lower.fingers[at + 1])
          })
        },
      ),
      { numRuns: runs(120) },
    )
  })

  it('tells what its buttons are called', () => {
    const study = accordion('C', 'major', {}, { hands: 'left', octaves: 1, course: 'up' })
    expect(study.bass!.buttons.map(({ name }) => name)).toEqual(['C', 'D', 'E', 'F', 'G', 'A', 'B', 'C'])
    expect(buttonsOf(study)).toContain('c0')
  })
})
