import { completeRecipe, type Recipe } from '#core/instrument'
import {
  dateOf,
  type Entry,
  type Examined,
  examDraw,
  type GradeInstead,
  gradesBelow,
  helpMessage,
  type LeavingOut,
  preparationFor,
  prepare,
  type Prepared,
  type Preparation,
  recallOn,
  targetsFor,
  wouldHelp,
} from '#core/practice'
import { type ExamDraw, gradeOf, gradeSet, recipesForMissing, DEFAULT_POLICIES } from '#core/syllabus'
import type { PlanRequest } from '#shared/practiceSchema'
import { planRequestOf, syllabusOf } from '#shared/schemas'
import { readSyllabus } from './files'
import type { Answer } from './lines'

/** What is practised, and what an exam draws from it. */
interface Prescribed {
  readonly studies: readonly Recipe[]
  readonly examined?: Examined
  readonly draw?: ExamDraw
  readonly instead: readonly GradeInstead[]
}

/** Studies as they are given, those of a grade, or both: then the grade's draw is held against the studies. */
function prescribed({ studies, syllabus, grade }: PlanRequest, record: readonly Entry[]): Prescribed {
  if (syllabus === undefined) return { studies: studies!.map((study) => completeRecipe(study)), instead: [] }
  const list = typeof syllabus === 'string' ? readSyllabus(syllabus, 'syllabus') : syllabusOf(syllabus)
  const target = gradeOf(list, grade!)
  const own = (studies ?? recipesForMissing(list, gradeSet(list, target.id, []))).map((study) => completeRecipe(study))
  const instead = gradesBelow(list, target.id, own, DEFAULT_POLICIES)
  const examined = { list, grade: target.id, policies: DEFAULT_POLICIES }
  return { studies: own, instead, examined, draw: examDraw(examined, own, record) }
}

const entryOf = ({ study, hands, octaves, ...rest }: PlanRequest['record'][number]): Entry => {
  const recipe = completeRecipe(study)
  return { ...rest, study: recipe, hands: hands ?? recipe.hands, octaves: octaves ?? recipe.octaves }
}

const rounded = (value: number, places = 4): number => Number(value.toFixed(places))

/** What is practised and asked once some studies are left out: the list still asks what it asked. */
function leavingOut({ examined, studies }: Prescribed, record: readonly Entry[]): LeavingOut | undefined {
  if (!examined) return undefined
  return (left) => {
    const others = studies.filter((_, at) => !left.includes(at))
    const draw = examDraw(examined, others, record)
    return { draw, targets: targetsFor(others, draw) }
  }
}

function answerOf(preparation: Preparation, prepared: Prepared, prescription: Prescribed): Answer {
  const { aim, targets, record } = preparation
  const { instead, examined, studies } = prescription
  const { states, practiceStates, plan, then } = prepared
  const grades = instead.map(({ studies, ...other }) => ({ ...other, targets: targetsFor(studies, other.draw) }))
  return {
    states: states.map((state, study) => ({
      study,
      stage: targets[study]!.stages[state.stage]!.id,
      standing: practiceStates[study]!,
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
    // what a list asks is planned in these
    ...(examined ? { studies } : {}),
    wouldHelp: wouldHelp(preparation, prepared, grades, leavingOut(prescription, record)).map((help) => ({
      ...help,
      ...('exam' in help ? { exam: dateOf(help.exam) } : {}),
      chance: rounded(help.chance),
      words: helpMessage(help),
    })),
  }
}

/** The plan to an exam, with how the studies stand and whether it will do. @throws DomainError naming the field */
export function planLine(value: unknown): Answer {
  const request = planRequestOf(value)
  const record = request.record.map(entryOf)
  const prescription = prescribed(request, record)
  const preparation = preparationFor({ ...request, studies: prescription.studies, record, draw: prescription.draw })
  return answerOf(preparation, prepare(preparation), prescription)
}
