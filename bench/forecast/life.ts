/**
 * Made-up pupils who live by their plans: what they play, how it goes and what is written down of it. What they are
 * like inside is a world's affair (worldsOfTheFit.ts, otherWorlds.ts); here are only calendars and teachers' habits.
 */
import { completeRecipe, type Recipe } from '#core/instrument'
import {
  dateOf,
  dayOf,
  type Entry,
  type Occasion,
  type Outcome,
  planned,
  type PlanItem,
  type PlannedDay,
  preparationFor,
  type Preparation,
  type Target,
  type Weekday,
  WEEKDAYS,
  weekdayOf,
} from '#core/practice'

/** Somebody who learns, forgets and has good days and bad ones. Studies by their place; tempo as a share of what is asked. */
export interface Inside {
  /** The chance that the whole is right at the first try on a day, at a tempo. */
  chance(study: number, day: number, share: number): number
  /** A sitting, of so many minutes, of a stage; `true`: it went well. */
  sit(study: number, day: number, sitting: Sitting): Outcome
  /** What being asked leaves behind. */
  asked(study: number, day: number, share: number, outcome: Outcome): void
}
export interface Sitting {
  readonly minutes: number
  /** Minutes that a whole one takes. */
  readonly whole: number
  readonly share: number
  readonly full: boolean
}
/** Makes somebody. @param hardness of each study, 0 to 1 @param likeness of any two, 0 to 1 */
export type World = (
  random: () => number,
  hardness: readonly number[],
  likeness: (a: number, b: number) => number,
) => Inside

/** How a teacher writes down what happens. */
export const HABITS = ['all', 'weeks-missed', 'otherwise', 'rarely', 'only-failures', 'generously', 'lessons'] as const
export type Habit = (typeof HABITS)[number]
/** Records that say what happened, of all that happened. */
export const HONEST: readonly Habit[] = ['all', 'weeks-missed', 'otherwise']

const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const KINDS = ['major', 'harmonic-minor', 'melodic-minor', 'major-arpeggio', 'minor-arpeggio', 'chromatic']
export const START = dayOf('2026-09-07')!

/** Somebody's list: some keys in some kinds, by one hand or both, over one octave or more. */
function someList(random: () => number, count: number): Recipe[] {
  const octaves = 1 + Math.floor(random() * 2)
  const hands = random() < 0.75 ? 'together' : 'right'
  const bpm = 56 + 4 * Math.floor(random() * 10)
  const all = KINDS.flatMap((kind) => TONICS.map((tonic) => ({ kind, tonic, at: random() })))
  return all
    .sort((a, b) => a.at - b.at)
    .slice(0, count)
    .map(({ kind, tonic }) =>
      completeRecipe({ material: { tonic, kind }, octaves, hands, tempo: { bpm, notesPerBeat: 2 } }),
    )
}

const likenessOf =
  (studies: readonly Recipe[]) =>
  (a: number, b: number): number => {
    const [one, other] = [studies[a]!.material, studies[b]!.material]
    if (!('kind' in one) || !('kind' in other)) return 0
    return (one.kind === other.kind ? 0.6 : 0) + (one.tonic === other.tonic ? 0.4 : 0)
  }

/** What is looked at: a day, everything that is known on it, and what is true of it. */
export interface Look {
  readonly preparation: Preparation
  /** Whether each would be right if it were asked today at its tempo. */
  readonly asked: readonly boolean[]
  readonly chances: readonly number[]
}
export interface Life {
  readonly habit: Habit
  readonly looks: readonly Look[]
  /** What was planned on the days that were kept. */
  readonly days: readonly PlannedDay[]
  readonly targets: readonly Target[]
  readonly exam: number
  /** Of the exam's day. */
  readonly asked: readonly boolean[]
  readonly chances: readonly number[]
}

interface Living {
  readonly inside: Inside
  readonly habit: Habit
  readonly random: () => number
  readonly studies: readonly Recipe[]
  readonly targets: readonly Target[]
  readonly lesson: Weekday | null
  readonly record: Entry[]
}

