import type { Date } from '../days'
import { dayOf } from '../days'
import { currentEntries, type Entry, type Occasion, studyKeyOf } from '../entry'
import type { Outcome } from '../memory'
import { isWhole, takesPart, type Target } from '../target'
import { logistic } from './odds'

/** What speaks for a study and what against it: sums of weights, never negative. */
export interface Tally {
  readonly right: number
  readonly wrong: number
}
/** On what occasions something was heard: asked once and cold, in a lesson, or at home by whoever played it. */
export const HEARINGS = ['cold', 'lesson', 'home'] as const
export type Hearing = (typeof HEARINGS)[number]

/**
 * What the record says of one study, as it weighs on a day. One more entry that was right never makes any of it speak
 * less for the study, one more that was wrong never more: whatever is made of these by weights that are not negative
 * keeps that.
 */
export interface Evidence extends Readonly<Record<Hearing, Tally>> {
  /** Right at the tempo asked or near it: sum of weights. */
  readonly atTempo: number
  /** The fastest at which the whole was right, as a share of the tempo asked; 0 while it never was. */
  readonly reached: number
}

const HEARD: Readonly<Record<Occasion, Hearing>> = {
  'cold-test': 'cold',
  'mock-exam': 'cold',
  lesson: 'lesson',
  home: 'home',
  take: 'home',
}
/** Days after which an entry weighs half: of what it says of its study, and of the pupil, who changes more slowly (ours). */
export const [HALF_LIFE, PUPIL_HALF_LIFE] = [21, 70]
/** What one outcome says for and against (ours). */
const SAYS: Readonly<Record<Outcome, Tally>> = {
  right: { right: 1, wrong: 0 },
  hesitated: { right: 0.5, wrong: 0.3 },
  wrong: { right: 0, wrong: 1 },
}
/** One hand or fewer octaves say so much of the whole (ours). */
const PART = 0.3
/** Where a tempo begins to say something of the tempo asked, and how softly (ours). */
const [NEAR, SOFT] = [0.85, 0.06]
/** A share of the tempo asked counts for no more than this. */
const MAX_SHARE = 1.1

/** How much a tempo says of the tempo asked, 0 to 1, without a step anywhere. @param share of the tempo asked */
const tempoWeight = (share: number): number =>
  Math.min(1, logistic((share - NEAR) / SOFT) / logistic((1 - NEAR) / SOFT))

/** By how much an entry weighs after some days. */
export const fade = (days: number, halfLife = HALF_LIFE): number => 2 ** (-Math.max(0, days) / halfLife)

interface Sums {
  cold: { right: number; wrong: number }
  lesson: { right: number; wrong: number }
  home: { right: number; wrong: number }
  atTempo: number
  reached: number
}
const nothing = (): Sums => ({
  ...{ cold: { right: 0, wrong: 0 }, lesson: { right: 0, wrong: 0 }, home: { right: 0, wrong: 0 } },
  ...{ atTempo: 0, reached: 0 },
})

/** Of one day the best and the worst of each hearing count: who plays a thing five times does not know it five times as well. */
function dayEvidence(target: Target, entries: readonly Entry[]): Sums {
  const day = nothing()
  for (const entry of entries) {
    const whole = isWhole(target, entry)
    const [share, part] = [Math.min(MAX_SHARE, entry.tempo / target.required), whole ? 1 : PART]
    const { right, wrong } = SAYS[entry.outcome]
    const heard = day[HEARD[entry.kind]]
    heard.right = Math.max(heard.right, right * part)
    heard.wrong = Math.max(heard.wrong, wrong * part)
    if (!whole) continue
    day.atTempo = Math.max(day.atTempo, right * tempoWeight(share))
    if (entry.outcome === 'right') day.reached = Math.max(day.reached, share)
  }
  return day
}

function addDay(sums: Sums, day: Sums, weight: number): void {
  for (const hearing of HEARINGS) {
    sums[hearing].right += day[hearing].right * weight
    sums[hearing].wrong += day[hearing].wrong * weight
  }
  sums.atTempo += day.atTempo * weight
  sums.reached = Math.max(sums.reached, day.reached)
}

/** Entries of a record by the line that they are about, those of a day together. */
export function byLine(record: readonly Entry[]): Map<string, Map<Date, Entry[]>> {
  const lines = new Map<string, Map<Date, Entry[]>>()
  for (const entry of currentEntries(record)) {
    const key = studyKeyOf(entry.study)
    const days = lines.get(key) ?? new Map<Date, Entry[]>()
    lines.set(key, days.set(entry.date, [...(days.get(entry.date) ?? []), entry]))
  }
  return lines
}

/** What a record says of each study on a day: what is dated later is left out. */
export function evidenceOf(
  targets: readonly Target[],
  lines: ReturnType<typeof byLine>,
  today: number,
  halfLife = HALF_LIFE,
): Evidence[] {
  return targets.map((target) => {
    const sums = nothing()
    for (const [date, entries] of lines.get(target.studyKey) ?? []) {
      const day = dayOf(date)!
      const own = entries.filter(({ hands }) => takesPart(target, hands))
      if (day <= today && own.length > 0) addDay(sums, dayEvidence(target, own), fade(today - day, halfLife))
    }
    return sums
  })
}
