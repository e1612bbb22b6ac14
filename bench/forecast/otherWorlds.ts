/**
 * Worlds that the forecast is tried on. They are written apart from those of the fit and from the forecast: other
 * mechanisms, other numbers, nothing shared with either. All of them invented.
 */
import { type Inside, START, type World } from './life'

const gauss = (random: () => number): number => {
  let sum = -6
  for (let at = 0; at < 12; at++) sum += random()
  return sum
}
const squash = (at: number): number => 0.5 + Math.atan(at * 1.4) / Math.PI

/** A study is a handful of places that are right or not; one is lost again on some night. All must be right. */
const places: World = (random, hardness): Inside => {
  const [quick, lost] = [0.08 + 0.3 * random(), 0.004 + 0.03 * random()]
  const slips = 0.002 + 0.03 * random()
  const known = hardness.map((hard) => {
    const begin = random() < 0.25 ? 0.7 * random() : 0.1
    return Array.from({ length: 3 + Math.round(8 * hard) }, () => ({ sure: random() < begin ? 0.9 : 0.15, day: 0 }))
  })
  const comfortable = hardness.map(() => 0.5 + 0.35 * random())
  const nerve = new Map<number, number>()
  const tired = (day: number) => nerve.get(day) ?? nerve.set(day, Math.exp(0.5 * gauss(random))).get(day)!
  const each = (study: number, day: number, share: number): number[] =>
    known[study]!.map(({ sure, day: last }) => {
      const kept = 0.15 + (sure - 0.15) * (1 - lost) ** (last === 0 ? 0 : day - last)
      const rush = Math.max(0, share - comfortable[study]!)
      return Math.max(0.05, kept - slips * tired(day) - 0.35 * rush * rush - 0.12 * rush)
    })
  const work = (study: number, day: number, much: number): void =>
    known[study]!.forEach((place) => {
      const kept = 0.15 + (place.sure - 0.15) * (1 - lost) ** (place.day === 0 ? 0 : day - place.day)
      place.sure = random() < 0.8 ? kept + (0.995 - kept) * quick * much * 2 : kept
      place.day = day
    })
  const chance = (study: number, day: number, share: number) =>
    each(study, day, share).reduce((product, one) => product * one ** 0.6, 1)
  return {
    chance,
    sit(study, day, { minutes, whole, share }) {
      const well = random() < 0.25 + 0.7 * chance(study, day, share * 0.9)
      work(study, day, Math.min(1.2, minutes / whole))
      comfortable[study] = Math.min(1.1, comfortable[study]! + 0.03 * random())
      return well ? 'right' : random() < 0.5 ? 'hesitated' : 'wrong'
    },
    asked(study, day) {
      work(study, day, 0.5)
    },
  }
}

/** Every time leaves a trace that fades by a power of time; studies of a kind get in each other's way at first. */
const traces: World = (random, hardness, likeness): Inside => {
  const [decay, noise] = [0.3 + 0.35 * random(), 0.35 + 0.5 * random()]
  const threshold = 0.1 + 0.9 * gauss(random) * 0.5
  const traceOf: number[][] = hardness.map(() => (random() < 0.35 ? [START - 20, START - 35] : []))
  const weight: number[][] = traceOf.map((days) => days.map(() => 1))
  const top = hardness.map((hard) => 0.95 - 0.35 * hard * random())
  const mixing = 0.5 * random()
  const mood = new Map<number, number>()
  const activation = (study: number, day: number): number => {
    const sum = traceOf[study]!.reduce(
      (all, then, at) => all + weight[study]![at]! * Math.max(0.5, day - then) ** -decay,
      0,
    )
    return sum > 0 ? Math.log(sum) : -3.5
  }
  const muddled = (study: number, day: number): number =>
    traceOf.reduce((sum, days, other) => {
      const fresh = days.length > 0 && day - days.at(-1)! < 3
      return sum + (other !== study && fresh && traceOf[study]!.length < 5 ? mixing * likeness(study, other) : 0)
    }, 0)
  const shift = (day: number) => mood.get(day) ?? mood.set(day, 0.45 * gauss(random)).get(day)!
  const chance = (study: number, day: number, share: number): number => {
    const over = Math.max(0, share - top[study]!)
    const at = activation(study, day) - threshold - 0.7 * hardness[study]! - 0.15 * muddled(study, day) + shift(day)
    return Math.max(0.01, Math.min(0.985, squash(at / noise) - 1.2 * over))
  }
  const leave = (study: number, day: number, much: number): void => {
    traceOf[study]!.push(day)
    weight[study]!.push(much)
  }
  return {
    chance,
    sit(study, day, { minutes, whole, share }) {
      const well = random() < 0.3 + 0.6 * chance(study, day, share)
      leave(study, day, minutes / whole)
      top[study] = Math.min(1.1, top[study]! + 0.015 * (minutes / whole))
      return well ? 'right' : random() < 0.6 ? 'hesitated' : 'wrong'
    },
    asked: (study, day, _, outcome) => leave(study, day, outcome === 'wrong' ? 0.7 : 1),
  }
}

