import { IntlMessageFormat } from 'intl-messageformat'
import type { Message, Param, Params } from '#core/message'

/** What Tactum says in one language: a text in ICU message syntax for every code. */
export type Catalogue = Readonly<Record<string, string>>

/** A language: its catalogue, and the locale by which numbers, plurals and lists go. */
export interface Language {
  readonly id: string
  readonly locale: string
  readonly catalogue: Catalogue
}

/** Who reads: a language, and how notes are called. */
export interface Reader {
  readonly language: Language
  /** A note's name as it is printed, from its ASCII name. */
  readonly note: (name: string) => string
}

/** A piece of what is said: plain, or between the tags of the catalogue's text. */
export type Piece = string | { readonly tag: string; readonly text: string }

const FORMATS = new WeakMap<Catalogue, Map<string, IntlMessageFormat>>()

/** @throws RangeError for a code that the language does not know */
function formatOf({ catalogue, locale }: Language, code: string): IntlMessageFormat {
  const known = FORMATS.get(catalogue) ?? new Map<string, IntlMessageFormat>()
  FORMATS.set(catalogue, known)
  const made = known.get(code)
  if (made) return made
  const text = catalogue[code]
  if (text === undefined) throw new RangeError(`There are no words for ${code}.`)
  const format = new IntlMessageFormat(text, locale)
  known.set(code, format)
  return format
}

const LISTS = new Map<string, Intl.ListFormat>()
function listOf(words: readonly string[], { locale }: Language): string {
  const format = LISTS.get(locale) ?? new Intl.ListFormat(locale, { type: 'conjunction' })
  LISTS.set(locale, format)
  return format.format(words)
}

const isList = (param: Param): param is readonly Param[] => Array.isArray(param)

function rendered(param: Param, reader: Reader): string | number {
  if (typeof param === 'string' || typeof param === 'number') return param
  if (isList(param)) {
    return listOf(
      param.map((each) => String(rendered(each, reader))),
      reader.language,
    )
  }
  return 'note' in param ? reader.note(param.note) : say(param, reader)
}

const valuesOf = (params: Params | undefined, reader: Reader): Record<string, string | number> =>
  Object.fromEntries(Object.entries(params ?? {}).map(([name, param]) => [name, rendered(param, reader)]))

/** A message in the reader's language. @throws RangeError for an unknown code, Error for a missing parameter */
export function say({ code, params }: Message, reader: Reader): string {
  return String(formatOf(reader.language, code).format(valuesOf(params, reader)))
}

/** The tags that a catalogue's texts may hold, so that parts of a sentence can be set otherwise. */
const TAGS = ['b', 'i', 'a', 'n'] as const

/** A message piece by piece, where its text sets parts of it apart by tags. @throws as `say` */
export function sayPieces({ code, params }: Message, reader: Reader): Piece[] {
  const tagged = Object.fromEntries(
    TAGS.map((tag) => [tag, (chunks: readonly unknown[]): Piece => ({ tag, text: chunks.join('') })]),
  )
  const found = formatOf(reader.language, code).format<Piece>({ ...valuesOf(params, reader), ...tagged })
  return Array.isArray(found) ? (found as Piece[]) : [found as Piece]
}
