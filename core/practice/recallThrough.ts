import { type Memory, recallAfter, remembered } from './memory'
import { moved } from './pace'

/** A time on which the whole will be played: a cold test, or a sitting. */
export interface ToCome {
  readonly day: number
  readonly test: boolean
}

/** One way in which tests may go, as far as memory tells it from others. */
interface Way {
  readonly memory: Memory
  readonly day: number
  readonly weight: number
}

/** Ways that are kept apart; the nearest two become one beyond it. */
const MAX_WAYS = 5

/** Two ways as one: stability as a geometric mean, as it multiplies. */
function merged(a: Way, b: Way): Way {
  const weight = a.weight + b.weight
  const share = weight > 0 ? a.weight / weight : 0.5
  return {
    weight,
    day: share >= 0.5 ? a.day : b.day,
    memory: {
      stability: a.memory.stability ** share * b.memory.stability ** (1 - share),
      difficulty: a.memory.difficulty * share + b.memory.difficulty * (1 - share),
    },
  }
}

function fewer(ways: Way[]): Way[] {
  const sorted = ways.sort((a, b) => a.memory.stability - b.memory.stability)
  while (sorted.length > MAX_WAYS) {
    let at = 1
    const apart = (place: number): number => sorted[place]!.memory.stability / sorted[place - 1]!.memory.stability
    for (let place = 2; place < sorted.length; place++) if (apart(place) < apart(at)) at = place
    sorted.splice(at - 1, 2, merged(sorted[at - 1]!, sorted[at]!))
  }
  return sorted
}

/** Right or wrong; what was wrong is mended, and asked again the next day. */
function afterTest({ memory, day, weight }: Way, { day: now }: ToCome, exam: number, retention: number): Way[] {
  if (day >= now) return [{ memory, day, weight }]
  const chance = moved(recallAfter(memory, now - day), retention)
  const again = remembered(memory, now - day, 'wrong')
  const soon = now + 1 < exam
  return [
    { memory: remembered(memory, now - day, 'right'), day: now, weight: weight * chance },
    {
      memory: soon ? remembered(again, 1, 'right') : again,
      day: soon ? now + 1 : now,
      weight: weight * (1 - chance),
    },
  ]
}

/**
 * The probability of recall on a day, over the ways in which the tests before it may go.
 * @param retention by how much recall is better than the forecast, in log-odds
 */
export function recallThrough(
  start: { readonly memory: Memory | null; readonly lastTry: number | null },
  tries: readonly ToCome[],
  exam: number,
  retention: number,
): number {
  let ways: Way[] = start.memory ? [{ memory: start.memory, day: start.lastTry!, weight: 1 }] : []
  for (const each of tries) {
    if (ways.length === 0) ways = [{ memory: remembered(null, 0, 'hesitated'), day: each.day, weight: 1 }]
    else if (each.test) ways = fewer(ways.flatMap((way) => afterTest(way, each, exam, retention)))
    else {
      ways = ways.map((way) =>
        way.day >= each.day
          ? way
          : { ...way, memory: remembered(way.memory, each.day - way.day, 'hesitated'), day: each.day },
      )
    }
  }
  return ways.reduce(
    (sum, { memory, day, weight }) => sum + weight * moved(recallAfter(memory, exam - day), retention),
    0,
  )
}
