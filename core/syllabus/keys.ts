import { refuseSyllabus } from './messages'
import { type Kind, KINDS, type KindId, signatureOf, usualTonics } from '../material'
import { type Interval, noteAbove, noteName, parseNote, pitchClass } from '../pitch'
import type { Entry, Keys } from './model'

const FIFTH = { steps: 4, semitones: 7 }
const classOf = (tonic: string): number => pitchClass(parseNote(tonic))

/** Every usual key of a kind within so many sharps and flats, from flats to sharps. */
const within = (kind: Kind, { sharps, flats }: { sharps: number; flats: number }): string[] =>
  usualTonics(kind)
    .filter((tonic) => {
      const fifths = signatureOf(tonic, kind)
      return fifths <= sharps && fifths >= -flats
    })
    .map(noteName)

/** Finds the entry whose keys these are. @throws RecipeError `keys.unknown`, `keys.circle` */
function sourceOf(keys: Keys, entries: readonly Entry[], path: string, seen: readonly string[] = []): Entry | null {
  if (!('as' in keys)) return null
  const found = entries.find((entry) => entry.id === keys.as)
  if (!found) throw refuseSyllabus('keys.unknown', { entry: keys.as }, path)
  if (seen.includes(found.id)) {
    throw refuseSyllabus('keys.circle', { entries: [...seen, found.id].join(' → ') }, path)
  }
  return sourceOf(found.keys, entries, path, [...seen, found.id]) ?? found
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
 * @throws RecipeError `keys.unknown`, `keys.circle`
 */
export function tonicsOf(entry: Entry, kind: KindId, entries: readonly Entry[], path = 'keys'): string[] {
  const source = sourceOf(entry.keys, entries, `${path}.as`, [entry.id])
  const tonics = source ? borrowed(source, kind) : listed(entry, kind)
  const out = new Set(entry.except.map(classOf))
  return tonics.filter((tonic) => !out.has(classOf(tonic)))
}

/** Where a chord stands that is named by a key. */
export const rootOf = ({ seventh }: Pick<Entry, 'seventh'>, tonic: string, kind: KindId): string =>
  isOfKeys(seventh, kind) ? noteName(noteAbove(parseNote(tonic), LEADING[kind]!)) : tonic

/** Degrees of a key on which its sevenths stand: the dominant on the fifth, the diminished on the raised seventh. */
const LEADING: Partial<Record<KindId, Interval>> = {
  'dominant-seventh-arpeggio': FIFTH,
  'broken-chord-dominant-seventh': FIFTH,
  'diminished-seventh-arpeggio': { steps: 6, semitones: 11 },
  'broken-chord-diminished-seventh': { steps: 6, semitones: 11 },
}

/** Whether a kind is a seventh that is named by the key to which it belongs. */
export const isOfKeys = (seventh: Entry['seventh'], kind: KindId): boolean =>
  seventh === 'of' && LEADING[kind] !== undefined
