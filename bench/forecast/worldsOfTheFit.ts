/** Worlds that the forecast is fitted on. What it is tried on is written apart (otherWorlds.ts). All of them invented. */
import { remembered, recallAfter, type Memory } from '../../core/practice/memory'
import type { Inside, World } from './life'

const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
const logistic = (at: number): number => 1 / (1 + Math.exp(-at))
const logit = (chance: number): number => Math.log(chance / (1 - chance))
const between = (random: () => number, from: number, to: number): number => from + (to - from) * random()

/** Hardness of what is neither easy nor hard. */
const MIDDLING = 0.45

/** Good days and bad ones, in log-odds, the same for all studies of a day. */
function forms(random: () => number, spread: number): (day: number) => number {
  const days = new Map<number, number>()
  return (day) => days.get(day) ?? days.set(day, spread * normal(random)).get(day)!
}

/** How fast each study goes well, as a share of what is asked. */
function speeds(random: () => number, count: number) {
  // some are never slow: what they lack is the notes
  const quick = random() < 0.35 ? 0.3 : 0
  const at = Array.from({ length: count }, () => Math.min(1.15, quick + between(random, 0.6, 1.1)))
  const [soft, step] = [between(random, 0.06, 0.3), between(random, 0.015, 0.08)]
  return {
    keeps: (study: number, share: number) => logistic((at[study]! - share) / soft + 1.8),
    practised(study: number, share: number, much: number) {
      if (share > at[study]! - 0.1) at[study] = Math.min(1.15, at[study]! + step * much)
    },
    at: (study: number) => at[study]!,
  }
}

/** Strength that grows with minutes and fades; tempo beside it. */
const strength: World = (random, hardness, likeness): Inside => {
  const ability = 0.3 + 1.6 * normal(random)
  const [gain, half] = [between(random, 0.5, 1.6), between(random, 6, 60)]
  const [weight, transfer] = [between(random, 1, 4), between(random, 0, 0.25)]
  const form = forms(random, between(random, 0.2, 0.9))
  const known = random() < 0.4 ? between(random, 0, 4) : 0
  const start = hardness.map(() => known * random())
  const held = hardness.map((_, study) => ({ notes: start[study]!, day: 0 }))
  const speed = speeds(random, hardness.length)
  const own = hardness.map(() => 0.5 * normal(random))
  const notesOn = (study: number, day: number) => {
    const { notes, day: last } = held[study]!
    const since = last === 0 ? 0 : day - last
    return notes * (0.35 + 0.65 * 2 ** (-since / half))
  }
  const add = (study: number, day: number, much: number) =>
    held.forEach((_, each) => {
      const share = each === study ? 1 : transfer * likeness(study, each)
      if (share > 0) {
        const notes = notesOn(each, day)
        held[each] = { notes: notes + (gain * much * share) / (1 + 0.25 * notes), day }
      }
    })
  const recall = (study: number, day: number) =>
    logistic(notesOn(study, day) - 1.7 + ability + own[study]! - weight * (hardness[study]! - MIDDLING) + form(day))
  return {
    chance: (study, day, share) => recall(study, day) * speed.keeps(study, share),
    sit(study, day, { minutes, whole, share }) {
      const much = Math.sqrt(minutes / whole)
      const chance = logistic(logit(0.62) + 0.5 * ability + (speed.at(study) - share) * 4) * much
      add(study, day, much)
      speed.practised(study, share, much)
      return random() < chance ? 'right' : random() < 0.35 ? 'wrong' : 'hesitated'
    },
    asked(study, day, share, outcome) {
      add(study, day, outcome === 'right' ? 0.6 : 0.3)
      speed.practised(study, share, 0.5)
    },
  }
}

