import { canBeTested, dueAfter, type StudyState, type Target, type Where } from '../practice'
import type { Hands } from '../study'
import { courseKeyOf } from './levels'
import type { WeekLine } from './week'

/** Why a lesson asks something. */
export type AskedBecause = 'wrong' | 'due' | 'set' | 'new'

/** One thing that a lesson asks. */
export interface LessonItem {
  /** Its place among the studies, from 0. */
  readonly study: number
  readonly hands: Hands
  readonly octaves: number
  /** Notes a minute. */
  readonly tempo: number
  /** Whether it is asked once, from memory, rather than worked at. */
  readonly test: boolean
  readonly stage: string | null
  readonly where: Where | null
  readonly because: AskedBecause
}

const ORDER: readonly AskedBecause[] = ['wrong', 'due', 'set', 'new']

/** The whole study as fast as it was ever clean; before that as it is set. */
const wholeOf = ({ hands, octaves, required }: Target, { cleanTempo }: StudyState, tempo: number) => ({
  ...{ hands, octaves, stage: null, where: null },
  tempo: Math.min(required, cleanTempo || tempo),
})

const compared = (a: number, b: number): number => (a === b ? 0 : a < b ? -1 : 1)

/**
 * What a lesson asks, in order: what went wrong, what is due to be tested, what was set last time, what is new.
 * @param states how studies stood before the lesson, so that nothing moves while it is given
 * @param tempi at which each study is practised, notes a minute
 */
export function lessonItems(
  { targets, states, tempi }: { targets: readonly Target[]; states: readonly StudyState[]; tempi: readonly number[] },
  { today, set, fresh }: { today: number; set: readonly WeekLine[]; fresh: ReadonlySet<number> },
): LessonItem[] {
  const lineOf = new Map(set.map((line) => [courseKeyOf(line.study), line]))
  const items = targets.flatMap((target, study): LessonItem[] => {
    const state = states[study]!
    const line = lineOf.get(courseKeyOf(target.recipe))
    const whole = { study, ...wholeOf(target, state, tempi[study]!) }
    const tested = canBeTested(state)
    if (state.wrongOn !== null)
      return [{ ...whole, test: tested, because: 'wrong', where: state.trouble?.where ?? null }]
    if (tested && (dueAfter(state) ?? Infinity) <= today) return [{ ...whole, test: true, because: 'due' }]
    if (line && !line.test) {
      const { hands, octaves, stage, where, reach } = line
      return [{ ...whole, hands, octaves, stage, where, tempo: reach, test: false, because: 'set' }]
    }
    if (line) return [{ ...whole, test: true, because: 'set' }]
    if (!fresh.has(study)) return []
    const [first] = target.stages
    return [{ ...whole, hands: first!.hands, octaves: first!.octaves, stage: first!.id, test: false, because: 'new' }]
  })
  // what was set is asked in the order of the week
  const place = new Map(set.map((line, at) => [courseKeyOf(line.study), at]))
  const placeOf = ({ study }: LessonItem): number => place.get(courseKeyOf(targets[study]!.recipe)) ?? Infinity
  return items.sort(
    (a, b) =>
      ORDER.indexOf(a.because) - ORDER.indexOf(b.because) || compared(placeOf(a), placeOf(b)) || a.study - b.study,
  )
}
