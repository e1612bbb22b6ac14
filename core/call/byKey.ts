import type { Message } from '../message'
import { echoOf } from './echo'
import { callMessage } from './messages'
import { asItem, fieldsOf, isTonic } from './printed'
import type { Understood } from './read'

const fieldsIn = ({ meaning }: Understood): readonly [string, string][] =>
  meaning ? fieldsOf(meaning.part).map(([field, value]) => [field, JSON.stringify(value) ?? '']) : []

const isKind = ({ meaning }: Understood): boolean => {
  if (meaning?.part.is !== 'feature') return false
  const { shape, named, form } = meaning.part.features
  return (shape ?? named ?? form) !== undefined
}
const isMode = ({ meaning }: Understood): boolean =>
  meaning?.part.is === 'feature' && (meaning.part.features.quality ?? meaning.part.features.form) !== undefined
type Is = (item: Understood) => boolean

/** Fields that are given more than one value, after keys (or kinds) or before them: hands, touch, octaves. */
function differing(items: readonly Understood[], isKey: Is): Set<string> {
  const values = new Map<string, { value: string; keys: number }[]>()
  let keys = 0
  for (const item of items) {
    if (isKey(item)) keys++
    for (const [field, value] of fieldsIn(item)) values.set(field, [...(values.get(field) ?? []), { value, keys }])
  }
  return new Set(
    [...values].flatMap(([field, given]) =>
      given.some((each, at) => at > 0 && each.value !== given[at - 1]!.value && each.keys !== given[at - 1]!.keys)
        ? [field]
        : [],
    ),
  )
}

/** A key, or a way of playing, and where it stands. */
interface Mark {
  readonly at: number
  readonly is: 'key' | 'way'
}

/** Said after one key, and before others, without a word of those. */
const OF_ONE = ['memory', 'condition', 'articulation', 'touch.right']
function saidOfOne(items: readonly Understood[]): boolean {
  const keys = items.flatMap((item, at) => (isTonic(item) ? [at] : []))
  const [first, last] = [keys[0] ?? 0, keys.at(-1) ?? 0]
  return items.some((item, at) => at > first && at < last && fieldsIn(item).some(([field]) => OF_ONE.includes(field)))
}
const REACH = asItem({ part: { is: 'ask', ask: { question: 'reach-way' } } })

interface Parted {
  readonly lines: readonly (readonly Understood[])[]
  readonly problems: readonly Message[]
}

/**
 * Parts a line in which each key, or each few of them, has its own way of playing: “C major legato and G major staccato,
 * hands together”; or each kind of one key: “G major scale two octaves, arpeggio one octave”. What stands before the first
 * of them and after the last holds for all. Where keys and ways do not stand in turn, it is asked which of them counts.
 */
export function byKey(items: readonly Understood[]): Parted {
  const keyed = inTurn(items, isTonic)
  if (keyed) return keyed
  const kinds = inTurn(items, isKind)
  // the key is that of them all, wherever it stands
  if (kinds) return { ...kinds, lines: kinds.lines.map((line) => withKeys(line, items)) }
  return { lines: [saidOfOne(items) ? [...items, REACH] : items], problems: [] }
}

/** A line with the key of all, and its mode, where it names none itself. */
function withKeys(line: readonly Understood[], items: readonly Understood[]): readonly Understood[] {
  const missing = (is: Is): readonly Understood[] => (line.some(is) ? [] : items.filter((item) => is(item)))
  return [...missing(isTonic), ...missing((item) => isMode(item) && !isKind(item)), ...line]
}

function inTurn(items: readonly Understood[], isKey: Is): Parted | null {
  const fields = differing(items, isKey)
  if (fields.size === 0) return null
  const marks = items.flatMap((item, at): Mark[] => {
    if (isKey(item)) return [{ at, is: 'key' }]
    return fieldsIn(item).some(([field]) => fields.has(field)) ? [{ at, is: 'way' }] : []
  })
  const runs = marks.filter(({ is }, nth) => is !== marks[nth - 1]?.is)
  const [first, last] = [runs[0]!, runs.at(-1)!]
  if (first.is === last.is) return { lines: [], problems: [twice(items, marks)] }
  // ways stand after their keys, or before them
  const starts = runs.filter(({ is }) => is === first.is).map(({ at }) => at)
  const end = ending(items, marks.at(-1)!.at + 1)
  const cuts = [...starts.slice(1).map((at) => beginning(items, at)), end]
  const head = items.slice(0, beginning(items, starts[0]!))
  const lines = cuts.map((to, nth) => [
    ...head,
    ...items.slice(nth === 0 ? head.length : cuts[nth - 1], to),
    ...items.slice(end),
  ])
  return { lines, problems: [] }
}

function twice(items: readonly Understood[], marks: readonly Mark[]): Message {
  const ways = marks.filter(({ is }) => is === 'way').map(({ at }) => echoOf(items[at]!.meaning!.part))
  return callMessage('asked.twice', { before: ways[0]!, after: ways.at(-1)! })
}

/** Where what belongs to the last of them ends: kinds straight after it are its own. */
function ending(items: readonly Understood[], at: number): number {
  let end = at
  while (items[end]?.meaning?.part.is === 'feature') end++
  return end
}

/** Where what belongs to a key begins: kinds and articles straight before it are its own. */
function beginning(items: readonly Understood[], at: number): number {
  let from = at
  while (from > 0 && (items[from - 1]!.meaning?.part.is === 'feature' || isLink(items[from - 1]!))) from--
  return from
}
const isLink = ({ typed }: Understood): boolean => ['of', 'on', 'in', 'the'].includes(typed.toLowerCase())
