import type { Part, Meaning } from './part'
import type { Understood } from './read'

/** Words that boards shorten with a full stop, which then ends no sentence. */
const SHORTENED =
  /\b(?:octs?|arps?|arpegg|stacc|leg|min|maj|mel|harm|nat|chrom|dim|dom|aug|ca?|approx|incl|excl|nos?|ex|inv|sim|contr|sep|tog|pent|mm|hs|ht|rh|lh)$/i

const blank = (text: string): string => ' '.repeat(text.length)

/** The label of another item, “b)”, parts it from the one before; what closes a bracket is none. */
function parted(label: string, at: number, whole: string): string {
  const open = whole.slice(0, at).replace(/[^()]/g, '')
  const inside = open.replaceAll('()', '').includes('(') && !label.startsWith('(')
  return inside ? label : ';'.padStart(label.length)
}

/**
 * A printed line made ready for reading, every character in its place: `H.T.` as `HT`, sentences parted by semicolons,
 * `candidate's` as `candidate s`.
 */
export function normalised(line: string): string {
  const letters = line
    .replace(/^\s*(?:\(?(?:\d+|[ivx]+|[a-hA-H])[.)]|[•*–—-])\s+/, blank)
    .replace(/(?<=[\s;,])\(?[b-h]\)(?=\s)/g, parted)
    .replace(/([♩♪])\./g, '$1˙')
    .replace(/['’]s\b/g, ' s')
    .replace(/[\r\n]/g, ';')
    .replace(/\b(?:[A-Za-z]\.){2,}/g, (short) => short.replaceAll('.', '').padEnd(short.length))
  return letters.replace(/\.(?=\s|$)/g, (dot, at: number, whole: string) =>
    SHORTENED.test(whole.slice(0, at)) || !/^\s+[A-Z]/.test(whole.slice(at + 1)) ? ' ' : ';',
  )
}

/** What stands in brackets, and where. */
const BRACKETS = /[([]([^()[\]]*)[)\]]/g

/**
 * Brackets that say something of the study are read in place; what is not understood in them is a condition, kept and
 * shown as it is printed.
 */
export function withBrackets(
  text: string,
  read: (line: string) => readonly Understood[],
): { plain: string; conditions: string[] } {
  const open = text.replace(BRACKETS, (_, inner: string) => ` ${inner} `)
  const lost = read(open).filter(({ meaning }) => meaning === null)
  const conditions: string[] = []
  const plain = text.replace(BRACKETS, (whole, inner: string, at: number) => {
    const strange = lost.some(({ from, to }) => from < at + whole.length && to > at)
    if (!strange) return ` ${inner} `
    if (inner.trim()) conditions.push(inner.trim())
    return blank(whole)
  })
  return { plain, conditions }
}

/** A stretch of a printed line: a head such as “Arpeggios:”, a subject with keys or kinds, or what is asked of all. */
interface Segment {
  readonly items: readonly Understood[]
  readonly heads: readonly Meaning[]
  /** It stands straight after its head. */
  readonly first: boolean
}

/** Between what a head or a title says and the words themselves. */
const PAUSE: Understood = { from: 0, to: 0, typed: ',', meaning: { part: { is: 'filler' } }, nearest: null, slips: [] }

const meaningsIn = (items: readonly Understood[]): Meaning[] =>
  items.flatMap(({ meaning }) => (meaning ? [meaning] : []))
const isSeparator = ({ typed }: Understood): boolean => [',', 'and', '&', '/'].includes(typed.toLowerCase())
const partsOf = (items: readonly Understood[]): Part[] => meaningsIn(items).map(({ part }) => part)

const names = (part: Part): boolean =>
  part.is === 'tonic' ||
  part.is === 'related-keys' ||
  part.is === 'all' ||
  part.is === 'signs' ||
  (part.is === 'ask' &&
    (part.ask.above || part.ask.signed !== undefined || part.ask.starts !== undefined || part.ask.start !== undefined))
const isSubject = (part: Part): boolean =>
  part.is === 'feature' && (part.features.named !== undefined || part.features.shape !== undefined)
const isMode = (part: Part): boolean =>
  part.is === 'three-minors' ||
  part.is === 'two-minors' ||
  (part.is === 'feature' && (part.features.quality !== undefined || part.features.form !== undefined))

/** What a part sets, field by field. */
export function fieldsOf(part: Part): [string, unknown][] {
  const flat = (path: string, value: unknown): [string, unknown][] =>
    typeof value !== 'object' || value === null || Array.isArray(value)
      ? [[path, value]]
      : Object.entries(value).flatMap(([inner, each]) => flat(path === '' ? inner : `${path}.${inner}`, each))
  if (part.is === 'change') return flat('', part.change)
  if (part.is === 'ask') {
    const { bpm, ...ask } = part.ask
    return [...Object.entries(ask), ...(bpm === undefined ? [] : [['tempo.bpm', bpm] as [string, unknown]])]
  }
  return []
}

/** A head after another: what it says stands instead of what the other said of the same. */
function after(context: readonly Meaning[], head: readonly Meaning[]): Meaning[] {
  const parts = head.map(({ part }) => part)
  const [subject, mode] = [parts.some(isSubject), parts.some(isMode)]
  const fields = new Set(parts.flatMap((part) => fieldsOf(part).map(([field]) => field)))
  const remaining = context.filter(({ part }) => {
    if (isSubject(part)) return !subject
    if (isMode(part)) return !subject && !mode
    return !fieldsOf(part).some(([field]) => fields.has(field))
  })
  return [...remaining, ...head]
}

const isFeature = (item: Understood | undefined): boolean => item?.meaning?.part.is === 'feature'
export const isTonic = (item: Understood | undefined): boolean => item?.meaning?.part.is === 'tonic'
const isPlayed = ({ meaning }: Understood): boolean => meaning?.part.is === 'change' || meaning?.part.is === 'ask'

/** Whether a new list begins at a place: kinds between a comma and a key, after other keys: “…, arpeggios of G”. */
function beginsList(items: readonly Understood[], at: number): boolean {
  if (!isFeature(items[at]) || !items[at - 1] || !isSeparator(items[at - 1]!)) return false
  let end = at
  while (isFeature(items[end])) end++
  const kinds = partsOf(items.slice(at, end)).some(isSubject)
  const on = ['of', 'on', 'in'].includes(items[end]?.typed.toLowerCase() ?? '')
  return kinds && isTonic(items[on ? end + 1 : end]) && items.slice(0, at).some(isTonic)
}

/** Lists in one stretch. What is said of the playing at its end, and nowhere before, holds for all of them. */
function listsIn(items: readonly Understood[]): (readonly Understood[])[] {
  const starts = items.flatMap((_, at) => (at === 0 || beginsList(items, at) ? [at] : []))
  const lists = starts.map((from, nth) => items.slice(from, starts[nth + 1]))
  if (lists.length === 1 || lists.slice(0, -1).some((list) => list.some(isPlayed))) return lists
  const last = lists.at(-1)!
  const shared = last.slice(last.findLastIndex((item) => isTonic(item) || isFeature(item)) + 1)
  return lists.map((list, nth) => (nth < lists.length - 1 ? [...list, PAUSE, ...shared] : list))
}

/** Cuts a line at semicolons and heads; a head governs what follows until the next one says otherwise. */
function segmentsOf(understood: readonly Understood[]): Segment[] {
  const segments: Segment[] = []
  let heads: Meaning[] = []
  let items: Understood[] = []
  let first = false
  const close = (): void => {
    if (meaningsIn(items).length > 0) {
      segments.push(...listsIn(items).map((own) => ({ items: own, heads, first })))
      first = false
    }
    items = []
  }
  for (const item of understood) {
    if (item.typed === ';') close()
    else if (item.typed === ':') {
      // keys before a comma belong to what came before, not to the head
      const cut = items.findLastIndex(isSeparator)
      const before = items.slice(0, cut + 1)
      const rest = items.slice(cut + 1)
      const head = partsOf(before).some(names) && !partsOf(rest).some(names) ? rest : items
      items = head === items ? [] : before
      close()
      heads = after(heads, meaningsIn(head))
      first = true
    } else items.push(item)
  }
  close()
  return segments
}

/** What one study, or one list of keys, is said to be: its own words, and those that hold for the whole line. */
export interface Subject {
  readonly items: readonly Understood[]
}

/** A meaning that no words of the line have by themselves. */
export const asItem = (meaning: Meaning): Understood => ({
  from: 0,
  to: 0,
  typed: '',
  meaning,
  nearest: null,
  slips: [],
})
/** Heads before a subject's own words; a plain “scales” gives way to any other shape. */
function headed({ items, heads }: Segment): Understood[] {
  const own = partsOf(items).some(isSubject)
  const plain = ({ part }: Meaning): boolean => part.is === 'feature' && part.features.shape === 'scale'
  const remaining = heads.filter((meaning) => !(own && plain(meaning)))
  return remaining.length > 0 ? [...remaining.map(asItem), PAUSE, ...items] : [...items]
}

/** What a phrase says of hands or octaves; null where it says nothing of either. */
function endsWith({ part }: Meaning): 'hands' | 'octaves' | null {
  if (part.is === 'change') return part.change.hands ? 'hands' : part.change.octaves ? 'octaves' : null
  return part.is === 'ask' && part.ask.hands ? 'hands' : null
}

/** Hands and octaves that the last stretch of a line says count for those before it that say nothing of them. */
function atTheEnd(segment: Segment, last: Segment): Understood[] {
  if (segment === last) return []
  const said = new Set([...meaningsIn(segment.items), ...segment.heads].map(endsWith))
  const own = last.items.filter(({ meaning }) => {
    const field = meaning ? endsWith(meaning) : null
    return field !== null && !said.has(field)
  })
  return own.length > 0 ? [PAUSE, ...own] : []
}

/**
 * Subjects of a printed line. Stretches that name keys or kinds are subjects; what stands between semicolons beside them
 * holds for all of them.
 */
export function subjectsOf(understood: readonly Understood[]): Subject[] {
  const segments = segmentsOf(understood)
  const anyKeys = segments.some(({ items, heads }) => [...partsOf(items), ...heads.map(({ part }) => part)].some(names))
  const isOwn = ({ items, heads, first }: Segment): boolean => {
    const parts = partsOf(items)
    // “G major: scale, two octaves; arpeggio, one octave”
    if ((first || parts.some(isSubject)) && heads.some(({ part }) => names(part))) return true
    return anyKeys
      ? parts.some(names) || parts.some((part) => part.is === 'feature' && part.features.named !== undefined)
      : parts.some(isSubject) || parts.some(isMode)
  }
  const own = segments.filter(isOwn)
  if (own.length === 0) return [{ items: segments.flatMap((segment) => [...headed(segment), PAUSE]) }]
  // a head governs lists; what holds for all says so by itself
  const before = segments.slice(0, segments.indexOf(own[0]!))
  const rest = segments.filter((segment) => !own.includes(segment) && !before.includes(segment))
  const flat = (some: readonly Segment[]) => some.flatMap(({ items }) => [PAUSE, ...items])
  return own.map((segment) => ({
    items: [
      ...flat(before).slice(1),
      ...(before.length > 0 ? [PAUSE] : []),
      ...headed(segment),
      ...atTheEnd(segment, own.at(-1)!),
      ...flat(rest),
    ],
  }))
}
