import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe, familyOf } from '#core/instrument'
import type { FingerRecipe } from '#core/fingering'
import { materialOf } from '#core/material'
import { type Line, linesOf } from '#core/study'
import { FINGERS } from '../../../core/fingering/school'
import { runProblem, solveRun } from '../../../core/fingering/run'
import { taskOf } from '../../../core/fingering/task'
import { costOf } from '../../../core/solver'
import { fingered } from '../../support/played'
import { inEnglish } from '../../support/english'
import { runs } from '../../support/runs'

const TONICS = ['C', 'Db', 'E', 'F', 'Gb', 'Ab', 'B'] as const

/** The end of one key's way up and the beginning of the next one's way down, as one line of seven notes. */
function joint(hand: 'right' | 'left', from: string, to: string) {
  const lineIn = (tonic: string, course: 'up' | 'down') => {
    const recipe = completeRecipe({
      material: { tonic, kind: 'major' },
      ...{ hands: hand, octaves: 1, course, startOctave: 4 },
    }) as FingerRecipe
    const material = materialOf({ tonic, kind: 'major' })
    return { recipe, material, notes: linesOf(recipe, material, familyOf(recipe))[0]!.notes }
  }
  const [first, second] = [lineIn(from, 'up'), lineIn(to, 'down')]
  const notes = [...first.notes.slice(-4), ...second.notes.slice(0, 3)].map((note, step) => ({ ...note, step }))
  const line: Line = { hand, notes }
  const keys = [
    { from: 0, material: first.material, over: 0 },
    { from: 4, material: second.material, over: 0 },
  ]
  return taskOf({ ...first.recipe, pins: [] }, keys, line).run
}

describe('a joint between keys', () => {
  it('costs no more than any other fingering of its notes: brute force', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('right', 'left'),
        fc.constantFrom(...TONICS),
        fc.constantFrom(...TONICS),
        (hand, from, to) => {
          const run = joint(hand as 'right', from, to)
          const problem = runProblem(run)
          const states = FINGERS.map((finger) => [finger] as const)
          let least = Infinity
          const tried: (readonly [number])[] = []
          const attempt = (at: number): void => {
            if (at === run.steps.length) {
              least = Math.min(least, costOf(problem, [...tried] as never))
              return
            }
            for (const state of states) {
              tried[at] = state
              attempt(at + 1)
            }
          }
          attempt(0)
          expect(solveRun(run)[0]?.cost ?? Infinity).toBeCloseTo(least, 6)
        },
      ),
      { numRuns: runs(8) },
    )
  })

  it('is told in a sentence, with the notes that give way', () => {
    const study = fingered({
      material: { tonic: 'C', kind: 'major' },
      ...{ hands: 'right', octaves: 1, pattern: { journey: 'relay-half-step' } },
    } as never)
    const joints = study.hands.right!.reasons.filter(({ kind }) => kind === 'joint')
    expect(joints).toHaveLength(11)
    expect(inEnglish(joints[0]!.message)).toBe(
      'The hand goes on from C to D♭: 1, then 2. Both keys keep their own fingers.',
    )
    for (const { message, indices } of joints) {
      const gave = inEnglish(message).includes('way for it')
      expect(gave).toBe(indices.length > 1 || inEnglish(message).includes('gives way'))
    }
  })

  it('sets the hand down anew only where it does not lie over both keys', () => {
    const liftsOf = (some: object) =>
      fingered({ material: { tonic: 'C', kind: 'major' }, hands: 'right', octaves: 1, ...some } as never).hands.right!
        .lifts
    expect(liftsOf({ pattern: { journey: { by: 'fourth', count: 3, legs: 'alternate' } } })).toEqual([])
    expect(liftsOf({ course: 'up', pattern: { journey: { keys: ['C', 'D', 'E'] } } })).toEqual([8, 16])
    // where the line goes on the same way after a fourth, the hand lies over neither key
    expect(liftsOf({ pattern: { journey: { keys: ['C', 'F'] } } })).toEqual([15])
    expect(liftsOf({ pattern: { journey: { keys: ['C', 'Eb'] } } })).toEqual([])
  })

  it('keeps pins, and tells the alternatives of each key', () => {
    const pinned = fingered({
      material: { tonic: 'C', kind: 'major' },
      ...{ hands: 'right', octaves: 1, pattern: { journey: 'relay-half-step' } },
      pins: [{ hand: 'right', index: 8, finger: 4 }],
    } as never)
    expect(pinned.hands.right!.fingers[8]).toBe(4)
    expect(pinned.hands.right!.pinned).toEqual([{ index: 8, pin: 0 }])
    const { alternatives, fingers } = fingered({
      material: { tonic: 'D', kind: 'major' },
      ...{ hands: 'right', octaves: 2, pattern: { journey: { keys: ['D', 'Bb'] } } },
    } as never).hands.right!
    expect(alternatives.length).toBeGreaterThan(1)
    for (const other of alternatives) expect(other.fingers).toHaveLength(fingers.length)
  })
})
