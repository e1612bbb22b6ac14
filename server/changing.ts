import { alters, altered, movesNotes, type RecipeInput } from '#core/instrument'
import { type Message, DomainError } from '#core/message'
import { acceptedOf, departures, realise } from '#core/realise'
import { errorMessage } from '#words'
import type { StudyContent } from './db'

/** What a study would be with some of it changed, or why it cannot be. */
export interface ChangedStudy {
  readonly title: Message | null
  readonly content: StudyContent | null
  /** Notes that get other fingers or sticks; null where the notes themselves are others. */
  readonly marks: number | null
  readonly wrong: Message | null
}

/** A tempo alone leaves the fingers that were accepted. */
const keepsMarks = (some: Partial<RecipeInput>): boolean => Object.keys(some).every((field) => field === 'tempo')

/** A study with what it has not yet of a change; null where it has all of it. */
export function changedStudy({ recipe, accepted }: StudyContent, change: Partial<RecipeInput>): ChangedStudy | null {
  const some = alters(recipe, change)
  if (Object.keys(some).length === 0) return null
  try {
    const study = realise(altered(recipe, some), keepsMarks(some) ? accepted : {}, 0)
    const marks = movesNotes(recipe, some) ? null : departures(study, accepted).length
    const content = { recipe: study.recipe, accepted: acceptedOf(study) }
    return { title: study.title, content, marks, wrong: null }
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    return { title: null, content: null, marks: null, wrong: errorMessage(error) }
  }
}
