import { dayOf } from './days'
import type { Hands } from '../study'
import { currentEntries, type Entry, notesKeyOf, studyKeyOf, type Where } from './entry'
import { type Memory, type Outcome, recallAfter, remembered } from './memory'
import { aboveTempo, isWhole, slowTempo, stepDown, stepUp, takesPart, type Target } from './target'

/** How a study stands with whoever plays it, in order. */
export const PRACTICE_STATES = ['untried', 'learning', 'right-once', 'held', 'ready', 'fading'] as const
export type PracticeState = (typeof PRACTICE_STATES)[number]

/** Everything is seen again within so many days (common practice, no source: seven to ten). */
export const SEEN_WITHIN = 10
/** Failures running after which one goes back a stage. */
const BACK_AFTER = 2

/** A first try: the first time on a day that the whole study was played. */
interface Try {
  readonly day: number
  readonly outcome: Outcome
  readonly tempo: number
  /** Whether somebody heard it: what is played at home is not cold. */
  readonly cold: boolean
}

/** What went wrong last and was not played well since: that is worked at first. */
export interface Trouble {
  readonly day: number
  /** Who is to work at it: the hand that was named, or those that played. */
  readonly hands: Hands
  readonly where: Where | null
  /** Notes a minute at which it went wrong. */
  readonly tempo: number
}

/** What the record says of a study, so far. All of it is worked out from the entries. */
export interface StudyState {
  readonly entries: number
  /** Place of the stage that is being practised; the last one is for cold tests. */
  readonly stage: number
  /** Place of the stage that was played last; -1 where it was none. */
  readonly lastStage: number
  /** The fastest at which the whole was clean and still is, notes a minute; 0 while it never was. */
  readonly cleanTempo: number
  /** The tempo of what was played last, notes a minute, and whether it was clean; null while nothing was. */
  readonly last: { readonly tempo: number; readonly clean: boolean } | null
  readonly memory: Memory | null
  readonly tries: readonly Try[]
  /** The tempo at which it was practised, day by day, notes a minute. */
  readonly steps: readonly { readonly day: number; readonly tempo: number }[]
  /** Right first tries on different days since the last wrong one: at which tempi. */
  readonly run: readonly number[]
  readonly begunOn: number | null
  readonly lastSeen: number | null
  /** The last day on which somebody heard any of it: what is played at home is heard by nobody. */
  readonly heardOn: number | null
  /** The last day on which it was played, if anything went wrong on it: it is tested again the next practice day. */
  readonly wrongOn: number | null
  readonly trouble: Trouble | null
  /** Sittings while it was on its way, and how many of them were clean. */
  readonly sittings: { readonly clean: number; readonly all: number }
}

type Mutable<T> = { -readonly [K in keyof T]: T[K] }
interface Folding extends Mutable<Omit<StudyState, 'stage' | 'tries' | 'steps' | 'run' | 'sittings'>> {
  passed: boolean[]
  failures: number
  tries: Try[]
  steps: { day: number; tempo: number }[]
  run: number[]
  sittings: { clean: number; all: number }
}

/** The first stage that is not passed; after the last there is none. */
const stageAfter = (passed: readonly boolean[]): number => {
  const open = passed.indexOf(false)
  return open < 0 ? passed.length - 1 : open
}

/** Passing a stage shows all before it, unless it stands apart. */
function pass({ stages }: Target, passed: boolean[], at: number): void {
  const from = stages[at]!.apart ? at : 0
  for (let stage = from; stage <= at && stage < stages.length - 1; stage++) passed[stage] = true
}

/** The stage that an entry belongs to, by its name or by hands, octaves and tempo; -1 where it is none. */
function stageShown(target: Target, { stage, hands, octaves, tempo }: Entry): number {
  const { stages, required } = target
  if (stage !== undefined) {
    const named = stages.findIndex(({ id }) => id === stage)
    if (named >= 0 && stages[named]!.pace === 'slow') return named
  }
  if (isWhole(target, { hands, octaves })) {
    const pace = tempo >= aboveTempo(target) ? 'above' : tempo >= required ? 'step' : 'slow'
    return stages.findLastIndex((each) => each.pace === pace || each.pace === 'slow')
  }
  return stages.findLastIndex((each) => each.plain && each.hands === hands && each.octaves <= octaves)
}

