import { type MessageFormatElement, parse, TYPE } from '@formatjs/icu-messageformat-parser'
import type { Catalogue } from './render'

/**
 * A catalogue as translators get it: one file of JSON as in Application Resource Bundles (ARB), a text for each code in
 * ICU message syntax, and beside each `@code` what it says in English and what its placeholders are.
 */
export type Translation = Readonly<Record<string, unknown>>

interface Placeholder {
  readonly name: string
  /** A number that is counted, a choice among words, or whatever is put in its place. */
  readonly kind: 'count' | 'choice' | 'text' | 'tag'
  readonly options: readonly string[]
}

/** Placeholders of a text, each once, wherever they stand in it. @throws SyntaxError for what is no ICU message */
export function placeholdersOf(text: string): Placeholder[] {
  const found = new Map<string, Placeholder>()
  const note = (name: string, kind: Placeholder['kind'], options: readonly string[] = []): void => {
    const before = found.get(name)
    if (!before || (before.kind === 'text' && kind !== 'text')) found.set(name, { name, kind, options })
  }
  const walk = (elements: readonly MessageFormatElement[]): void => {
    for (const element of elements) {
      if (element.type === TYPE.argument || element.type === TYPE.number) note(element.value, 'text')
      else if (element.type === TYPE.tag) {
        note(element.value, 'tag')
        walk(element.children)
      } else if (element.type === TYPE.select || element.type === TYPE.plural) {
        note(element.value, element.type === TYPE.plural ? 'count' : 'choice', Object.keys(element.options))
        for (const option of Object.values(element.options)) walk(option.value)
      }
    }
  }
  walk(parse(text))
  return [...found.values()].sort((a, b) => (a.name < b.name ? -1 : 1))
}

const COMMENTS: Readonly<Record<Placeholder['kind'], (options: readonly string[]) => string>> = {
  count: (options) => `a number that is counted (${options.join(', ')}); use the plural forms of the language`,
  choice: (options) => `one of these words, which stay as they are: ${options.join(', ')}`,
  text: () => 'a name, a number or words that are put in its place',
  tag: () => 'parts of the sentence between <tag> and </tag> are set otherwise; keep both',
}

/** The file for a translator: every text of `english`, with what is translated already. */
export function translationOut(tag: string, english: Catalogue, known: Catalogue = {}): Translation {
  const entries = Object.entries(english).flatMap(([code, text]): [string, unknown][] => {
    const placeholders = Object.fromEntries(
      placeholdersOf(text).map(({ name, kind, options }) => [name, { description: COMMENTS[kind](options) }]),
    )
    const about = { description: text, ...(Object.keys(placeholders).length > 0 ? { placeholders } : {}) }
    return [
      [code, known[code] ?? ''],
      [`@${code}`, about],
    ]
  })
  return { '@@locale': tag, ...Object.fromEntries(entries) }
}

/** What of a translation can be taken, and what cannot. */
export interface TranslationReport {
  readonly catalogue: Catalogue
  /** Codes without a text: English speaks for them. */
  readonly missing: readonly string[]
  /** Codes that English does not have. */
  readonly unknown: readonly string[]
  /** Texts that cannot be taken, and why. */
  readonly wrong: readonly { readonly code: string; readonly why: string }[]
}

const namesIn = (text: string): string =>
  placeholdersOf(text)
    .map(({ name }) => name)
    .join(', ')

function faultIn(english: string, text: string): string | null {
  try {
    const [wanted, own] = [namesIn(english), namesIn(text)]
    return wanted === own ? null : `placeholders: ${own || 'none'}, wanted: ${wanted || 'none'}`
  } catch (error) {
    return (error as Error).message
  }
}

/** Reads a translator's file: a text that has other placeholders than the English one, or is no message, is not taken. */
export function translationIn(file: Translation, english: Catalogue): TranslationReport {
  const texts = Object.entries(file).filter(([code]) => !code.startsWith('@'))
  const unknown = texts.flatMap(([code]) => (code in english ? [] : [code]))
  const given = texts.filter((each): each is [string, string] => {
    const [code, text] = each
    return code in english && typeof text === 'string' && text.trim() !== ''
  })
  const judged = given.map(([code, text]) => ({ code, text, why: faultIn(english[code]!, text) }))
  const catalogue = Object.fromEntries(judged.flatMap(({ code, text, why }) => (why === null ? [[code, text]] : [])))
  return {
    catalogue,
    missing: Object.keys(english).filter((code) => !(code in catalogue)),
    unknown,
    wrong: judged.flatMap(({ code, why }) => (why === null ? [] : [{ code, why }])),
  }
}
