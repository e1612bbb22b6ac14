import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe, familyOf } from '#core/instrument'
import type { FingerRecipe } from '#core/fingering'
import { materialOf } from '#core/material'
import { noteName, type Pitch } from '#core/pitch'
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

/** The fingers that a key of a relay has by itself, inside two octaves of it. */
function usual(
  notes: readonly { readonly pitch: Pitch }[],
  sections: readonly { readonly from: number }[],
  key: number,
): Map<string, number> {
  const end = (sections[key + 1]?.from ?? notes.length) - 1
  // one goes up from its tonic, the next comes down to it
  const { letter, alteration } = notes[key % 2 === 0 ? sections[key]!.from : end]!.pitch
  const own = fingered({
    material: { tonic: noteName({ letter, alteration }), kind: 'major' },
    ...{ hands: 'right', octaves: 2 },
  } as never).hands.right!
  const inside = own.notes
    .slice(1, -1)
    .flatMap(({ midi, leg }, at) => (at === 13 ? [] : [[`${leg} ${midi % 12}`, own.fingers[at + 1]!] as const]))
  return new Map(inside)
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
    // what a sentence says gives way has other fingers than its own key gives it; of what it does not name, nothing has
    const { notes, fingers } = study.hands.right!
    const given = joints.filter(({ message }) => inEnglish(message).includes('way for it'))
    expect(given.length).toBeGreaterThan(0)
    expect(given.length).toBeLessThan(joints.length)
    study.sections!.slice(1).forEach(({ from }, at) => {
      const apart = notes.flatMap(({ midi, leg }, index) => {
        const key = index < from ? at : at + 1
        if (Math.abs(index - from) > 5 || index < study.sections![key]!.from) return []
        const own = usual(notes, study.sections!, key)
        return own.get(`${leg} ${midi % 12}`) === fingers[index] ? [] : [index]
      })
      const { message, indices } = joints[at]!
      if (!inEnglish(message).includes('way for it')) expect(apart).toEqual([])
      else for (const index of indices.slice(1)) expect(apart).toContain(index)
    })
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

  it('keeps degrees pinned in every mode of a chain, whichever key lends its fingers', () => {
    const chain = (pins: readonly object[]) =>
      fingered({
        material: { tonic: 'C', kind: 'major' },
        ...{ hands: 'right', octaves: 2, pattern: { journey: 'mode-chain' }, pins },
      } as never).hands.right!
    const [free, pinned] = [chain([]), chain([{ hand: 'right', degree: 2, finger: 3 }])]
    pinned.notes.forEach(({ degree, link }, at) => {
      if (degree === 1 && !link) expect(pinned.fingers[at], `${pinned.pitches[at]} ${at}`).toBe(3)
    })
    expect(pinned.lifts).toEqual([])
    expect(pinned.fingers).not.toEqual(free.fingers)
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
