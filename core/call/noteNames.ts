import type { Letter, Note } from '../pitch'
import type { Token } from './scan'

/** A note's name in the line: letters, German letters or fixed-do syllables. */
export interface NameReading {
  readonly note: Note
  /** One past the last token of the name. */
  readonly next: number
}

const SYLLABLES: Readonly<Record<string, Letter>> = {
  do: 'C',
  ut: 'C',
  re: 'D',
  mi: 'E',
  fa: 'F',
  sol: 'G',
  la: 'A',
  si: 'B',
}
/** English, German, Spanish, French and Italian; accents are gone by now. */
const SHARP = ['sharp', 'sharps', 'sostenido', 'sost', 'diese', 'diesis', 'kreuz', '#']
const FLAT = ['flat', 'flats', 'bemol', 'bemolle']
const DOUBLE = ['double', 'doble', 'doppel', 'doppio']

/** Fis, Cis … and Es, As, Des …; `-isis` and `-eses` are double. */
function german(text: string, inGerman: boolean): Note | null {
  if (text === 'h') return { letter: 'B', alteration: 0 }
  if (text === 'b' && inGerman) return { letter: 'B', alteration: -1 }
  const irregular: Record<string, Note> = {
    es: { letter: 'E', alteration: -1 },
    as: { letter: 'A', alteration: -1 },
    eses: { letter: 'E', alteration: -2 },
    ases: { letter: 'A', alteration: -2 },
    heses: { letter: 'B', alteration: -2 },
  }
  if (Object.hasOwn(irregular, text)) return irregular[text]!
  const letter = text[0] === 'h' ? 'B' : (text[0]?.toUpperCase() as Letter)
  const endings: Record<string, number> = { is: 1, isis: 2, es: -1, eses: -2 }
  const alteration = endings[text.slice(1)]
  const known = 'cdefgah'.includes(text[0] ?? '-') && alteration !== undefined
  return known && !(alteration < 0 && 'aeh'.includes(text[0]!)) ? { letter, alteration } : null
}

/** A name without the words that may follow it: `f`, `f#`, `bb`, `sol`, `fis`. */
function stemOf(text: string, inGerman: boolean): { note: Note; bare: boolean } | null {
  const signs = text.match(/^([a-g]|do|ut|re|mi|fa|sol|la|si)(#{1,2}|b{1,2})?$/)
  const own = german(text, inGerman)
  if (own) return { note: own, bare: text.length === 1 }
  if (!signs) return null
  const [, stem, sign = ''] = signs
  const letter = SYLLABLES[stem!] ?? (stem!.toUpperCase() as Letter)
  const alteration = sign.startsWith('b') ? -sign.length : sign.length
  return { note: { letter, alteration }, bare: sign === '' }
}

/** Words after a bare name that raise or lower it: by how much, and how many tokens they take. */
function signAt(tokens: readonly Token[], at: number, afterSyllable: boolean): { alteration: number; size: number } {
  const doubled = DOUBLE.includes(tokens[at]?.text ?? '')
  const sign = tokens[doubled ? at + 1 : at]?.text ?? ''
  const size = doubled ? 2 : 1
  if (SHARP.includes(sign)) return { alteration: size, size }
  // after a syllable a lone b is a flat, after a letter it is another note
  if (FLAT.includes(sign) || (sign === 'b' && afterSyllable)) return { alteration: -size, size }
  return { alteration: 0, size: 0 }
}

/**
 * Reads a note's name at a place of the line.
 * @param inGerman whether B stands for B flat
 */
export function noteNameAt(tokens: readonly Token[], at: number, inGerman: boolean): NameReading | null {
  const token = tokens[at]
  const stem = token?.kind === 'word' ? stemOf(token.text, inGerman) : null
  if (!token || !stem) return null
  if (!stem.bare) return { note: stem.note, next: at + 1 }
  const { alteration, size } = signAt(tokens, at + 1, token.text.length > 1)
  // B flat is one flat, whichever letter the reader calls B
  const own = size > 0 && inGerman && token.text === 'b' ? 0 : stem.note.alteration
  return { note: { ...stem.note, alteration: own + alteration }, next: at + 1 + size }
}

/** Names that a person may begin to type, for completions and nearest readings. */
export const NOTE_WORDS = [
  ...['c', 'c#', 'db', 'd', 'd#', 'eb', 'e', 'f', 'f#', 'gb', 'g', 'g#', 'ab', 'a', 'a#', 'bb', 'b', 'cb'],
  ...['cis', 'dis', 'fis', 'gis', 'ais', 'des', 'es', 'ges', 'as', 'h'],
  ...['do', 're', 'mi', 'fa', 'sol', 'la', 'si'],
  ...['sharp', 'flat', 'double', 'sostenido', 'bemol'],
]
