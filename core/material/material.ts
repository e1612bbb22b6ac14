import { fifthsOf, type Interval, type Note, noteAbove, noteName, parseNote, printedName, RecipeError } from '../pitch'
import { type Kind, KIND_IDS, type KindId, KINDS } from './kinds'

/** The material of a study: a tonic and what is built on it, spelled. */
export interface Material {
  readonly tonic: Note
  readonly kind: Kind
  /** Sharps (positive) or flats (negative) of the key signature, -7 … 7. */
  readonly fifths: number
  /** The degrees of one octave upward, spelled, without the tonic's return. */
  readonly up: readonly Note[]
  readonly down: readonly Note[]
}

/** Minor keys carry the signature of the major three fifths further to the flat side. */
export const signatureOf = (tonic: Note, kind: Kind): number => fifthsOf(tonic) - (kind.mode === 'minor' ? 3 : 0)

const spell = (tonic: Note, intervals: readonly Interval[]): Note[] =>
  intervals.map((interval) => noteAbove(tonic, interval))

/** Looks a kind up by its name. @throws RecipeError `kind.unknown` */
export function kindOf(id: string, path = 'material.kind'): Kind {
  const found = (KIND_IDS as readonly string[]).includes(id) ? KINDS[id as KindId] : undefined
  if (!found) {
    throw new RecipeError(
      'kind.unknown',
      `“${String(id).slice(0, 40)}” is not a kind of study here. Known: ${KIND_IDS.join(', ')}.`,
      path,
    )
  }
  return found
}

/** The other name for the same keys, if it has a signature of its own: G# minor and Ab minor. */
export function twinOf(tonic: Note, kind: Kind): Note | null {
  const fifths = fifthsOf(tonic)
  return usualTonics(kind).find((other) => Math.abs(fifthsOf(other) - fifths) === 12) ?? null
}

/** Every tonic whose signature has at most seven signs, flats to sharps. */
export function usualTonics(kind: Kind): Note[] {
  const home: Note = kind.mode === 'minor' ? { letter: 'A', alteration: 0 } : { letter: 'C', alteration: 0 }
  return Array.from({ length: 15 }, (_, index) => {
    const fifths = index - 7
    return noteAbove(home, { steps: 4 * fifths, semitones: 7 * fifths })
  })
}

/**
 * Spells a kind on a tonic.
 * @param tonicName ASCII, such as `G#`
 * @throws RecipeError `tonic.unknown` or `tonic.unusual` (no key signature; names the twin), `kind.unknown`
 */
export function materialOf(tonicName: string, kindId: string): Material {
  const kind = kindOf(kindId)
  const tonic = parseTonic(tonicName)
  const fifths = signatureOf(tonic, kind)
  if (Math.abs(fifths) > 7) throw unusual(tonic, kind, fifths)
  return { tonic, kind, fifths, up: spell(tonic, kind.up), down: spell(tonic, kind.down) }
}

function parseTonic(name: string): Note {
  try {
    return parseNote(name)
  } catch {
    throw new RecipeError(
      'tonic.unknown',
      `“${String(name).slice(0, 20)}” is not a tonic. Write a letter from A to G, then # or b: C, F#, Bb.`,
      'material.tonic',
    )
  }
}

function unusual(tonic: Note, kind: Kind, fifths: number): RecipeError {
  const twin = twinOf(tonic, kind)
  const signs = `${Math.abs(fifths)} ${fifths > 0 ? 'sharps' : 'flats'}`
  const mend = twin ? ` Write ${printedName(twin)} ${kind.words} instead: the same keys.` : ''
  return new RecipeError(
    'tonic.unusual',
    `${printedName(tonic)} ${kind.words} would need ${signs}, more than a key signature holds.${mend}`,
    'material.tonic',
    twin ? { twin: noteName(twin) } : {},
  )
}
