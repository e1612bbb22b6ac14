import type { Message } from '../message'
import { completeRecipe, type RecipeInput } from '../instrument'
import { atomsOf } from './expand'
import { matchOf, type Policies } from './match'
import { isFor, type Syllabus } from './model'

/** Where one study is asked, and how near it comes. */
export interface SyllabusMatch {
  readonly syllabus: string
  readonly title: string
  readonly grade: string
  readonly gradeTitle: string
  readonly words: Message
  readonly status: 'covered' | 'near'
  readonly reasons: readonly Message[]
}

/** The grades of some syllabi that ask for a study: in each the atom that it comes nearest to. */
export function matchesIn(syllabi: readonly Syllabus[], study: RecipeInput, policies?: Policies): SyllabusMatch[] {
  const recipe = completeRecipe(study)
  return syllabi
    .filter(({ instrument }) => isFor(instrument, recipe))
    .flatMap((syllabus) =>
      syllabus.grades.flatMap((grade): SyllabusMatch[] => {
        const found = atomsOf(syllabus, grade).flatMap((atom) => {
          const match = matchOf(recipe, atom, policies)
          return match ? [{ atom, match }] : []
        })
        const [best] = found.sort((a, b) => a.match.effort - b.match.effort)
        if (!best) return []
        const { short } = best.match
        return [
          {
            ...{ syllabus: syllabus.id, title: syllabus.title, grade: grade.id, gradeTitle: grade.title },
            words: best.atom.words,
            status: short.length === 0 ? 'covered' : 'near',
            reasons: short.map((each) => each.message()),
          },
        ]
      }),
    )
}
