import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import { statesOf, targetOf } from '#core/practice'
import { courseFrom, isCold, minutesLeft, sit, sittingTempo } from '../../../../core/practice/course'
import { aboveTempo, slowTempo, stepDown, stepsTo, stepUp } from '../../../../core/practice/target'
import { runs } from '../../../support/runs'

const anyTarget = fc
  .record({
    bpm: fc.integer({ min: 20, max: 240 }),
    notesPerBeat: fc.constantFrom(1, 2, 3, 4, 6, 8),
    hands: fc.constantFrom('together', 'right', 'left'),
    octaves: fc.integer({ min: 1, max: 3 }),
    kind: fc.constantFrom('major', 'harmonic-minor', 'major-arpeggio', 'chromatic', 'five-finger-major'),
  })
  .map(({ bpm, notesPerBeat, hands, octaves, kind }) =>
    targetOf(
      completeRecipe({
        material: { tonic: 'C', kind },
        ...{ hands, octaves, tempo: { bpm, notesPerBeat } },
      } as Parameters<typeof completeRecipe>[0]),
    ),
  )
const check = (of: (target: ReturnType<typeof targetOf>) => void, count = 200) =>
  fc.assert(
    fc.property(anyTarget, (target) => of(target)),
    { numRuns: runs(count) },
  )

describe('the ladder of tempi', () => {
  it('begins at 60 to 70 in a hundred of what is asked, where a metronome has it', () => {
    check((target) => {
      const slow = slowTempo(target)
      expect(slow % target.notesPerBeat).toBe(0)
      expect(slow).toBeLessThanOrEqual(target.required)
      const bpm = target.required / target.notesPerBeat
      // under 34 beats a minute there is no metronome for it
      if (bpm >= 34) expect(Math.abs(slow / target.required - 0.65)).toBeLessThanOrEqual(0.5 / bpm + 1e-9)
    })
  })

  it('climbs in steps of a tenth at the most, each faster than the last, to the tempo asked', () => {
    check((target) => {
      const slow = slowTempo(target)
      const steps = [slow, ...stepsTo(target, slow)]
      expect(steps.at(-1)).toBe(target.required)
      steps.slice(1).forEach((step, at) => {
        expect(step).toBeGreaterThan(steps[at]!)
        // the metronome's own step is wider than a tenth below ten beats more
        const widest = steps[at]! + Math.max(target.notesPerBeat, 0.1 * steps[at]!)
        expect(step).toBeLessThanOrEqual(widest + 1e-9)
        expect(step % target.notesPerBeat).toBe(0)
      })
    })
  })

  it('goes back by a tenth, never below nothing', () => {
    check((target) => {
      for (const tempo of [target.required, slowTempo(target)]) {
        const back = stepDown(target, tempo)
        expect(back).toBeLessThanOrEqual(tempo)
        expect(Math.abs(back - 0.9 * tempo)).toBeLessThanOrEqual(Math.max(target.notesPerBeat, 0.1 * tempo))
      }
      expect(stepDown(target, 0)).toBe(0)
    })
  })

  it('goes beyond the aim for a day by a twentieth at the most', () => {
    check((target) => {
      const above = aboveTempo(target)
      expect(above).toBeGreaterThanOrEqual(target.required)
      expect(above).toBeLessThanOrEqual(1.05 * target.required + 1e-9)
    })
  })

  it('has nothing above the tempo asked', () => {
    check((target) => {
      expect(stepUp(target, target.required)).toBe(target.required)
      expect(stepsTo(target, target.required)).toEqual([])
    })
  })
})

describe('a study on its way', () => {
  it('gets there in as many whole sittings as it says, if each of them passes', () => {
    check((target) => {
      const course = courseFrom(target, statesOf([target], [])[0]!)
      const { passes, minutes } = course.left
      expect(minutesLeft(course, 1)).toBe(minutes)
      let sittings = 0
      let last = 0
      for (; !isCold(course) && sittings < 200; sittings++) {
        const tempo = sittingTempo(course)
        // no sitting is much faster than the fastest before it
        if (last > 0) expect(tempo).toBeLessThanOrEqual(last + Math.max(target.notesPerBeat, 0.1 * last) + 1e-9)
        last = Math.max(last, tempo)
        sit(course, sittings, target.stages[course.stage]!.minutes, 1)
      }
      expect(sittings).toBe(passes)
      expect(course.cleanTempo).toBeGreaterThanOrEqual(target.required)
      expect(course.left).toEqual({ passes: 0, minutes: 0 })
      expect(course.done).toBe(sittings - 1)
    }, 80)
  })

  it('takes twice as many where every second one passes, or each is shorter than half', () => {
    check((target) => {
      const count = (share: number, pace: number): number => {
        const course = courseFrom(target, statesOf([target], [])[0]!)
        let sittings = 0
        for (; !isCold(course) && sittings < 400; sittings++) {
          sit(course, sittings, share * target.stages[course.stage]!.minutes, pace)
        }
        return sittings
      }
      expect(count(1, 0.5)).toBe(2 * count(1, 1))
      expect(count(0.4, 1)).toBe(2 * count(1, 1))
      // a minute more or less than half moves nothing
      expect(count(0.5, 1)).toBe(count(1, 1))
    }, 40)
  })
})
