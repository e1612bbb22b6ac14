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
import { type Entry, studyKeyOf, currentEntries } from './entry'
import { type Besides, chanceNow } from './outlook'
import { statesOf } from './state'
import { targetFor } from './target'

/** What somebody is examined by. */
export interface Examined {
  readonly list: Syllabus
  readonly grade: string
  readonly policies: Policies
}

/** Studies of a record that are none of those that are practised, each once. */
export function practisedBeside(studies: readonly Recipe[], record: readonly Entry[]): Recipe[] {
  const known = new Set(studies.map((each) => `${studyKeyOf(each)} ${each.hands}`))
  const found = new Map<string, Recipe>()
  for (const { study } of currentEntries(record)) {
    const studyKey = `${studyKeyOf(study)} ${study.hands}`
    if (!known.has(studyKey)) found.set(studyKey, study)
  }
  return [...found.values()]
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

/** The chances of what can be asked on a day although nobody practises it any more, by the item of the draw. */
export function besidesOn({ items }: ExamDraw, record: readonly Entry[], day: number): Besides {
  const left = items.flatMap(({ beside, required }, item) =>
    beside ? [{ item, target: targetFor(beside, required) }] : [],
  )
  const targets = left.map(({ target }) => target)
  const states = statesOf(targets, record)
  return new Map(left.map(({ item, target }, at) => [item, chanceNow(target, states[at]!, day)]))
}
