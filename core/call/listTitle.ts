import { normalised, fieldsOf } from './printed'
import type { Features } from './part'
import type { Understood } from './read'
import { readPrinted } from './readPrinted'

/** What a group's title says of all its lines, where it says it once. */
export function fromTitle(title: string | undefined, items: readonly Understood[]): Understood[] {
  if (!title) return []
  const read = readPrinted(normalised(title)).filter(
    ({ meaning }) => meaning !== null && !['filler', 'tonic', 'or'].includes(meaning.part.is),
  )
  const fields = new Set(
    items.flatMap(({ meaning }) => (meaning ? fieldsOf(meaning.part).map(([field]) => field) : [])),
  )
  const features = (some: readonly Understood[]) =>
    some.flatMap(({ meaning }) => (meaning?.part.is === 'feature' ? [meaning.part.features] : []))
  const has = (field: keyof Features) => features(items).some((each) => each[field] !== undefined)
  const once = (field: keyof Features) => new Set(features(read).flatMap((each) => each[field] ?? [])).size === 1
  const values = read.flatMap(({ meaning }) => fieldsOf(meaning!.part))
  const valuesOf = (field: string) =>
    new Set(values.flatMap(([name, value]) => (name === field ? [JSON.stringify(value)] : [])))
  const remaining = read.filter(({ meaning }) => {
    const { part } = meaning!
    if (part.is === 'feature') {
      const { shape, named: name, form } = part.features
      if (shape ?? name) return !has('shape') && !has('named') && once(shape ? 'shape' : 'named')
      return form !== undefined && !has('form') && once('form')
    }
    const own = fieldsOf(part)
    return (
      own.length > 0 &&
      own.every(([field]) => valuesOf(field).size === 1) &&
      own.every(([field]) => ['hands', 'octaves', 'motion'].includes(field) && !fields.has(field))
    )
  })
  const kind = remaining.some(
    ({ meaning }) => meaning?.part.is === 'feature' && (meaning.part.features.shape ?? meaning.part.features.named),
  )
  return kind ? [...remaining, BY_TITLE] : remaining
}
/** A kind that only the title says is asked about. */
const BY_TITLE: Understood = {
  ...{ from: 0, to: 0, typed: '', nearest: null, slips: [] },
  meaning: { part: { is: 'ask', ask: { question: 'kind-from-title' } } },
}

/** An article before a scale that starts elsewhere: “A chromatic scale starting on D”. */
export function withoutArticle(items: readonly Understood[]): Understood[] {
  const tonics = items.filter(({ meaning }) => meaning?.part.is === 'tonic')
  const starts = items.some(({ meaning }) => meaning?.part.is === 'ask' && meaning.part.ask.start !== undefined)
  const [first] = tonics
  const next = first && items[items.indexOf(first) + 1]?.meaning?.part
  const article =
    first?.typed.toLowerCase() === 'a' && next?.is === 'feature' && (next.features.named ?? next.features.shape)
  return article && (starts || tonics.length > 1) ? items.filter((item) => item !== first) : [...items]
}
