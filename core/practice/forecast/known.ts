import { type Aim, practiceDays } from '../calendar'
import { wholeWay } from '../course'
import { dayOf, WEEKDAYS } from '../days'
import { difficultyOf, SOME_LEVEL } from '../difficulty'
import { currentEntries, type Entry, studyKeyOf } from '../entry'
import { likeness } from '../likeness'
import type { Target } from '../target'
import { byLine, type Evidence, evidenceOf, PUPIL_HALF_LIFE } from './evidence'
import { type Around, featuresOf, type Keeping, sumOf } from './features'

/** What a forecast is made from, of one pupil. */
export interface Grounds {
  readonly targets: readonly Target[]
  readonly record: readonly Entry[]
  readonly today: number
  /** What is worked towards; without it nothing is planned, and only today can be forecast. */
  readonly aim: Aim | null
  /** The level that the pupil is at, from 1; null where nobody said. */
  readonly level?: number | null
  /** Whether none of it is practised any more. */
  readonly idle?: boolean
}

/** What stands before a forecast is weighed: values for each study by the features, today and on the exam's day. */
export interface Known {
  readonly now: readonly (readonly number[])[]
  readonly then: readonly (readonly number[])[]
  readonly horizon: number
  /** How much was heard cold of this pupil, and of each study, in entries of today. */
  readonly heard: number
  readonly heardOf: readonly number[]
}

/** Index of difficulty of what is played at a level, and what each further level adds (ours; by graded lists as they are common). */
const [FIRST_LEVEL, EACH_LEVEL] = [22, 5.5]
/** So much of a plan is taken to be done where a record says nothing of it, a week (ours): minutes. */
const MINUTES_A_WEEK = 60
const WEEK = WEEKDAYS.length
/** Practice days of the week where no aim says (ours). */
const DAYS_A_WEEK = 5

const minutesAhead = (aim: Aim): number =>
  practiceDays({ ...aim, spent: 0 }).reduce((sum, { minutes, testsOnly }) => sum + (testsOnly ? 0 : minutes), 0)

/** An entry as far as habits of writing down go. */
interface Line {
  readonly key: string
  readonly day: number
  readonly outcome: Entry['outcome']
}

/** Entries from which a habit is read, and the share of what went well under which only failures are thought to be written down (ours). */
const [ENOUGH, FEW_RIGHT] = [5, 0.3]

/** How sure it is that only what went wrong is written down. */
function failuresOnlyIn(lines: readonly Line[]): number {
  const right = lines.filter(({ outcome }) => outcome === 'right').length
  const share = lines.length === 0 ? 1 : right / lines.length
  return Math.max(0, 1 - share / FEW_RIGHT) * (lines.length / (ENOUGH + lines.length))
}

/** Share of the practice days of which nothing is known, drawn to a half while they are few. */
function unknownIn(lines: readonly Line[], { today, aim }: Grounds): number {
  const good = new Set(lines.flatMap(({ day, outcome }) => (outcome === 'wrong' ? [] : [day])))
  if (good.size === 0) return 0.5
  const aWeek = aim ? new Set([...aim.days, ...(aim.lesson ? [aim.lesson] : [])]).size : DAYS_A_WEEK
  const practice = ((today - Math.min(...good) + 1) * aWeek) / WEEK
  return (2 + Math.max(0, practice - good.size)) / (4 + Math.max(practice, good.size))
}

/**
 * How a record is kept, as what it says of a pupil's other studies tells: so no entry of a study changes by its habit what
 * it says by itself.
 */
const keepingBeside = (key: string, lines: readonly Line[], grounds: Grounds): Keeping => {
  const others = lines.filter((line) => line.key !== key)
  const failuresOnly = failuresOnlyIn(others)
  // what went well is not written down then
  return { unknown: Math.max(failuresOnly, unknownIn(others, grounds)), failuresOnly }
}

/** What is known of each study of a pupil, in numbers. */
export function knownOf(grounds: Grounds): Known {
  const { targets, record, today, aim, level = null, idle = false } = grounds
  const lines = byLine(record)
  const all = currentEntries(record).map(({ study, date, outcome }): Line => ({
    key: studyKeyOf(study),
    day: dayOf(date)!,
    outcome,
  }))
  const own = evidenceOf(targets, lines, today)
  const pupil = sumOf(
    evidenceOf(targets, lines, today, PUPIL_HALF_LIFE),
    targets.map(() => 1),
  )
  const wants = targets.reduce((sum, target) => sum + wholeWay(target), 0)
  const first = all.find(({ outcome }) => outcome !== 'wrong')?.day ?? today
  const before = (((today - first) / WEEK) * MINUTES_A_WEEK) / wants
  const ahead = aim && !idle ? minutesAhead(aim) / wants : 0
  const usual = level === null ? SOME_LEVEL : FIRST_LEVEL + EACH_LEVEL * level
  const around = targets.map((target, at): Omit<Around, 'ahead'> => ({
    like: sumOf(
      own,
      targets.map((other, place) => (place === at ? 0 : likeness(target, other))),
    ),
    above: (difficultyOf(target.recipe) - usual) / 10,
    ...{ pupil, before, kept: keepingBeside(target.studyKey, all, grounds) },
  }))
  const horizon = aim ? Math.max(0, aim.exam - today) : 0
  const values = (days: number, minutes: number) =>
    own.map((each: Evidence, at) => featuresOf(each, { ...around[at]!, ahead: minutes }, days))
  const heard = pupil.cold.right + pupil.cold.wrong
  const heardOf = own.map(({ cold }) => cold.right + cold.wrong)
  return { now: values(0, 0), then: aim ? values(horizon, ahead) : values(0, 0), horizon, heard, heardOf }
}
