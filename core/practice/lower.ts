import { completeRecipe, type Recipe } from '../instrument'
import {
  fullGrade,
  atomsOf,
  drawOf,
  type ExamDraw,
  gradeSet,
  type Means,
  type Policies,
  recipesForMissing,
  type Settings,
  type Syllabus,
} from '../syllabus'

/** A grade as it would be practised: what serves of a set, and what would have to be added. */
export interface GradeInstead {
  readonly grade: string
  readonly title: string
  readonly studies: readonly Recipe[]
  /** Where in the set each of them stands; null for those that would have to be added. */
  readonly places: readonly (number | null)[]
  readonly draw: ExamDraw
}

/** How many grades down are looked at. */
const MAX_DOWN = 2

/** The grades below one, the nearest first, each with the studies that it takes. */
export function gradesBelow(
  list: Syllabus,
  gradeId: string,
  set: readonly Recipe[],
  policies: Policies,
  settings: Settings = {},
  means?: Means,
): GradeInstead[] {
  const at = list.grades.findIndex(({ id }) => id === gradeId)
  const below = list.grades.slice(Math.max(0, at - MAX_DOWN), Math.max(0, at)).reverse()
  return below.map((grade) => {
    const report = gradeSet(list, grade.id, set, policies, means)
    const used = new Set(report.atoms.flatMap(({ study }) => study ?? []))
    const added = recipesForMissing(list, report, { settings }).map((each) => completeRecipe(each))
    const remaining = set.flatMap((_, study) => (used.has(study) ? [study] : []))
    const studies = [...remaining.map((study) => set[study]!), ...added]
    const places = [...remaining, ...added.map(() => null)]
    const draw = drawOf(
      fullGrade(list, grade),
      atomsOf(list, grade),
      gradeSet(list, grade.id, studies, policies, means),
    )
    return { grade: grade.id, title: grade.title, studies, places, draw }
  })
}
