import type { Recipe, Template } from '../instrument'
import { type ExamDraw, openDraw } from '../syllabus'
import type { Aim } from './calendar'
import { type Date, dayOf, type Weekday } from './days'
import type { Correction } from './forecast'
import type { Entry } from './entry'
import { practiceError } from './messages'
import type { Preparation } from './practise'
import { type Target, targetFor } from './target'

/** What is worked towards, as it is written and kept. */
export interface WrittenAim {
  readonly exam: Date
  readonly minutesADay: number
  readonly days: readonly Weekday[]
  readonly lesson?: Weekday | null
  /** Minutes that a lesson has for these studies; a third of half an hour where nobody says. */
  readonly lessonMinutes?: number | null
  /** Rest days and holidays, from and to. */
  readonly away?: readonly { readonly from: Date; readonly to: Date }[]
  /** Studies, by their place, that the teacher has put into a week: any day of it. */
  readonly pins?: readonly { readonly study: number; readonly week: Date }[]
}

/** A plan further off than this is none, years. */
const MAX_YEARS = 3
const DAYS_A_YEAR = 366

/** @throws DomainError `date.unknown` */
function day(text: Date, path: string): number {
  const found = dayOf(text)
  if (found === null) throw practiceError('date.unknown', { date: text.slice(0, 20) }, path)
  return found
}

/** @throws DomainError naming the date that is wrong */
function aimOf(written: WrittenAim, today: number, todayText: Date, record: readonly Entry[]): Aim {
  const exam = day(written.exam, 'exam')
  if (exam <= today) throw practiceError('exam.past', { date: written.exam }, 'exam')
  if (exam - today > MAX_YEARS * DAYS_A_YEAR) throw practiceError('exam.far', { years: MAX_YEARS }, 'exam')
  const away = (written.away ?? []).map(({ from, to }, at) => {
    const [first, last] = [day(from, `away[${at}].from`), day(to, `away[${at}].to`)]
    if (last < first) throw practiceError('away.order', { from, to }, `away[${at}].to`)
    return { from: first, to: last }
  })
  const spent = record.reduce((sum, { date, minutes }) => sum + (date === todayText ? minutes : 0), 0)
  const { minutesADay, days, lesson = null, lessonMinutes = null } = written
  return { today, exam, minutesADay, lessonMinutes, days, lesson, away, spent }
}

/** Checks an aim by itself, whatever is practised towards it. @throws DomainError naming the date that is wrong */
export function checkAim(written: WrittenAim, today: Date): void {
  aimOf(written, day(today, 'today'), today, [])
}

/** The studies of a set on their way to what the list asks of each, or else to what their sheets say. */
export function targetsFor(
  recipes: readonly Recipe[],
  draw: ExamDraw,
  templateFor: (recipe: Recipe) => Template | undefined = () => undefined,
): Target[] {
  const required = new Map(
    draw.items.flatMap(({ study, required: needed }) => (study === null ? [] : [[study, needed] as const])),
  )
  return recipes.map((recipe, at) => targetFor(recipe, required.get(at) ?? null, templateFor(recipe)))
}

/** Everything that a plan is made from, as it is written. */
export interface WrittenPreparation extends WrittenAim {
  readonly today: Date
  readonly studies: readonly Recipe[]
  readonly record: readonly Entry[]
  /** What the exam draws from; without a list, six of all studies. */
  readonly draw?: ExamDraw
  readonly templateFor?: (recipe: Recipe) => Template | undefined
  readonly level?: number | null
  readonly correction?: Correction
}

/** @throws DomainError where an entry is dated on no day, or after today */
export function checkRecord(record: readonly Entry[], today: Date, path = 'record'): void {
  const last = day(today, 'today')
  record.forEach(({ date }, at) => {
    if (day(date, `${path}[${at}].date`) > last) throw practiceError('entry.future', { date }, `${path}[${at}].date`)
  })
}

/** Reads what a plan is made from. @throws DomainError naming the field */
export function preparationFor(written: WrittenPreparation): Preparation {
  const { today, studies, record, draw = openDraw(studies.length), pins = [], level, correction } = written
  if (studies.length === 0) throw practiceError('studies.none', {}, 'studies')
  const now = day(today, 'today')
  checkRecord(record, today)
  return {
    aim: aimOf(written, now, today, record),
    targets: targetsFor(studies, draw, written.templateFor),
    record,
    ...{ draw, level, correction },
    pins: pins.map(({ study, week }, at) => ({ study, week: day(week, `pins[${at}].week`) })),
  }
}
