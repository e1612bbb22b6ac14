import { callMessage } from './messages'
import { echoOf } from './echo'
import type { Message } from '../message'
import { inversionsOf, type KindId, KINDS, MAX_SIGNS, signatureOf, usualTonics, kindNamed } from '../material'
import { fifthsOf, type Note, noteName, pitchClass } from '../pitch'
import { overWhole, type RecipeInput, type AnyPin } from '../instrument'
import { hear } from './heard'
import { keysCalled } from './keysHeard'
import { kindsFrom } from './kindsHeard'
import { once } from './once'
import { overStudy } from './overStudy'
import type { Features, Part, Meaning, Signs } from './part'
import type { Understood } from './read'

/** All that a line says, gathered from its parts. */
interface Gathered {
  readonly studies: readonly RecipeInput[]
  /** What was assumed, or does not go together. */
  readonly remarks: readonly Message[]
  readonly problems: readonly Message[]
}

type Changes = Omit<RecipeInput, 'material'>

/** All changes in one, the later over the earlier; pins are gathered. */
function joinedChanges(changes: readonly Changes[]): Changes {
  const pins = changes.flatMap((change): readonly AnyPin[] => change.pins ?? [])
  const all = changes.reduce((joined, change) => overWhole(joined, change), {} as Changes)
  return pins.length > 0 ? { ...all, pins } : all
}

/** Places where one field is given two values: `hands`, `tempo.bpm`. */
function contradictions(meaning: readonly Meaning[]): Message[] {
  const known = new Map<string, { value: unknown; part: Part }>()
  const found: Message[] = []
  const note = (path: string, value: unknown, part: Part): void => {
    const before = known.get(path)
    if (before && JSON.stringify(before.value) !== JSON.stringify(value)) {
      found.push(callMessage('call.contradiction', { before: echoOf(before.part)!, after: echoOf(part)! }))
    }
    known.set(path, { value, part })
  }
  const noteAll = (path: string, value: unknown, part: Part): void => {
    if (typeof value !== 'object' || value === null || Array.isArray(value)) note(path, value, part)
    else for (const [inner, each] of Object.entries(value as object)) noteAll(`${path}.${inner}`, each, part)
  }
  for (const { part } of meaning) {
    if (part.is !== 'change') continue
    for (const [field, value] of Object.entries(part.change)) {
      if (field === 'pins') continue
      noteAll(field, value, part)
    }
  }
  return found
}

const within = (fifths: number, signs: readonly Signs[]): boolean =>
  signs.every(({ sharps, flats, exact }) => {
    const [count, limit, other] = fifths < 0 ? [-fifths, flats, sharps] : [fifths, sharps, flats]
    if (exact) return limit === count
    // a limit on one side leaves the other side out, but for the key without signs
    return count === 0 ? (limit ?? other) !== null : limit !== null && count <= limit
  })

/** Every usual key of a kind, from no signs outward, within the limits; of two names for the same keys the simpler. */
function allTonics(kind: keyof typeof KINDS, signs: readonly Signs[]): Note[] {
  const { signature } = KINDS[kind]
  const count = (tonic: Note) => (signature === null ? fifthsOf(tonic) : signatureOf(tonic, KINDS[kind]))
  const usual = usualTonics(KINDS[kind]).filter((tonic) => Math.abs(count(tonic)) <= MAX_SIGNS)
  const sorted = [...usual].sort((a, b) => Math.abs(count(a)) - Math.abs(count(b)) || count(b) - count(a))
  const allowed = sorted.filter((tonic) => signs.length === 0 || within(count(tonic), signs))
  const seen = new Set<number>()
  return signs.length > 0
    ? allowed
    : allowed.filter((tonic) => !seen.has(pitchClass(tonic)) && Boolean(seen.add(pitchClass(tonic))))
}

/**
 * Gathers what one study, or one list of keys, says.
 * @param base the study that a line which names no key is said over
 */
export function gather(understood: readonly Understood[], base?: RecipeInput): Gathered {
  const meaning = understood.flatMap((each) => (each.meaning ? [each.meaning] : []))
  const pick = <T extends Meaning['part']['is']>(is: T) =>
    meaning.flatMap(({ part }) => (part.is === is ? [part as Extract<Meaning['part'], { is: T }>] : []))
  const changes = pick('change')
  const change = joinedChanges([...changes.map(({ usual }) => usual ?? {}), ...changes.map((part) => part.change)])
  const problems = [...contradictions(meaning)]
  const remarks: Message[] = []
  const free = pick('pitches').at(-1)
  if (free) return { studies: [{ ...change, material: { pitches: free.pitches } }], remarks, problems }

  const heard = hear(understood)
  const inversion = heard.inversions.at(-1)
  const one = (features: readonly Features[], tonics: (kind: KindId) => readonly Note[]): RecipeInput[] => {
    const reading = kindsFrom(features, heard)
    problems.push(...reading.problems)
    remarks.push(...reading.open.map((code): Message => ({ code })))
    return reading.kinds.flatMap((kind) => {
      const inverts = inversion !== undefined && inversionsOf(KINDS[kind]) > 1
      if (inversion && !inverts) problems.push(callMessage('call.no-inversions', { kind: kindNamed({ id: kind }) }))
      return tonics(kind).map((tonic) => ({
        ...change,
        material: { tonic: noteName(tonic), kind, ...(inverts ? { inversion } : {}) },
      }))
    })
  }
  const wanted = heard.all || (heard.named.length === 0 && heard.signs.length > 0)
  const over = base && overStudy({ heard, meaning, change, base }, (kind) => allTonics(kind, heard.signs))
  if (over) return { ...over, problems: once([...problems, ...over.problems]) }
  const studies = wanted
    ? one([...heard.common, ...(heard.named[0]?.features ?? [])], (kind) => allTonics(kind, heard.signs))
    : keysCalled(heard).flatMap(({ tonic, features }) => one(features, () => [tonic]))
  if (studies.length === 0 && problems.length === 0 && meaning.length > 0) problems.push(callMessage('call.no-key'))
  return { studies, remarks: once(remarks), problems: once(problems) }
}
