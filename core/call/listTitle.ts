import { normalised, fieldsOf } from './printed'
import type { Features } from './part'
import type { Understood } from './read'
import { readPrinted } from './readPrinted'

/** What a group's title says of all its lines, where it says it once. */
export function fromTitle(title: string | undefined, items: readonly Understood[]): Understood[] {
  if (!title) return []
  const told = readPrinted(normalised(title)).filter(
    ({ said }) => said !== null && !['filler', 'tonic', 'or'].includes(said.part.is),
  )
  const fields = new Set(items.flatMap(({ said }) => (said ? fieldsOf(said.part).map(([field]) => field) : [])))
  const features = (some: readonly Understood[]) =>
    some.flatMap(({ said }) => (said?.part.is === 'feature' ? [said.part.features] : []))
  const has = (field: keyof Features) => features(items).some((each) => each[field] !== undefined)
  const once = (field: keyof Features) => new Set(features(told).flatMap((each) => each[field] ?? [])).size === 1
  const values = told.flatMap(({ said }) => fieldsOf(said!.part))
  const valuesOf = (field: string) =>
    new Set(values.flatMap(([name, value]) => (name === field ? [JSON.stringify(value)] : [])))
  const kept = told.filter(({ said }) => {
    const { part } = said!
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
  const kind = kept.some(
    ({ said }) => said?.part.is === 'feature' && (said.part.features.shape ?? said.part.features.named),
  )
  return kind ? [...kept, BY_TITLE] : kept
}
/** A kind that only the title says is asked about. */
const BY_TITLE: Understood = {
  ...{ from: 0, to: 0, typed: '', nearest: null },
  said: { part: { is: 'ask', ask: { question: 'kind-from-title' } } },
}

/** An article before a scale that starts elsewhere: “A chromatic scale starting on D”. */
export function withoutArticle(items: readonly Understood[]): Understood[] {
  const tonics = items.filter(({ said }) => said?.part.is === 'tonic')
  const starts = items.some(({ said }) => said?.part.is === 'ask' && said.part.ask.start !== undefined)
  const [first] = tonics
  const next = first && items[items.indexOf(first) + 1]?.said?.part
  const article =
    first?.typed.toLowerCase() === 'a' && next?.is === 'feature' && (next.features.named ?? next.features.shape)
  return article && (starts || tonics.length > 1) ? items.filter((item) => item !== first) : [...items]
}
