import { parseArgs } from 'node:util'
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
import { guarded, readSyllabus } from './files'
import { type Answer, answerLines, answerWhole, MAX_WHOLE } from './lines'
import { refuse } from './messages'
import type { Terminal } from './terminal'

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

/** What would help, with what each comes to. */
function helpOf(preparation: Preparation, prepared: Prepared, prescription: Prescribed): object[] {
  const grades = prescription.instead.map(({ studies, ...other }) => ({
    ...other,
    targets: targetsFor(studies, other.draw),
  }))
  return wouldHelp(preparation, prepared, grades, leavingOut(prescription, preparation.record)).map((help) => ({
    ...help,
    ...('exam' in help ? { exam: dateOf(help.exam) } : {}),
    chance: rounded(help.chance),
    words: helpMessage(help),
  }))
}

function answerOf(preparation: Preparation, prepared: Prepared, prescription: Prescribed, help: boolean): Answer {
  const { aim, targets } = preparation
  const { examined, studies } = prescription
  const { states, practiceStates, plan, outlook, then } = prepared
  return {
    states: states.map((state, study) => ({
      study,
      stage: targets[study]!.stages[state.stage]!.id,
      standing: practiceStates[study]!,
      cleanTempo: state.cleanTempo,
      stability: rounded(state.memory?.stability ?? 0),
      recall: rounded(recallOn(state, aim.today)),
      chanceNow: rounded(outlook.chances[study]!),
      chanceThen: rounded(then.chances[study]!),
    })),
    days: plan.days.map(({ day, items }) => ({ date: dateOf(day), items })),
    chance: rounded(then.chance),
    low: rounded(then.low),
    high: rounded(then.high),
    notReady: then.notReady,
    unseen: plan.unseen,
    // what a list asks is planned in these
    ...(examined ? { studies } : {}),
    ...(help ? { wouldHelp: helpOf(preparation, prepared, prescription) } : {}),
  }
}

/** The plan to an exam, with how the studies stand and whether it will do. @throws DomainError naming the field */
export function planLine(value: unknown): Answer {
  const request = planRequestOf(value)
  const record = request.record.map(entryOf)
  const prescription = prescribed(request, record)
  const preparation = preparationFor({
    ...request,
    studies: prescription.studies,
    record,
    draw: prescription.draw,
  })
  return answerOf(preparation, prepare(preparation), prescription, request.help)
}

const OPTIONS = { lines: { type: 'boolean', default: false } } as const

/** @throws DomainError where an option is unknown */
function optionsOf(args: readonly string[]) {
  try {
    return parseArgs({ args: [...args], options: OPTIONS }).values
  } catch (error) {
    throw refuse('option.unknown', { why: (error as Error).message }, '')
  }
}

/** One request over as many lines as it takes; with `--lines` one a line, each answered before the next is read. */
export async function plan(args: readonly string[], terminal: Terminal): Promise<number> {
  let lines = false
  const refused = await guarded(terminal, () => {
    ;({ lines } = optionsOf(args))
  })
  if (refused !== 0) return refused
  return lines ? answerLines(terminal, planLine, MAX_WHOLE) : answerWhole(terminal, planLine)
}
