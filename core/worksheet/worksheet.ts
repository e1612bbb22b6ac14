import { type KindId, KINDS, MAX_SIGNS, signatureOf, usualTonics } from '../material'
import { DomainError } from '../message'
import { seeded, some } from '../random'
import { type Note, noteName } from '../pitch'
import { type Level, type Question, type Task, TASKS } from './question'
import type { Motif } from '../study'
import { questionOn, type Settings, studiesFor, type Studies } from './tasks'

export interface WorksheetRequest {
  readonly tasks: readonly Task[]
  readonly kinds: readonly KindId[]
  readonly level: Level
  /** Tonics that may be asked, `F#`; none named, all that the level has. */
  readonly keys?: readonly string[]
  /** Questions of each task, at the most. */
  readonly each: number
  /** A whole number; the same one makes the same sheet. */
  readonly seed: number
  readonly settings: Settings
  /** What is gone on with, where a line is asked. */
  readonly motif?: Motif
}

/** Three notes up and back to the first. */
export const DEFAULT_MOTIF: Motif = [1, 2, 3, 1]

/** All questions of one task. */
export interface Section {
  readonly task: Task
  readonly questions: readonly Question[]
}

const SIGNS: Readonly<Record<Level, number>> = { 1: 2, 2: 4, 3: MAX_SIGNS }

/** Keys of some kinds that are asked, each with its kind: those that are named, else those of the level. */
const keysAt = ({ kinds, level, keys = [] }: WorksheetRequest): { tonic: Note; kind: KindId }[] =>
  kinds.flatMap((kind) =>
    usualTonics(KINDS[kind])
      .filter((tonic) =>
        keys.length > 0 ? keys.includes(noteName(tonic)) : Math.abs(signatureOf(tonic, KINDS[kind])) <= SIGNS[level],
      )
      .map((tonic) => ({ tonic, kind })),
  )

/** What a question of a task is about: the three minors of a tonic have one signature. */
const answerTo = ({ task, study }: Question, kind: KindId): KindId | number =>
  task === 'signature' ? study.keySignature.fifths : kind

/** Why an instrument has no line in a key. */
const LACKING: readonly string[] = ['bass.lacks', 'free.lacks', 'range']

/** A question, but for keys that the instrument at hand has not: a board of few columns. */
function askedOf(question: () => Question | null): Question | null {
  try {
    return question()
  } catch (error) {
    if (error instanceof DomainError && LACKING.includes(error.code)) return null
    throw error
  }
}

/** One task's questions: keys are drawn until there are enough. Each task has lots of its own, whatever else is asked. */
function sectionOf(task: Task, request: WorksheetRequest, studies: Studies): Section {
  const { each, seed } = request
  const random = seeded(seed * TASKS.length + TASKS.indexOf(task))
  const questions = new Map<string, Question>()
  const keys = keysAt(request)
  for (const { tonic, kind } of some(keys, keys.length, random)) {
    if (questions.size === each) break
    const question = askedOf(() => questionOn(task, tonic, kind, studies))
    if (question) questions.set(`${noteName(tonic)} ${answerTo(question, kind)}`, question)
  }
  return { task, questions: [...questions.values()] }
}

/**
 * The questions of a worksheet, task by task; a task that none of the kinds has a question for is left out.
 * @throws DomainError where the instrument does not take a kind
 */
export function questionsOf(request: WorksheetRequest): Section[] {
  const studies = studiesFor(request.settings, request.motif ?? DEFAULT_MOTIF)
  return request.tasks.map((task) => sectionOf(task, request, studies)).filter(({ questions }) => questions.length > 0)
}