/** A half-life for each study, which grows when it is right and shrinks when it is not. */
const halfLives: World = (random, hardness): Inside => {
  const [grows, shrinks] = [between(random, 1.15, 1.9), between(random, 0.5, 0.9)]
  const first = between(random, 4, 35) * Math.exp(0.4 * normal(random))
  const form = forms(random, between(random, 0.1, 0.8))
  const half = hardness.map((hard) => first * (1.6 - hard))
  const last: number[] = hardness.map(() => (random() < 0.3 ? 1 : 0))
  const begun = hardness.map(() => (random() < 0.4 ? between(random, 0, 6) : 0))
  const needs = between(random, 0.7, 6)
  const speed = speeds(random, hardness.length)
  const pace = between(random, 0.35, 0.85)
  const ability = 0.9 * normal(random)
  const recall = (study: number, day: number): number => {
    const since = last[study]! === 0 ? 40 : Math.min(60, day - last[study]!)
    const learned = Math.min(1, begun[study]! / needs)
    const kept = 0.02 + 0.95 * learned * 2 ** (-since / half[study]!)
    return logistic(logit(kept) + ability + form(day))
  }
  const practised = (study: number, day: number, much: number) => {
    begun[study] = begun[study]! + much
    const gap = Math.min(1, last[study]! === 0 ? 1 : (day - last[study]!) / 2)
    half[study] = Math.min(150, half[study]! * (1 + (grows - 1) * 0.5 * much * gap))
    last[study] = day
  }
  return {
    chance: (study, day, share) => recall(study, day) * speed.keeps(study, share),
    sit(study, day, { minutes, whole, share }) {
      const much = Math.min(1, minutes / whole)
      practised(study, day, much)
      speed.practised(study, share, much)
      return random() < pace * much ? 'right' : random() < 0.3 ? 'wrong' : 'hesitated'
    },
    asked(study, day, share, outcome) {
      half[study] = Math.min(150, half[study]! * (outcome === 'wrong' ? shrinks : grows))
      practised(study, day, 0.5)
      speed.practised(study, share, 0.4)
    },
  }
}

/** What was played often enough stays; days differ much, and a study helps its like. */
const counted: World = (random, hardness, likeness): Inside => {
  const [often, ceiling] = [between(random, 0.1, 1.2), between(random, 0.6, 0.98)]
  const form = forms(random, between(random, 0.5, 1.3))
  const hits = hardness.map(() => (random() < 0.3 ? between(random, 0, 6) : 0))
  const speed = speeds(random, hardness.length)
  const transfer = between(random, 0, 0.4)
  const ability = 0.4 + 0.9 * normal(random)
  const own = hardness.map((hard) => ability + 0.6 * normal(random) - 2.5 * (hard - MIDDLING))
  const add = (study: number, much: number) =>
    hits.forEach(
      (_, each) => (hits[each] = hits[each]! + much * (each === study ? 1 : transfer * likeness(study, each))),
    )
  const recall = (study: number, day: number) =>
    logistic(logit(0.02 + (ceiling - 0.02) * (1 - Math.exp(-often * hits[study]!))) + own[study]! + form(day))
  return {
    chance: (study, day, share) => recall(study, day) * speed.keeps(study, share),
    sit(study, day, { minutes, whole, share }) {
      const much = Math.min(1, minutes / whole)
      add(study, much)
      speed.practised(study, share, much)
      const chance = 0.25 + 0.6 * (1 - Math.exp(-often * hits[study]!))
      return random() < chance * logistic((speed.at(study) - share) * 6 + 2)
        ? 'right'
        : random() < 0.4
          ? 'wrong'
          : 'hesitated'
    },
    asked: (study, _, share) => {
      add(study, 0.7)
      speed.practised(study, share, 0.4)
    },
  }
}

/** As the scheduler of tests has it, with a pace and a memory of one's own. */
const scheduled: World = (random, hardness): Inside => {
  const [pace, retention] = [between(random, 0.35, 0.85), 1.5 * normal(random) + 0.8]
  const form = forms(random, between(random, 0.3, 0.9))
  const first = between(random, 0.02, 0.3)
  const memory: (Memory | null)[] = hardness.map(() => null)
  const last = hardness.map(() => 0)
  const speed = speeds(random, hardness.length)
  const own = hardness.map((hard) => 0.5 * normal(random) - 2.5 * (hard - MIDDLING))
  const keep = (study: number, day: number, outcome: Outcome) => {
    if (last[study] === day) return
    memory[study] = remembered(memory[study]!, memory[study] ? day - last[study]! : 0, outcome)
    last[study] = day
  }
  const recall = (study: number, day: number): number => {
    const known = memory[study]
    const kept = known ? Math.min(0.97, recallAfter(known, Math.max(1, day - last[study]!))) : first
    return logistic(logit(kept) - 0.4 + retention + own[study]! + form(day))
  }
  return {
    chance: (study, day, share) => recall(study, day) * speed.keeps(study, share),
    sit(study, day, { minutes, whole, share, full }) {
      const much = Math.min(1, minutes / whole)
      speed.practised(study, share, much)
      if (full) keep(study, day, 'hesitated')
      return random() < pace * much ? 'right' : random() < 0.3 ? 'wrong' : 'hesitated'
    },
    asked: (study, day, share, outcome) => {
      keep(study, day, outcome)
      speed.practised(study, share, 0.4)
    },
  }
}
type Outcome = Parameters<Inside['asked']>[3]

export const WORLDS_OF_THE_FIT: Readonly<Record<string, World>> = { strength, halfLives, counted, scheduled }
