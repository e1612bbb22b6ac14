import { expected, type Memory, recallAfter, remembered } from './memory'
import { dueAfter, SEEN_WITHIN, type StudyState, tempoNow, type Trouble } from './state'
import { aboveTempo, slowTempo, stepsTo, stepUp, type Target } from './target'

/** Passes up to the tempo asked and past it, and the minutes of as many sittings. */
interface Left {
  readonly passes: number
  readonly minutes: number
}

/** A study on its way through a plan: where it would stand if sittings passed as often as they do on the average. */
export interface Course {
  readonly target: Target
  stage: number
  /** The stage that was played last; -1 while none was. */
  lastStage: number
  /** At which it is practised, notes a minute. */
  tempo: number
  cleanTempo: number
  /** What it still wants. */
  left: Left
  /** Of the next stage or step, 0 to 1. */
  progress: number
  memory: Memory | null
  lastTry: number | null
  /** The day on which it was begun; null while nothing of it was played. */
  begunOn: number | null
  lastSeen: number | null
  /** The last day on which somebody heard any of it. */
  heardOn: number | null
  /** The day on which a test is wanted; null while nothing can be tested. */
  due: number | null
  /** The day on which it went wrong last, while it was not asked again. */
  wrongOn: number | null
  /** What went wrong last, until it has been worked at. */
  trouble: Trouble | null
  /** Sittings that were planned, and the day after which there was nothing left to practise. */
  sittings: number
  done: number | null
}

/** The least time in which a sitting is anything at all, minutes. */
export const MIN_SITTING = 2
const WITHIN = 1e-9

export function courseFrom(target: Target, state: StudyState): Course {
  const last = state.tries.at(-1)
  const tempo = tempoNow(target, state)
  return {
    target,
    ...{ stage: state.stage, lastStage: state.lastStage },
    tempo,
    left: leftFrom(target, state.stage, tempo),
    cleanTempo: state.cleanTempo,
    progress: 0,
    memory: state.memory,
    lastTry: last?.day ?? null,
    begunOn: state.begunOn,
    lastSeen: state.lastSeen,
    heardOn: state.heardOn,
    due: dueAfter(state),
    wrongOn: state.wrongOn,
    trouble: state.trouble,
    sittings: 0,
    done: null,
  }
}

const stageNow = ({ target, stage }: Course) => target.stages[stage]!
export const isCold = ({ target, stage }: Course): boolean => stage === target.stages.length - 1
/** Whether the notes are there, slowly: what is left is tempo. */
export const hasNotes = (course: Course): boolean => stageNow(course).pace !== 'slow'
/** Whether the whole has been played, so that it can be asked. */
export const canBeTested = ({ memory, cleanTempo }: Pick<StudyState, 'memory' | 'cleanTempo'>): boolean =>
  memory !== null || cleanTempo > 0

/** Passes from here to the tempo asked and past it: one a stage, one a step of the tempo. */
function leftFrom(target: Target, stage: number, tempo: number): Left {
  const wants = target.stages
    .slice(stage, -1)
    .map(({ pace, minutes }) => ({ minutes, passes: pace === 'step' ? stepsTo(target, tempo).length : 1 }))
  return {
    passes: wants.reduce((sum, { passes }) => sum + passes, 0),
    minutes: wants.reduce((sum, { passes, minutes }) => sum + passes * minutes, 0),
  }
}

/** Minutes that a study wants from its first stage to its last, if every sitting passed. */
export const wholeWay = (target: Target): number => leftFrom(target, 0, slowTempo(target)).minutes

/** Minutes that it still wants, where a sitting passes with some chance. */
export const minutesLeft = ({ left }: Course, pace: number): number => left.minutes / pace

/** The tempo of the sitting that comes next, notes a minute. */
export function sittingTempo(course: Course): number {
  const { pace } = stageNow(course)
  if (pace === 'step') return stepUp(course.target, course.tempo)
  return pace === 'above' ? aboveTempo(course.target) : course.tempo
}

/** A test is played as fast as it was ever clean, and no faster than asked. */
export const testTempo = ({ target, cleanTempo, tempo }: Course): number =>
  Math.min(target.required, cleanTempo > 0 ? cleanTempo : tempo)

