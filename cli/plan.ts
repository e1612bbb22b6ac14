import { completeRecipe, type Recipe } from '#core/instrument'
import {
  dateOf,
  type Entry,
  type GradeInstead,
  gradesBelow,
  helpTold,
  preparationFor,
  prepare,
  type Prepared,
  type Preparation,
  recallOn,
  targetsFor,
  wouldHelp,
} from '#core/practice'
import {
  askedGrade,
  atomsOf,
  drawOf,
  type ExamDraw,
  gradeOf,
  gradeSet,
  recipesForMissing,
  USUAL_POLICIES,
} from '#core/syllabus'
import type { PlanRequest } from '#shared/practiceSchema'
import { planRequestOf, syllabusOf } from '#shared/schemas'
import { readSyllabus } from './files'
import type { Answer } from './lines'

/** What is practised, and what an exam draws from it. */
interface Prescribed {
  readonly studies: readonly Recipe[]
  readonly draw?: ExamDraw
  readonly instead: readonly GradeInstead[]
}

/** Studies as they are given, those of a grade, or both: then the grade's draw is held against the studies. */
function prescribed({ studies, syllabus, grade }: PlanRequest): Prescribed {
  if (syllabus === undefined) return { studies: studies!.map((study) => completeRecipe(study)), instead: [] }
  const list = typeof syllabus === 'string' ? readSyllabus(syllabus, 'syllabus') : syllabusOf(syllabus)
  const asked = gradeOf(list, grade!)
  const own = (studies ?? recipesForMissing(list, gradeSet(list, asked.id, []))).map((study) => completeRecipe(study))
  const instead = gradesBelow(list, asked.id, own, USUAL_POLICIES)
  return {
    studies: own,
    instead,
    draw: drawOf(askedGrade(list, asked), atomsOf(list, asked), gradeSet(list, asked.id, own)),
  }
}

const entryOf = ({ study, hands, octaves, ...rest }: PlanRequest['record'][number]): Entry => {
  const recipe = completeRecipe(study)
  return { ...rest, study: recipe, hands: hands ?? recipe.hands, octaves: octaves ?? recipe.octaves }
}

const rounded = (value: number, places = 4): number => Number(value.toFixed(places))

function answerOf(preparation: Preparation, prepared: Prepared, instead: Prescribed['instead']): Answer {
  const { aim, targets } = preparation
  const { states, standings, plan, then } = prepared
  const grades = instead.map(({ studies, ...other }) => ({ ...other, targets: targetsFor(studies, other.draw) }))
  return {
    states: states.map((state, study) => ({
      study,
      stage: targets[study]!.stages[state.stage]!.id,
      standing: standings[study]!,
      cleanTempo: state.cleanTempo,
      stability: rounded(state.memory?.stability ?? 0),
      recall: rounded(recallOn(state, aim.today)),
    })),
    days: plan.days.map(({ day, items }) => ({ date: dateOf(day), items })),
    chance: rounded(then.chance),
    low: rounded(then.low),
    high: rounded(then.high),
    notReady: then.notReady,
    unseen: plan.unseen,
    wouldHelp: wouldHelp(preparation, prepared, grades).map((help) => ({
      ...help,
      ...('exam' in help ? { exam: dateOf(help.exam) } : {}),
      chance: rounded(help.chance),
      words: helpTold(help),
    })),
  }
}

/** The plan to an exam, with how the studies stand and whether it will do. @throws RecipeError naming the field */
export function planLine(value: unknown): Answer {
  const request = planRequestOf(value)
  const { studies, draw, instead } = prescribed(request)
  const preparation = preparationFor({ ...request, studies, record: request.record.map(entryOf), draw })
  return answerOf(preparation, prepare(preparation), instead)
}
