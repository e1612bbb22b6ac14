import { asItem, fieldsOf, normalised } from './printed'
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
const BY_TITLE = asItem({ part: { is: 'ask', ask: { question: 'kind-from-title' } } })

const SHAPES_LINKED = ['of', 'on', 'in', 'from']
const isLinked = (item: Understood | undefined): boolean =>
  SHAPES_LINKED.includes(item?.typed.toLowerCase() ?? '') || asksStart(item)
const asksStart = (item: Understood | undefined): boolean =>
  item?.meaning?.part.is === 'ask' && item.meaning.part.ask.start !== undefined

/** What stands straight after a place: kinds, octaves and motion, up to what links them to a key. */
function saidAfter(items: readonly Understood[], at: number): readonly Understood[] {
  const end = items.findIndex(
    ({ meaning }, place) => place > at && !['feature', 'change'].includes(meaning?.part.is ?? ''),
  )
  return items.slice(at + 1, end < 0 ? items.length : end)
}

/** An article before a scale of another key: “A chromatic scale starting on D”, “a two-octave scale of G”. */
export function withoutArticle(items: readonly Understood[]): Understood[] {
  const tonics = items.filter(({ meaning }) => meaning?.part.is === 'tonic')
  const [first] = tonics
  if (first?.typed.toLowerCase() !== 'a') return [...items]
  const at = items.indexOf(first)
  const said = saidAfter(items, at)
  const features = said.flatMap(({ meaning }) => (meaning?.part.is === 'feature' ? [meaning.part.features] : []))
  const linked = isLinked(items[at + 1 + said.length])
  const shape = features.find((each) => each.named ?? each.shape)
  const ownMode = features.some(({ quality, form }) => quality !== undefined || form !== undefined)
  const other = tonics.length > 1 || items.some(asksStart)
  // “A major scale, D major scale” are two; “a major scale on D” is one, and so is “a two-octave scale, in D”
  const article = other && shape !== undefined && (linked || !ownMode)
  return article ? items.filter((item) => item !== first) : [...items]
}
