import type { Recipe } from '../instrument'
import {
  currentEntries,
  type Date,
  dateOf,
  dayOf,
  type Entry,
  isAbout,
  type Outcome,
  type PlannedDay,
  type PlanItem,
  type StudyState,
  type Target,
  type Weekday,
  weekdayOf,
  WEEKDAYS,
  type Where,
} from '../practice'
import type { Hands } from '../study'
import { courseKeyOf } from './levels'

/** Why a line stands in a week. */
export const BECAUSE = ['wrong', 'due', 'on-the-way', 'new', 'by-hand'] as const
export type Because = (typeof BECAUSE)[number]

/** One thing that is set for a week. */
export interface WeekLine {
  readonly id: string
  /** The study in the library; null where it is kept nowhere. */
  readonly studyId: string | null
  readonly study: Recipe
  readonly hands: Hands
  readonly octaves: number
  /** The stage of the way through the study; null where the teacher said only what to play. */
  readonly stage: string | null
  /** Notes a minute, and the tempo that is to be reached in the week, no less. */
  readonly tempo: number
  readonly reach: number
  /** Minutes a day. */
  readonly minutes: number
  /** Days on which it is practised, in the order of the week. */
  readonly days: readonly Weekday[]
  /** A quick test rather than practice. */
  readonly test: boolean
  /** The place to work at. */
  readonly where: Where | null
  readonly because: Because
  /** What the teacher says of it. */
  readonly note: string
}

/** What is set for a pupil from one lesson to the next. */
export interface Week {
  readonly from: Date
  readonly lines: readonly WeekLine[]
  readonly note: string
}

/** Studies as a plan has them, and how they stand. */
export interface Planned {
  readonly days: readonly PlannedDay[]
  readonly targets: readonly Target[]
  readonly states: readonly StudyState[]
  /** Ids of the studies in the library. */
  readonly ids: readonly (string | null)[]
  /** Studies that the pupil has not begun yet. */
  readonly fresh: ReadonlySet<number>
}

/** Sittings of one study that are one line: those at a place that went wrong, the tests, the others. */
const kindOf = ({ test, where }: PlanItem): string => (where !== undefined ? 'place' : test ? 'test' : 'stage')

interface Gathered {
  readonly items: PlanItem[]
  readonly days: Weekday[]
}

function gathered(days: readonly PlannedDay[]): Map<string, Gathered> {
  const found = new Map<string, Gathered>()
  for (const { day, items } of days) {
    for (const item of items) {
      const key = `${item.study} ${kindOf(item)}`
      const own = found.get(key) ?? { items: [], days: [] }
      own.items.push(item)
      own.days.push(weekdayOf(day))
      found.set(key, own)
    }
  }
  return found
}

const RANK: Readonly<Record<string, number>> = { place: 0, stage: 1, test: 2 }
const inWeekOrder = (days: readonly Weekday[]): Weekday[] => WEEKDAYS.filter((day) => days.includes(day))

/**
 * A week as the plan has it: its sittings, study by study. What went wrong comes first, tests come last.
 * @param newId makes an id for a line
 */
export function proposedLines(
  { days, targets, ids, fresh }: Planned,
  { from, until }: { readonly from: number; readonly until: number },
  newId: () => string,
): WeekLine[] {
  const within = days.filter(({ day }) => day > from && day <= until)
  return [...gathered(within).values()]
    .map(({ items, days: own }): WeekLine => {
      const [first] = items as [PlanItem]
      const { study, stage, hands, octaves, test, where = null } = first
      const tempi = items.map(({ tempo }) => tempo)
      const wrong = kindOf(first) === 'place'
      return {
        ...{ id: newId(), studyId: ids[study]!, study: targets[study]!.recipe, hands, octaves, stage, test, where },
        ...{ tempo: first.tempo, reach: Math.max(...tempi), days: inWeekOrder(own), note: '' },
        minutes: Math.max(...items.map(({ minutes }) => minutes)),
        because: wrong ? 'wrong' : test ? 'due' : fresh.has(study) ? 'new' : 'on-the-way',
      }
    })
    .map((line, at) => ({ line, at, rank: RANK[line.because === 'wrong' ? 'place' : line.test ? 'test' : 'stage']! }))
    .sort((a, b) => a.rank - b.rank || a.at - b.at)
    .map(({ line }) => line)
}

/** The tempo that was last set of a study for some hands, notes a minute; null where none was. */
export function tempoSet(lines: readonly WeekLine[], study: Recipe, hands: Hands): number | null {
  const own = lines.filter((line) => courseKeyOf(line.study) === courseKeyOf(study) && line.hands === hands)
  return (own.find(({ test }) => !test) ?? own[0])?.reach ?? null
}

/** What was heard of a line on one day: from home, or nothing. */
export interface Box {
  readonly day: number
  readonly outcome: Outcome | null
  /** The entry that says so; null where none does. */
  readonly entry: string | null
}

/** Whether an entry tells of a line: its study, by the hands that it was set for. */
const tellsOf = ({ study, hands }: WeekLine, entry: Entry): boolean =>
  entry.kind === 'home' && isAbout(study, entry) && entry.hands === hands

/**
 * What came of a week: for each line a box a day, from the day after it was set to the day before `until`.
 * Several entries of a day count as the worst of them.
 */
export function boxesOf({ from, lines }: Week, record: readonly Entry[], until: Date): Box[][] {
  const [first, last] = [dayOf(from)! + 1, dayOf(until)! - 1]
  const home = currentEntries(record).filter(({ kind, date }) => kind === 'home' && date > from && date < until)
  const worst = (outcomes: readonly Outcome[]): Outcome | null =>
    (['wrong', 'hesitated', 'right'] as const).find((each) => outcomes.includes(each)) ?? null
  return lines.map((line) =>
    Array.from({ length: Math.max(0, last - first + 1) }, (_, at): Box => {
      const day = first + at
      const own = home.filter((entry) => entry.date === dateOf(day) && tellsOf(line, entry))
      return { day, outcome: worst(own.map(({ outcome }) => outcome)), entry: own.at(-1)?.id ?? null }
    }),
  )
}