/** A child who grows, with weeks that go well and weeks that do not; only what was done lately is safe. */
const growing: World = (random, hardness): Inside => {
  const growth = 0.004 + 0.02 * random()
  let [drift, until] = [0, 0]
  const lately: number[][] = hardness.map(() => [])
  const base = hardness.map((hard) => 0.35 - 0.6 * hard + 0.15 * gauss(random))
  const born: { day: number | null } = { day: null }
  const weekly = (day: number): number => {
    for (; until < day; until++) drift = 0.9 * drift + 0.06 * gauss(random)
    return drift
  }
  const safe = (study: number, day: number): number =>
    lately[study]!.reduce((sum, then) => sum + Math.exp(-(day - then) / 16), 0)
  const chance = (study: number, day: number, share: number): number => {
    born.day ??= day
    if (until === 0) until = day
    const grown = growth * (day - born.day) ** 0.9
    const done = 1 - Math.exp(-0.45 * safe(study, day))
    const fast = 0.9 * Math.max(0, share - 0.7 - 0.35 * done - grown * 0.2)
    return Math.max(0.02, Math.min(0.97, base[study]! * 0.5 + grown * 0.4 + 0.6 * done + weekly(day) - fast))
  }
  return {
    chance,
    sit(study, day, { minutes, whole, share }) {
      const well = random() < 0.2 + 0.75 * chance(study, day, share)
      if (random() < Math.min(1, minutes / whole + 0.3)) lately[study]!.push(day)
      return well ? 'right' : random() < 0.7 ? 'hesitated' : 'wrong'
    },
    asked: (study, day) => void lately[study]!.push(day),
  }
}

/** Steps of a stair: a study stands on one of them, goes up when it goes well and slides down on idle nights. */
const stair: World = (random, hardness): Inside => {
  const right = [0.04, 0.25, 0.5, 0.74, 0.88, 0.95]
  const [up, slide] = [0.25 + 0.4 * random(), 0.01 + 0.05 * random()]
  const at = hardness.map(() => (random() < 0.4 ? Math.floor(3 * random()) : 0))
  const seen: (number | null)[] = hardness.map(() => null)
  const free = hardness.map((hard) => 1 - 0.45 * hard * random())
  const bad = new Set<number>()
  const good = new Set<number>()
  const luck = (day: number): number => {
    if (!bad.has(day) && !good.has(day)) (random() < 0.15 ? bad : good).add(day)
    return bad.has(day) ? -0.15 : 0.02
  }
  const slid = (study: number, day: number): void => {
    const last = seen[study] ?? day
    for (let night = last + 2; night <= day; night++) {
      if (random() < slide) at[study] = Math.max(0, at[study]! - 1)
    }
    seen[study] = day
  }
  const chance = (study: number, day: number, share: number): number => {
    slid(study, day)
    const tempo = share <= free[study]! ? 1 : Math.exp(-5 * (share - free[study]!))
    return Math.max(0.01, Math.min(0.98, right[at[study]!]! * tempo + luck(day)))
  }
  const rise = (study: number, by: number): void => {
    if (random() < by) at[study] = Math.min(right.length - 1, at[study]! + 1)
    if (random() < by) free[study] = Math.min(1.1, free[study]! + 0.05)
  }
  return {
    chance,
    sit(study, day, { minutes, whole, share }) {
      const well = random() < 0.15 + 0.75 * chance(study, day, share * 0.85)
      rise(study, up * Math.min(1, minutes / whole) * (well ? 1 : 0.5))
      return well ? 'right' : random() < 0.5 ? 'hesitated' : 'wrong'
    },
    asked: (study, _day, _share, outcome) => rise(study, outcome === 'wrong' ? up / 4 : up / 2),
  }
}

/** Minutes add up along a curve that is flat, steep and flat again; nothing is forgotten, but moods last for days. */
const plateau: World = (random, hardness): Inside => {
  const rate = 0.5 + 1.5 * random()
  const minutes = hardness.map(() => (random() < 0.3 ? 20 * random() : 0))
  const half = hardness.map((hard) => 8 + 44 * hard * (0.5 + random()))
  const steep = 1.5 + 2 * random()
  const [tilt, moods] = [0.6 + 0.6 * random(), new Map<number, number>()]
  const moodOn = (day: number): number => {
    const known = moods.get(day)
    if (known !== undefined) return known
    const mood = 0.8 * (moods.get(day - 1) ?? 0) + 0.5 * gauss(random)
    moods.set(day, mood)
    return mood
  }
  const chance = (study: number, day: number, share: number): number => {
    const done = (rate * minutes[study]!) ** steep
    const learned = done / (done + half[study]! ** steep)
    const bare = 0.03 + 0.93 * learned * Math.min(1, (1.15 - share * 0.15) ** 3)
    const odds = (bare / (1 - bare)) * Math.exp(tilt * moodOn(day) * 0.7)
    return odds / (1 + odds)
  }
  return {
    chance,
    sit(study, day, { minutes: some, share }) {
      const well = random() < 0.2 + 0.7 * chance(study, day, share)
      minutes[study] = minutes[study]! + some
      return well ? 'right' : random() < 0.6 ? 'hesitated' : 'wrong'
    },
    asked: (study) => void (minutes[study] = minutes[study]! + 1),
  }
}

export const OTHER_WORLDS: Readonly<Record<string, World>> = { places, traces, growing, stair, plateau }
