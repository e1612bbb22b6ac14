import { expose } from 'comlink'
import type { ErrorData as Fault, Message } from '#core/message'
import { familyOf, type Recipe, type RecipeInput, type Stage } from '#core/instrument'
import { type Help, prepare, targetsFor, wouldHelp } from '#core/practice'
import { realise, titleOf } from '#core/realise'
import { openDraw } from '#core/syllabus'
import type { LessonFile } from '#shared/lessonFile'
import { lessonViewOf, type LessonView } from '#shared/lessonView'
import { templatesOf } from '#shared/preparation'
import { drawOfRest, triedOn } from '../practice/trial'
import { type Practised, type PracticeView, preparationIn, viewOf } from '#shared/practiceView'
import { guarded } from './guarded'

const api = {
  /** Where everything stands, and the plan. */
  view: (file: Practised): { view: PracticeView } | { fault: Fault } => guarded(() => ({ view: viewOf(file) })),

  /** The same if something that would help were done. */
  trial: (file: Practised, help: Help): { view: PracticeView } | { fault: Fault } =>
    guarded(() => ({ view: viewOf(triedOn(file, help)) })),

  /** What a lesson shows: what was set, what is asked, what is set next. */
  lesson: (file: LessonFile): { view: LessonView } | { fault: Fault } => guarded(() => ({ view: lessonViewOf(file) })),

  /** What would help where the plan will not do. */
  help: (file: Practised): { help: readonly Help[] } | { fault: Fault } =>
    guarded(() => {
      const preparation = preparationIn(file)
      const grades = file.instead.map(({ studies, ...other }) => ({
        ...other,
        targets: targetsFor(studies, other.draw, templatesOf(file.routes)),
      }))
      const { studies } = file.set
      const leavingOut = (left: readonly number[]) => {
        const remaining = studies.filter((_, at) => !left.includes(at))
        const draw = drawOfRest(file, remaining) ?? openDraw(remaining.length)
        const recipes = remaining.map(({ recipe }) => recipe)
        return { draw, targets: targetsFor(recipes, draw, templatesOf(file.routes)) }
      }
      return { help: wouldHelp(preparation, prepare(preparation), grades, leavingOut) }
    }),

  /** The studies in which a stage is practised, each with its title. @param bpm beats a minute */
  stage: (
    recipe: Recipe,
    stage: Stage,
    bpm: number,
  ): { studies: readonly { recipe: RecipeInput; title: Message }[] } | { fault: Fault } =>
    guarded(() => {
      const { route } = familyOf(recipe)
      const studies = route.studies(recipe, realise(recipe, {}, 0), stage, bpm)
      return {
        studies: studies.map((each) => {
          const own = realise(each as RecipeInput, {}, 0)
          return { recipe: each as RecipeInput, title: titleOf(own.recipe) }
        }),
      }
    }),
}

export type PracticeApi = typeof api
expose(api)
