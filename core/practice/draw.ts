import type { Recipe } from '../instrument'
import {
  fullGrade,
  atomsOf,
  drawOf,
  type ExamDraw,
  gradeOf,
  gradeSet,
  type Means,
  type Policies,
  type Syllabus,
} from '../syllabus'
import type { Entry } from './entry'
import { type Correction, type Forecast, forecastFor, type Grounds } from './forecast'
import type { Besides } from './outlook'
import { practisedBeside } from './practised'
import { targetFor } from './target'

/** What somebody is examined by. */
export interface Examined {
  readonly list: Syllabus
  readonly grade: string
  readonly policies: Policies
}

/** What an exam may ask: of each item the study in which it is practised, or else what the record knows of it. */
export function examDraw(
  { list, grade, policies }: Examined,
  studies: readonly Recipe[],
  record: readonly Entry[],
  means?: Means,
): ExamDraw {
  const own = gradeOf(list, grade)
  const recipes = practisedBeside(studies, record)
  const reportOf = (some: readonly Recipe[]) => gradeSet(list, grade, some, policies, means)
  const beside = recipes.length > 0 ? { recipes, report: reportOf(recipes) } : undefined
  return drawOf(fullGrade(list, own), atomsOf(list, own), reportOf(studies), beside)
}

/** What is said of what can be asked although nobody practises it any more, by the item of the draw. */
export function besidesOf(
  { items }: ExamDraw,
  grounds: Omit<Grounds, 'targets' | 'idle'>,
  correction?: Correction,
): { readonly now: Besides; readonly then: Besides } {
  const left = items.flatMap(({ beside, required }, item) =>
    beside ? [{ item, target: targetFor(beside, required) }] : [],
  )
  if (left.length === 0) return { now: new Map(), then: new Map() }
  const forecast = forecastFor({ ...grounds, targets: left.map(({ target }) => target), idle: true }, correction)
  const by = (of: keyof Pick<Forecast, 'now' | 'then'>): Besides =>
    new Map(left.map(({ item }, at) => [item, forecast[of][at]!]))
  return { now: by('now'), then: by('then') }
}
