import { syllabusError } from './messages'
import { type Kind, KINDS, type KindId, signatureOf, usualTonics } from '../material'
import { noteAbove, noteName, parseNote, pitchClass } from '../pitch'
import type { Entry } from './model'

const classOf = (tonic: string): number => pitchClass(parseNote(tonic))

/** Every usual key of a kind within so many sharps and flats, from flats to sharps. */
const within = (kind: Kind, { sharps, flats }: { sharps: number; flats: number }): string[] =>
  usualTonics(kind)
    .filter((tonic) => {
      const fifths = signatureOf(tonic, kind)
      return fifths <= sharps && fifths >= -flats
    })
    .map(noteName)

/** From one entry to the next, “as” is followed so often: nobody prints more. */
const MAX_STEPS = 20

const indices = new WeakMap<readonly Entry[], ReadonlyMap<string, Entry>>()

/** Entries by their ids; of two of one id the first. */
function indexOf(entries: readonly Entry[]): ReadonlyMap<string, Entry> {
  const known = indices.get(entries)
  if (known) return known
  const index = new Map(entries.toReversed().map((entry) => [entry.id, entry]))
  indices.set(entries, index)
  return index
}

/** Finds the entry whose keys an entry takes. @throws DomainError `keys.unknown`, `keys.circle`, `keys.steps` */
function sourceOf(entry: Entry, entries: readonly Entry[], path: string): Entry | null {
  const index = indexOf(entries)
  const seen = [entry.id]
  let { keys } = entry
  let found: Entry | undefined
  while ('as' in keys) {
    found = index.get(keys.as)
    if (!found) throw syllabusError('keys.unknown', { entry: keys.as }, path)
    const names = [...seen, found.id].join(' → ')
    if (seen.includes(found.id)) throw syllabusError('keys.circle', { entries: names }, path)
    if (seen.length > MAX_STEPS) throw syllabusError('keys.steps', { entry: entry.id, most: MAX_STEPS }, path)
    seen.push(found.id)
    keys = found.keys
  }
  return found ?? null
}

/** Keys that an entry lists for kinds of one mode. */
function listed(entry: Entry, kind: KindId): string[] {
  const { keys } = entry
  if ('as' in keys) return []
  return 'sharps' in keys ? within(KINDS[kind], keys) : [...keys]
}

/** The other entry's keys: for a kind that has a mode, of its kinds of that mode only. */
function borrowed(source: Entry, kind: KindId): string[] {
  const { mode } = KINDS[kind]
  const kinds = source.kinds.filter((other) => mode === null || KINDS[other].mode === mode)
  return [...new Set(kinds.flatMap((other) => listed(source, other).filter((tonic) => !source.except.includes(tonic))))]
}

/**
 * Tonics of an entry for one of its kinds, as the list names them; a seventh “of” a key stands on its own degree.
 * @param entries of the grade, which it may take keys from
 * @throws DomainError `keys.unknown`, `keys.circle`, `keys.steps`
 */
export function tonicsOf(entry: Entry, kind: KindId, entries: readonly Entry[], path = 'keys'): string[] {
  const source = sourceOf(entry, entries, `${path}.as`)
  const tonics = source ? borrowed(source, kind) : listed(entry, kind)
  const out = new Set(entry.except.map(classOf))
  return tonics.filter((tonic) => !out.has(classOf(tonic)))
}

/** Where a chord stands that is named by a key. */
export const rootOf = ({ seventh }: Pick<Entry, 'seventh'>, tonic: string, kind: KindId): string =>
  isOfKeys(seventh, kind) ? noteName(noteAbove(parseNote(tonic), KINDS[kind].ofKey!)) : tonic

/** Whether a kind is a seventh that is named by the key to which it belongs. */
export const isOfKeys = (seventh: Entry['seventh'], kind: KindId): boolean =>
  seventh === 'of' && KINDS[kind].ofKey !== null
