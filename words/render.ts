import { type MessageFormatElement, parse, TYPE } from '@formatjs/icu-messageformat-parser'
import { IntlMessageFormat } from 'intl-messageformat'
import type { ListParam, Message, Param, Params } from '#core/message'

/** Found once for a locale: for every text anew it takes the platform longer than to format the text. */
const LOCALES = new Map<string, Intl.Locale | undefined>()
const { resolveLocale } = IntlMessageFormat
IntlMessageFormat.resolveLocale = (locales) => {
  const key = String(locales)
  if (!LOCALES.has(key)) LOCALES.set(key, resolveLocale(locales))
  return LOCALES.get(key)
}

/** What Tactum says in one language: a text in ICU message syntax for every code. */
export type Catalogue = Readonly<Record<string, string>>

/** A language: its catalogue, and the locale by which numbers, plurals and lists go. */
export interface Language {
  readonly id: string
  readonly locale: string
  readonly catalogue: Catalogue
  /** The language that speaks for a text that this one does not have; none where it has all. */
  readonly fallback?: Language
}

/** A text and the language that has it: this one, or the one that it falls back to. */
function textIn(language: Language, code: string): { text: string; from: Language } | null {
  const text = language.catalogue[code]
  if (text !== undefined) return { text, from: language }
  return language.fallback ? textIn(language.fallback, code) : null
}

/** Who reads: a language, and how notes are called. */
export interface Reader {
  readonly language: Language
  /** A note's or pitch's name as it is printed, from its ASCII name. */
  readonly note: (name: string) => string
  /** What a message is made of that no catalogue holds, since it follows from others; null where it is none. */
  readonly compose?: (message: Message) => Message | null
}

/** A piece of what is said: plain, or between the tags of the catalogue's text. */
export type Piece = string | { readonly tag: string; readonly text: string }

/**
 * A text as it is formatted. Codes of choices have hyphens, which the message syntax does not take in a selector:
 * catalogues write `up_down {…}` for `up-down`.
 */
function parsed(text: string): MessageFormatElement[] {
  const hyphened = (elements: MessageFormatElement[]): MessageFormatElement[] =>
    elements.map((element) => {
      if (element.type === TYPE.tag) return { ...element, children: hyphened(element.children) }
      if (element.type !== TYPE.select && element.type !== TYPE.plural) return element
      const options = Object.entries(element.options).map(([key, option]) => [
        element.type === TYPE.select ? key.replaceAll('_', '-') : key,
        { ...option, value: hyphened(option.value) },
      ])
      return { ...element, options: Object.fromEntries(options) as typeof element.options } as MessageFormatElement
    })
  return hyphened(parse(text))
}

const FORMATS = new WeakMap<Catalogue, Map<string, IntlMessageFormat>>()

/** @throws RangeError for a code that the language does not know */
function formatOf(language: Language, code: string): IntlMessageFormat {
  const found = textIn(language, code)
  if (!found) throw new RangeError(`There are no words for ${code}.`)
  const { text } = found
  const { catalogue, locale } = found.from
  const known = FORMATS.get(catalogue) ?? new Map<string, IntlMessageFormat>()
  FORMATS.set(catalogue, known)
  const made = known.get(code)
  if (made) return made
  const format = new IntlMessageFormat(parsed(text), locale)
  known.set(code, format)
  return format
}

const LISTS = new Map<string, Intl.ListFormat>()
const SEPARATORS = { comma: ', ', semicolon: '; ', space: ' ', plus: '+' } as const

/** Things in a sentence: joined as the language joins them, or merely side by side. */
function listed({ items, by }: ListParam, reader: Reader): string {
  const words = items.map((item) => String(rendered(item, reader))).filter(Boolean)
  if (by !== 'and' && by !== 'or') return words.join(SEPARATORS[by])
  const { locale } = reader.language
  const key = `${locale} ${by}`
  const type = by === 'and' ? 'conjunction' : 'disjunction'
  const format = LISTS.get(key) ?? new Intl.ListFormat(locale, { type })
  LISTS.set(key, format)
  return format.format(words)
}

function rendered(param: Param, reader: Reader): string | number {
  if (typeof param !== 'object') return param
  if ('items' in param) return listed(param, reader)
  return 'note' in param ? reader.note(param.note) : formatMessage(param, reader)
}

const valuesOf = (params: Params | undefined, reader: Reader): Record<string, string | number> =>
  Object.fromEntries(Object.entries(params ?? {}).map(([name, param]) => [name, rendered(param, reader)]))

/** A sentence within another brings its own full stop; three of them are a pause. */
const oneStop = (text: string): string => (text.includes('..') ? text.replace(/(?<!\.)\.\.(?!\.)/g, '.') : text)

const begun = (text: string, locale: string): string => text.charAt(0).toLocaleUpperCase(locale) + text.slice(1)

/** The tags that a catalogue's texts may hold, so that parts of a sentence can be set otherwise. */
const TAGS = ['b', 'i', 'a', 'n'] as const
/** A tag where all is said in one. */
const UNTAGGED = Object.fromEntries(TAGS.map((tag) => [tag, (chunks: readonly unknown[]) => chunks.join('')]))

/** Texts without placeholders, tags or quotes are said as they stand: most of a page. */
const SYNTAX = /[{}<>'#]/

/** A message in the reader's language. @throws RangeError for an unknown code, Error for a missing parameter */
export function formatMessage(message: Message, reader: Reader): string {
  const { code, params } = message
  const text = textIn(reader.language, code)?.text
  const composed = text === undefined ? reader.compose?.(message) : null
  if (composed) return formatMessage(composed, reader)
  if (text !== undefined && !SYNTAX.test(text)) return text
  const formatted = oneStop(
    String(formatOf(reader.language, code).format({ ...valuesOf(params, reader), ...UNTAGGED })),
  )
  return code === 'capital' ? begun(formatted, reader.language.locale) : formatted
}

/** A message piece by piece, where its text sets parts of it apart by tags. @throws as `say` */
export function formatPieces({ code, params }: Message, reader: Reader): Piece[] {
  const tagged = Object.fromEntries(
    TAGS.map((tag) => [tag, (chunks: readonly unknown[]): Piece => ({ tag, text: chunks.join('') })]),
  )
  const found = formatOf(reader.language, code).format<Piece>({ ...valuesOf(params, reader), ...tagged })
  return Array.isArray(found) ? (found as Piece[]) : [found as Piece]
}

/** What is joined in a message, each by itself; one that joins nothing is one piece. @throws as `say` */
export function formatItems({ code, params }: Message, reader: Reader): string[] {
  const list = code === 'list' ? params?.items : undefined
  return typeof list === 'object' && 'items' in list
    ? list.items.map((item) => String(rendered(item, reader))).filter(Boolean)
    : [formatMessage(params ? { code, params } : { code }, reader)]
}

/** A fault's text: the catalogue has errors under `error.` and their code. */
export const errorMessage = ({ code, params }: { readonly code: string; readonly params?: Params }): Message =>
  params ? { code: `error.${code}`, params } : { code: `error.${code}` }
