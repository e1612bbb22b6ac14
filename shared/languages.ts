import { ENGLISH, LANGUAGES } from '#words/languages'
import { type Wording, wordingOf } from './wording'

/** Tags of the languages that there are. */
export const LANGUAGE_TAGS = Object.keys(LANGUAGES)

export const isLanguage = (tag: string): boolean => [tag, tag.split('-')[0]!].some((each) => each in LANGUAGES)

const made = new Map<string, Wording>()

/** The words of a language; English for one that there is not. @param tag such as `en` or `es-MX` */
export function wordingFor(tag: string | undefined): Wording {
  const id = [tag ?? '', (tag ?? '').split('-')[0]!].find((each) => LANGUAGES[each]) ?? ENGLISH.id
  const known = made.get(id) ?? wordingOf(LANGUAGES[id]!())
  made.set(id, known)
  return known
}

/** The first language of a browser's list (`Accept-Language`) that there is. */
export function languageAmong(list: string | undefined): string {
  const tags = (list ?? '')
    .split(',')
    .map((each) => each.split(';')[0]!.trim())
    .filter((tag) => /^[A-Za-z0-9-]{1,35}$/.test(tag))
  return tags.find((tag) => LANGUAGES[tag] ?? LANGUAGES[tag.split('-')[0]!]) ?? ENGLISH.id
}
