import { echoOf } from './echo'
import type { Message } from '../message'
import type { Part } from './part'
import { CALLED_RULES } from './lexiconCalled'
import { read, RULES } from './read'
import { NOTHING, type Rule } from './rules'

/** Other words for a stretch of a line: what they would say instead of it. */
export interface Instead {
  readonly text: string
  readonly meaning: Message
}

type Fields = Readonly<Record<string, unknown>>
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Fields that are told one by one; others are one value. */
const OPENED = ['pattern', 'bookends', 'rhythm', 'tempo', 'accordion', 'roll', 'mallets']
/** What goes along with something else that is said. */
const ALONG = ['hands', 'motion', 'interval', 'pattern.motif', 'pattern.sequence']

const pathsOf = (fields: Fields): string[] =>
  Object.entries(fields).flatMap(([field, value]) =>
    OPENED.includes(field) && isFields(value) ? Object.keys(value).map((inner) => `${field}.${inner}`) : [field],
  )

/** What a part speaks of: parts that speak of the same stand for one another. */
function topicOf(part: Part): string {
  if (part.is === 'feature') return Object.keys(part.features).sort().join(' ')
  if (part.is !== 'change') return part.is
  const paths = pathsOf(part.change as Fields)
  const own = paths.filter((path) => !ALONG.includes(path))
  return (own.length > 0 ? own : paths).sort().join(' ')
}

/** Numbers that a phrase is tried with: small ones, or tempi around the one that was said. */
function numbersFor(part: Part): readonly number[] {
  const bpm = part.is === 'change' ? part.change.tempo?.bpm : undefined
  return bpm === undefined ? [1, 2, 3, 4] : [bpm - 20, bpm - 10, bpm + 10, bpm + 20]
}

/** A phrase in its shortest words, with a number where it takes one. */
const worded = ({ slots }: Rule, number: number): string =>
  slots
    .filter(({ optional }) => !optional)
    .map((slot) => (slot.class === 'number' ? String(number) : slot.words[0]!))
    .join(' ')

const takesNumber = ({ slots }: Rule): boolean => slots.some((slot) => slot.class === 'number')

/** All that a rule can say by its words alone, or with one number. */
function sayings(rule: Rule, numbers: readonly number[]): { text: string; part: Part }[] {
  const open = rule.slots.filter((slot) => !slot.optional && slot.class !== null)
  if (open.length > 1 || (open[0] && open[0].class !== 'number')) return []
  return (open.length === 0 ? [0] : numbers).flatMap((number) => {
    const meaning = rule.say({ ...NOTHING, numbers: open.length === 0 ? [] : [number] })
    return meaning ? [{ text: worded(rule, number), part: meaning.part }] : []
  })
}

/** Whether the words say just that when they are typed. */
const readsAs = (text: string, part: Part): boolean => {
  const [only, ...more] = read(text)
  return more.length === 0 && JSON.stringify(only?.meaning?.part) === JSON.stringify(part)
}

const MAX = 14
const PHRASES: readonly Rule[] = [...RULES, ...CALLED_RULES]
const ALL_NUMBERS = Array.from({ length: 128 }, (_, at) => at + 1)

/** Everything that can be said on a topic; where small numbers say nothing of it, all that do. */
function sayingsOn(topic: string, numbers: readonly number[]): { text: string; part: Part }[] {
  const on = (some: readonly number[]) =>
    [...PHRASES.filter((rule) => !takesNumber(rule)), ...PHRASES.filter(takesNumber)]
      .flatMap((rule) => sayings(rule, some))
      .filter((each) => topicOf(each.part) === topic)
  const found = on(numbers)
  return found.length > 0 ? found : on(ALL_NUMBERS)
}
const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F sharp', 'D flat', 'A flat', 'E flat', 'B flat', 'F']

/** What could be said instead of a part of a line: other phrases that speak of the same, each once. */
export function insteadOf(part: Part): Instead[] {
  const own = JSON.stringify(part)
  const topic = topicOf(part)
  const all =
    part.is === 'tonic'
      ? TONICS.flatMap((text) => read(text).map(({ meaning }) => ({ text, part: meaning!.part })))
      : sayingsOn(topic, numbersFor(part))
  const seen = new Set([own, JSON.stringify(echoOf(part))])
  return all
    .flatMap(({ text, part: other }) => {
      const meaning = echoOf(other)
      // the same, or the same in other words, is offered once
      const keys = [JSON.stringify(other), JSON.stringify(meaning)]
      if (!meaning || keys.some((key) => seen.has(key)) || !readsAs(text, other)) return []
      keys.forEach((key) => seen.add(key))
      return [{ text, meaning }]
    })
    .slice(0, MAX)
}