function passed(course: Course, day: number): void {
  const { target } = course
  const { pace, full } = stageNow(course)
  if (full) course.cleanTempo = Math.max(course.cleanTempo, sittingTempo(course))
  if (pace === 'step') course.tempo = sittingTempo(course)
  if (pace !== 'step' || course.tempo >= target.required) course.stage++
  // a tempo that is reached already needs no step
  if (stageNow(course).pace === 'step' && course.tempo >= target.required) course.stage++
  course.left = leftFrom(target, course.stage, course.tempo)
  if (isCold(course)) course.done = day
}

function seen(course: Course, day: number): void {
  course.begunOn ??= day
  course.lastSeen = day
}

/** The stage that can be asked cold of what is not played whole yet: the one at hand once it was practised, else the furthest that was passed; -1: none. */
export function stageToHear({ target: { stages }, stage, lastStage }: Course): number {
  const can = (each: number): boolean => stages[each]!.plain && stages[each]!.pace === 'slow'
  if (can(stage) && lastStage === stage) return stage
  return stages.findLastIndex((_, each) => each < stage && can(each))
}

/** Studies that differ by touch have the notes in common: what one has passed of them the others need not learn. */
export function shareNotes(courses: readonly Course[], from: Course): void {
  for (const course of courses) {
    if (course === from || course.target.notesKey !== from.target.notesKey) continue
    if (course.target.hands !== from.target.hands) continue
    const { stages } = course.target
    const passed = new Set(from.target.stages.slice(0, from.stage).map(({ id }) => id))
    const at = course.stage
    while (stages[course.stage]!.pace === 'slow' && passed.has(stages[course.stage]!.id)) course.stage++
    if (course.stage !== at)
      Object.assign(course, { progress: 0, left: leftFrom(course.target, course.stage, course.tempo) })
  }
}

/** A sitting that is at least half as long as its stage wants counts whole, a shorter one half: a minute more or less moves no later day (ours). */
const worth = (minutes: number, { minutes: whole }: { readonly minutes: number }): number =>
  minutes * 2 >= whole ? 1 : 0.5

/** A sitting of the stage at hand. @param pace the chance that a whole one passes */
export function sit(course: Course, day: number, minutes: number, pace: number): void {
  const stage = stageNow(course)
  course.sittings += worth(minutes, stage)
  course.progress += pace * worth(minutes, stage)
  seen(course, day)
  course.lastStage = course.stage
  if (stage.full && stage.plain) {
    const elapsed = course.lastTry === null ? 0 : day - course.lastTry
    if (course.lastTry !== day) course.memory = remembered(course.memory, elapsed, 'hesitated')
    course.lastTry = day
    course.due = nextDue(course, day)
  }
  if (course.progress < 1 - WITHIN) return
  course.progress -= 1
  passed(course, day)
}

const nextDue = ({ memory }: Course, day: number): number =>
  day + Math.min(SEEN_WITHIN, Math.max(1, Math.round(memory!.stability)))

/** The stage in which a hand works at a place: by itself where the way has such a stage, else as the study stands. */
export function mendingStage({ target, stage }: Course, { hands }: Trouble): number {
  const alone = target.stages.findIndex((each) => each.plain && each.hands === hands)
  return hands === target.hands || alone < 0 ? stage : alone
}

/** What went wrong was worked at. */
export function mended(course: Course, day: number): void {
  course.trouble = null
  seen(course, day)
}

/** The first test of something that was practised only: right as often as not (ours). */
const FIRST_TRY = 0.5

/** A study is tested once more: the whole, or as far as it goes. */
export function testAgain(course: Course, day: number): void {
  if (canBeTested(course)) test(course, day)
  seen(course, day)
  course.heardOn = day
  course.wrongOn = null
}

/** A cold test of the whole, with what it leaves behind on the average. */
function test(course: Course, day: number): void {
  const elapsed = course.lastTry === null ? 0 : day - course.lastTry
  const chance = course.memory ? recallAfter(course.memory, elapsed) : FIRST_TRY
  if (course.lastTry !== day) course.memory = expected(course.memory, elapsed, chance)
  course.lastTry = day
  course.due = nextDue(course, day)
}
