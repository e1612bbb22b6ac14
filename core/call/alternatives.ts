import type { Message } from '../message'
import { echoOf } from './echo'
import { callMessage } from './messages'
import type { Part } from './part'
import { fieldsOf } from './printed'
import type { Understood } from './read'

/** Fields of which a line may name several, each asked by itself: “similar and contrary motion”. */
const EACH = ['motion', 'interval', 'pattern.figure', 'pattern.walk', 'accordion.left.part']
/** Fields that gather what is said of them. */
const GATHERED = ['articulation', 'lead', 'condition', 'conditions', 'question', 'chooser', 'except', 'pins']
/** Hands alone are gathered too, unless something else differs between them. */
const HANDS = 'hands'

interface Valued {
  readonly at: number
  readonly value: string
}

/** Values that a line gives each field, in order, each once. */
function valuesIn(items: readonly Understood[]): Map<string, Valued[]> {
  const values = new Map<string, Valued[]>()
  items.forEach(({ meaning }, at) => {
    if (!meaning) return
    for (const [field, value] of fieldsOf(meaning.part)) {
      if (GATHERED.includes(field)) continue
      const known = values.get(field) ?? []
      const text = JSON.stringify(value)
      if (!known.some((given) => given.value === text)) values.set(field, [...known, { at, value: text }])
    }
  })
  return values
}

const orBefore = (items: readonly Understood[], from: number, to: number): boolean =>
  items.slice(from, to).some(({ meaning }) => meaning?.part.is === 'or')

const echoed = (part: Part): Message => echoOf(part) ?? callMessage('call.no-key')

/** What a line says once for all, and what differs from one of its studies to the next. */
interface Alternatives {
  readonly lines: readonly (readonly Understood[])[]
  readonly problems: readonly Message[]
}

/**
 * Parts a line that gives one field several values. Where several fields have as many values each, the first goes with
 * the first: “right hand 2 octaves, left hand 1 octave” is two studies. What cannot be told apart is a problem, never the
 * last word.
 */
export function alternativesIn(items: readonly Understood[]): Alternatives {
  const values = valuesIn(items)
  const several = [...values].filter(([, given]) => given.length > 1)
  const differing = several.filter(([field]) => field !== HANDS)
  if (differing.length === 0) return { lines: [items], problems: [] }
  const counts = new Set(several.map(([, given]) => given.length))
  const alone = several.length === 1 && EACH.includes(several[0]![0])
  const paired = several.length > 1 && counts.size === 1 && inTurn(several.map(([, given]) => given))
  const [first, ...others] = differing[0]![1]
  const choice = others.some(({ at }) => orBefore(items, first!.at, at))
  if ((!alone && !paired) || choice) {
    const [one, other] = [items[first!.at]!.meaning!.part, items[others[0]!.at]!.meaning!.part]
    return {
      lines: [],
      problems: [callMessage('asked.twice', { before: echoed(one), after: echoed(other) })],
    }
  }
  const [count] = counts
  return {
    lines: Array.from({ length: count! }, (_, nth) => items.filter((item) => keeps(item, several, nth))),
    problems: [],
  }
}

/** Whether the values of some fields stand in turn: all first ones before all second ones. */
function inTurn(fields: readonly (readonly Valued[])[]): boolean {
  const count = fields[0]!.length
  return Array.from({ length: count - 1 }, (_, nth) => nth).every(
    (nth) =>
      Math.max(...fields.map((given) => given[nth]!.at)) < Math.min(...fields.map((given) => given[nth + 1]!.at)),
  )
}

/** Whether a phrase belongs to the nth study: it says nothing of what differs, or what the nth has. */
const keeps = (
  { meaning }: Understood,
  several: readonly (readonly [string, readonly Valued[]])[],
  nth: number,
): boolean =>
  !meaning ||
  fieldsOf(meaning.part).every(([field, value]) => {
    const given = several.find(([name]) => name === field)?.[1]
    return !given || given[nth]!.value === JSON.stringify(value)
  })