const isFull = (target: Target, entry: Entry): boolean => {
  const stage = entry.stage === undefined ? undefined : target.stages.find(({ id }) => id === entry.stage)
  return isWhole(target, entry) && (stage ? stage.full && stage.plain : true)
}

/**
 * A first try goes to memory as it was. At home one repeats and marks alone, so that it never says more than hard; and
 * what goes wrong above the tempo that was clean tells of the tempo, not of memory.
 */
function tried(folding: Folding, { kind, outcome, tempo }: Entry, day: number): void {
  const last = folding.tries.at(-1)
  if (last?.day === day) return
  const elapsed = last ? day - last.day : 0
  const cold = kind !== 'home'
  if (!cold && outcome === 'wrong' && tempo > folding.cleanTempo) return
  folding.memory = remembered(folding.memory, elapsed, !cold && outcome === 'right' ? 'hesitated' : outcome)
  folding.tries.push({ day, outcome, tempo, cold })
  if (outcome === 'wrong') folding.run = []
  else if (cold && outcome === 'right') folding.run.push(tempo)
}

/** The hand that a place names, or those that played. */
function handsAt({ where, hands }: Entry): Hands {
  const player = where?.player
  return player === 'right' || player === 'left' ? player : hands
}

/** Trouble that was told with its place or its hand; it is over when what was in trouble is right. */
function troubleAfter(target: Target, before: Trouble | null, entry: Entry, day: number): Trouble | null {
  const { outcome, where = null, tempo } = entry
  const hands = handsAt(entry)
  if (outcome === 'wrong') return where || hands !== target.hands ? { day, hands, where, tempo } : before
  return outcome === 'right' && before && (entry.hands === before.hands || isWhole(target, entry)) ? null : before
}

/** Two failures running: back a stage, and back by a tenth. */
function failed(target: Target, folding: Folding, full: boolean): void {
  folding.failures++
  if (folding.failures < BACK_AFTER) return
  folding.failures = 0
  const at = stageAfter(folding.passed)
  const back = folding.passed.lastIndexOf(true, at)
  if (back >= 0) folding.passed[back] = false
  if (!full) return
  folding.cleanTempo = stepDown(target, folding.cleanTempo)
  // beyond its tempo nothing stands that is not clean at it
  target.stages.forEach(({ pace }, stage) => {
    if ((pace === 'step' || pace === 'above') && folding.cleanTempo < target.required) folding.passed[stage] = false
  })
}

function succeeded(target: Target, folding: Folding, entry: Entry, full: boolean): void {
  folding.failures = 0
  if (full) folding.cleanTempo = Math.max(folding.cleanTempo, entry.tempo)
  const shown = stageShown(target, entry)
  if (shown >= 0) pass(target, folding.passed, shown)
}

function fold(target: Target, folding: Folding, entry: Entry): void {
  const day = dayOf(entry.date)!
  const full = isFull(target, entry)
  const wasCold = stageAfter(folding.passed) === target.stages.length - 1
  folding.entries++
  if (entry.outcome === 'wrong') folding.wrongOn = day
  else if (folding.wrongOn !== day) folding.wrongOn = null
  folding.begunOn ??= day
  folding.lastStage = stageShown(target, entry)
  folding.lastSeen = day
  if (entry.kind !== 'home') folding.heardOn = day
  folding.last = { tempo: entry.tempo, clean: entry.outcome === 'right' }
  if (!wasCold && (entry.kind === 'home' || entry.kind === 'lesson')) {
    folding.sittings.all++
    if (entry.outcome === 'right') folding.sittings.clean++
  }
  folding.trouble = troubleAfter(target, folding.trouble, entry, day)
  if (full) tried(folding, entry, day)
  if (entry.outcome === 'right') succeeded(target, folding, entry, full)
  else if (entry.outcome === 'wrong') failed(target, folding, full)
  if (folding.steps.at(-1)?.day === day) folding.steps.pop()
  folding.steps.push({ day, tempo: tempoNow(target, folding) })
}

