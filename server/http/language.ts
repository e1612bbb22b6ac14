import { getQuery, getRequestHeader, type H3Event } from 'h3'
import { isLanguage, languageAmong, wordingFor } from '#shared/languages'
import type { Wording } from '#shared/wording'

/** The language of whoever asks: the one that the address names (`?lang=`), or the first that the browser prefers. */
export function languageOf(event: H3Event): string {
  const { lang } = getQuery(event)
  return typeof lang === 'string' && isLanguage(lang) ? lang : languageAmong(getRequestHeader(event, 'accept-language'))
}

export const wordsOf = (event: H3Event): Wording => wordingFor(languageOf(event))
