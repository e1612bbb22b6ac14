import type { Message } from '#core/message'
import { familyOf, type Recipe } from '#core/instrument'
import { tempoSet } from '#core/lesson'
import {
  type Change,
  changeBy,
  currentEntries,
  dateOf,
  dayOf,
  dueAfter,
  type Entry,
  isAbout,
  type Outlook,
  type PlanItem,
  type PlannedDay,
  practiceDays,
  preparationFor,
  prepare,
  type Preparation,
  type Prepared,
  recallOn,
  type PracticeState,
  practiceStatesToday,
  type StudyState,
  type Target,
  targetsFor,
  tempoNow,
} from '#core/practice'
import { realise, titleOf } from '#core/realise'
import { type Hands, HANDS } from '#core/study'
import { openDraw } from '#core/syllabus'
import type { PracticeFile, Study } from './api'
import type { StoredWeek } from './lessons'
import { templatesOf, unpacked, writtenOf } from './preparation'

/** Everything that a set's practice is worked out from, of the set no more than it takes. */
export type Practised = Omit<PracticeFile, 'set'> & {
  readonly set: { readonly studies: readonly Pick<Study, 'id' | 'recipe'>[] }
}

/** A study on its way, as a line of the record shows it. Tempi in notes a minute, days as numbers. */
export interface Row {
  readonly study: number
  readonly id: string
  readonly recipe: Recipe
  readonly title: Message
  readonly required: number
  readonly stages: Target['stages']
  readonly stage: number
  readonly practiceState: PracticeState
  readonly cleanTempo: number
  /** At which it is practised, and was last set for some hands. */
  readonly tempo: number
  readonly tempi: Partial<Record<Hands, number>>
  readonly recall: number
  readonly stability: number
  readonly due: number | null
  readonly wrongOn: number | null
  readonly lastSeen: number | null
  readonly steps: StudyState['steps']
  readonly tries: readonly Pick<StudyState['tries'][number], 'day' | 'outcome' | 'tempo' | 'cold'>[]
  /** What is planned: the tempo of each sitting and test to come. */
  readonly planned: readonly { readonly day: number; readonly tempo: number; readonly test: boolean }[]
  /** The chance to be right if it is asked on the exam's day, or today where there is no aim. */
  readonly chance: number
  /** What it may well be instead: four in five lie between. */
  readonly between: { readonly low: number; readonly high: number }
}

/** One thing to do, with what to watch for. */
export interface Item extends PlanItem {
  readonly watch: Message | null
}

export interface PracticeView {
  readonly today: number
  readonly exam: number | null
  readonly rows: readonly Row[]
  /** What the record comes to today. */
  readonly now: Outlook
  /** What it comes to on the exam's day if the plan is kept; null without an aim. */
  readonly then: Outlook | null
  readonly days: readonly PlannedDay[]
  /** The next practice day's items, and whether that is today. */
  readonly next: { readonly day: number; readonly lesson: boolean; readonly items: readonly Item[] } | null
  readonly minutes: number
  readonly unseen: readonly number[]
  /** Items that the exam may ask and the set does not have. */
  readonly lacking: number
  /** Quick tests that the record has of the set’s studies. */
  readonly tests: number
  readonly changes: readonly Change[]
}

/** Tempi that a week was set at, by the hands. */
export const tempiIn = (week: StoredWeek | null, study: Recipe): Row['tempi'] =>
  Object.fromEntries(
    HANDS.flatMap((hands) => {
      const tempo = tempoSet(week?.lines ?? [], study, hands)
      return tempo === null ? [] : [[hands, tempo]]
    }),
  )