/** What happened as it is written down; null where it is not. */
function written({ habit, random, lesson }: Living, entry: Entry): Entry | null {
  const isLesson = lesson !== null && weekdayOf(dayOf(entry.date)!) === lesson
  if (habit === 'rarely') return random() < 0.25 ? entry : null
  if (habit === 'lessons') return isLesson ? entry : null
  if (habit === 'only-failures') return entry.outcome === 'right' && random() < 0.95 ? null : entry
  if (habit === 'generously' && entry.outcome !== 'right' && random() < 0.5) {
    return { ...entry, outcome: entry.outcome === 'wrong' && random() < 0.5 ? 'hesitated' : 'right' }
  }
  return entry
}

function played(life: Living, item: PlanItem, day: number): void {
  const { inside, random, studies, targets, lesson, record } = life
  const { study, hands, octaves, tempo, minutes, stage } = item
  const target = targets[study]!
  const share = tempo / target.required
  const own = target.stages.find(({ id }) => id === stage)!
  let outcome: Outcome
  if (item.test) {
    const right = random() < inside.chance(study, day, share)
    outcome = right ? (random() < 0.15 ? 'hesitated' : 'right') : 'wrong'
    inside.asked(study, day, share, outcome)
  } else outcome = inside.sit(study, day, { minutes, whole: own.minutes, share, full: own.full })
  const kind: Occasion = item.test ? 'cold-test' : lesson === weekdayOf(day) ? 'lesson' : 'home'
  const entry = written(life, {
    ...{ study: studies[study]!, date: dateOf(day), kind, outcome, hands, octaves, tempo, minutes, stage },
  })
  if (entry) record.push(entry)
}

/** One pupil's weeks to the exam. @param hardnessOf of a study, 0 to 1 */
export function live(world: World, habit: Habit, random: () => number, hardnessOf: (study: Recipe) => number): Life {
  const studies = someList(random, 3 + Math.floor(random() * 12))
  const inside = world(random, studies.map(hardnessOf), likenessOf(studies))
  const exam = START + 7 * (4 + Math.floor(random() * 13))
  const days = WEEKDAYS.filter(() => random() < 0.75)
  const lesson = random() < 0.9 ? WEEKDAYS[Math.floor(random() * 6)]! : null
  const record: Entry[] = []
  const aim = {
    ...{ exam: dateOf(exam), minutesADay: 6 + Math.floor(random() ** 1.5 * 30), lesson },
    days: days.length > 0 ? days : (['mon', 'wed', 'sat'] as const),
  }
  const at = (day: number): Preparation => preparationFor({ ...aim, today: dateOf(day), studies, record: [...record] })
  const life: Living = { ...{ inside, habit, random, studies, lesson, record }, targets: at(START).targets }
  const keeps = 0.65 + 0.35 * random()
  const missed = new Set(Array.from({ length: 40 }, (_, week) => week).filter(() => random() < 0.3))
  const looks: Look[] = []
  const kept: PlannedDay[] = []
  const truth = (day: number) => {
    const chances = studies.map((_, study) => inside.chance(study, day, 1))
    return { chances, asked: chances.map((chance) => random() < chance) }
  }
  const every = 6 + Math.floor(random() * 9)
  for (let day = START; day < exam; day++) {
    const preparation = at(day)
    if ((day - START) % every === 0) looks.push({ preparation, ...truth(day) })
    if (habit === 'weeks-missed' && missed.has(Math.floor((day - START) / 7))) continue
    if (weekdayOf(day) !== lesson && random() > keeps) continue
    const next = planned(preparation).plan.days[0]
    if (next?.day !== day) continue
    kept.push(next)
    for (const item of next.items) {
      const elsewhere = habit === 'otherwise' && !item.test && random() < 0.5
      if (!elsewhere) played(life, item, day)
      else if (random() < 0.7) played(life, { ...item, ...stageOf(life, Math.floor(random() * studies.length)) }, day)
    }
  }
  return { habit, looks, days: kept, targets: life.targets, exam, ...truth(exam) }
}

/** What somebody plays of a study who does not look at the plan: as much of it as comes to mind. */
function stageOf(
  { targets, random }: Living,
  study: number,
): Pick<PlanItem, 'study' | 'stage' | 'hands' | 'octaves' | 'tempo'> {
  const { stages, required } = targets[study]!
  const stage = stages[Math.floor(random() * (stages.length - 1))]!
  return {
    study,
    stage: stage.id,
    hands: stage.hands,
    octaves: stage.octaves,
    tempo: Math.round(required * (0.6 + 0.4 * random())),
  }
}