/** The same notes with another touch: what was right of them needs not be learned anew; how fast and how well they go does. */
function foldTwin(target: Target, folding: Folding, entry: Entry): void {
  if (entry.outcome !== 'right') return
  const slow = target.stages.findLastIndex(({ pace }) => pace === 'slow')
  const shown = Math.min(slow, stageShown(target, entry))
  if (shown >= 0) pass(target, folding.passed, shown)
}

/** How a study stands after entries of its notes, which are in order: its own, and those with another touch. */
function stateAfter(target: Target, entries: readonly Entry[]): StudyState {
  const folding: Folding = {
    ...{
      entries: 0,
      lastStage: -1,
      cleanTempo: 0,
      last: null,
      memory: null,
      begunOn: null,
      lastSeen: null,
      heardOn: null,
      wrongOn: null,
      trouble: null,
      failures: 0,
    },
    ...{ tries: [], steps: [], run: [], sittings: { clean: 0, all: 0 } },
    passed: target.stages.map(() => false),
  }
  for (const entry of entries) {
    if (studyKeyOf(entry.study) === target.studyKey) fold(target, folding, entry)
    else foldTwin(target, folding, entry)
  }
  const { passed, failures: _, ...state } = folding
  return { ...state, stage: stageAfter(passed) }
}

/** How studies stand: each after what of the record is about it. */
export function statesOf(targets: readonly Target[], record: readonly Entry[]): StudyState[] {
  const byNotes = new Map<string, Entry[]>()
  for (const entry of currentEntries(record)) {
    const notes = notesKeyOf(entry.study)
    const own = byNotes.get(notes)
    if (own) own.push(entry)
    else byNotes.set(notes, [entry])
  }
  return targets.map((target) => {
    const own = byNotes.get(target.notesKey) ?? []
    return stateAfter(
      target,
      own.filter(({ hands }) => takesPart(target, hands)),
    )
  })
}

/** The day of the next cold test: after a wrong one tomorrow, else when recall falls to nine in ten, ten days at the most. */
export function dueAfter({ tries, memory }: Pick<StudyState, 'tries' | 'memory'>): number | null {
  const last = tries.at(-1)
  if (!last || !memory) return null
  if (last.outcome === 'wrong') return last.day + 1
  return last.day + Math.min(SEEN_WITHIN, Math.max(1, Math.round(memory.stability)))
}

/** The probability that it would be recalled, 0 to 1; 0 while the whole was never tried. */
export function recallOn({ memory, tries }: Pick<StudyState, 'tries' | 'memory'>, day: number): number {
  const last = tries.at(-1)
  return memory && last ? recallAfter(memory, day - last.day) : 0
}

/** The candidate's own state on a day. */
export function practiceStateOn(target: Target, state: StudyState, day: number): PracticeState {
  const { run, tries, entries } = state
  if (entries === 0) return 'untried'
  if (run.length === 0) return 'learning'
  if (run.length === 1) return 'right-once'
  const atTempo = run.slice(-2).every((tempo) => tempo >= target.required)
  if (!atTempo || tries.at(-1)!.outcome !== 'right') return 'held'
  return day <= dueAfter(state)! ? 'ready' : 'fading'
}

/** The tempo at which a study is practised now, notes a minute: where it is clean; before it ever was, slowly. */
export function tempoNow(target: Target, { cleanTempo, last }: Pick<StudyState, 'cleanTempo' | 'last'>): number {
  const slow = slowTempo(target)
  if (cleanTempo > 0) return Math.min(target.required, cleanTempo)
  if (!last) return slow
  return Math.min(slow, last.clean ? stepUp(target, last.tempo) : last.tempo)
}