const rowOf = (
  file: Practised,
  { targets }: Pick<Preparation, 'targets'>,
  { states, practiceStates }: Pick<Prepared, 'states' | 'practiceStates'>,
  today: number,
  study: number,
): Omit<Row, 'planned' | 'chance' | 'between'> => {
  const [target, state] = [targets[study]!, states[study]!]
  return {
    ...{ study, id: file.set.studies[study]!.id, recipe: target.recipe, title: titleOf(target.recipe) },
    ...{ required: target.required, stages: target.stages, stage: state.stage, practiceState: practiceStates[study]! },
    ...{ cleanTempo: state.cleanTempo, tempo: tempoNow(target, state), tempi: tempiIn(file.week, target.recipe) },
    ...{ recall: recallOn(state, today), stability: state.memory?.stability ?? 0 },
    ...{ due: dueAfter(state), wrongOn: state.wrongOn, lastSeen: state.lastSeen, steps: state.steps },
    tries: state.tries.map(({ day, outcome, tempo, cold }) => ({ day, outcome, tempo, cold })),
  }
}

/** What is said of an item beside its notes: worked out from the study as it is played. */
function watched(recipe: Recipe, targets: readonly Target[], item: PlanItem): Item['watch'] {
  const target = targets[item.study]!
  const stage = target.stages.find(({ id }) => id === item.stage)!
  return familyOf(recipe).route.watch(target.recipe, realise(target.recipe, {}, 0), stage)
}

const lackingIn = ({ draw }: Practised): number => draw?.items.filter(({ study }) => study === null).length ?? 0

/** Quick tests and mock exams of a set's studies. */
const testsIn = (targets: readonly Target[], record: readonly Entry[]): number =>
  currentEntries(record).filter(
    (entry) =>
      (entry.kind === 'cold-test' || entry.kind === 'mock-exam') &&
      targets.some(({ recipe }) => isAbout(recipe, entry)),
  ).length

/** Without an aim there is no plan; the record stands all the same. */
function withoutAim(file: Practised): PracticeView {
  const draw = file.draw ?? openDraw(file.set.studies.length)
  const recipes = file.set.studies.map(({ recipe }) => recipe)
  const targets = targetsFor(recipes, draw, templatesOf(file.routes))
  const today = dayOf(file.today)!
  const record = unpacked(file.record)
  const practiceState = practiceStatesToday(targets, record, draw, today, file.who)
  const rows = targets.map((_, study) => ({
    ...rowOf(file, { targets }, practiceState, today, study),
    ...{ planned: [], chance: practiceState.outlook.chances[study]! },
    between: practiceState.outlook.between[study]!,
  }))
  return {
    ...{ today, exam: null, rows, now: practiceState.outlook, then: null, days: [], next: null, minutes: 0 },
    ...{ unseen: [], changes: [], lacking: lackingIn(file), tests: testsIn(targets, record) },
  }
}

/** Whether there is an aim that is still ahead. */
export const isAhead = ({ aim, today, set }: Practised): boolean =>
  aim !== null && set.studies.length > 0 && dayOf(aim.exam)! > dayOf(today)!

export const preparationIn = (file: Practised): Preparation =>
  preparationFor(writtenOf({ ...file, aim: file.aim!, record: unpacked(file.record) }))

/** Everything that the page shows of a set's practice. */
export function viewOf(file: Practised): PracticeView {
  if (!isAhead(file)) return withoutAim(file)
  const preparation = preparationIn(file)
  const { aim, targets } = preparation
  const prepared = prepare(preparation)
  const { plan, then, outlook: now } = prepared
  const rows = targets.map((_, study) => ({
    ...rowOf(file, preparation, prepared, aim.today, study),
    planned: plan.days.flatMap(({ day, items }) =>
      items.filter((item) => item.study === study).map(({ tempo, test }) => ({ day, tempo, test })),
    ),
    ...{ chance: then.chances[study]!, between: then.between[study]! },
  }))
  const next = plan.days.find(({ items }) => items.length > 0)
  const minutes = practiceDays(aim).find(({ day }) => day === next?.day)?.minutes ?? aim.minutesADay
  return {
    ...{ today: aim.today, exam: aim.exam, rows, now, then, days: plan.days, minutes, unseen: plan.unseen },
    lacking: lackingIn(file),
    tests: testsIn(targets, preparation.record),
    next: next
      ? {
          ...next,
          items: next.items.map((item) => ({ ...item, watch: watched(rows[item.study]!.recipe, targets, item) })),
        }
      : null,
    changes: changeBy(preparation, plan, ({ date }) => date === dateOf(aim.today)),
  }
}
