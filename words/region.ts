import { british } from './british'
import type { Language } from './render'

/** Where somebody reads: by it go note values, dates and the size of paper. */
export const REGIONS = ['british', 'american'] as const
export type Region = (typeof REGIONS)[number]

/** What a region changes of a language. */
interface Regional {
  readonly id: string
  readonly locale: string
  readonly catalogue: Readonly<Record<string, string>>
}

/** By language: what its regions say otherwise. A language that is not here is the same everywhere. */
const REGIONAL: Readonly<Record<string, Readonly<Record<Region, Regional>>>> = {
  en: {
    british: { id: 'en-GB', locale: 'en-GB', catalogue: british },
    american: { id: 'en-US', locale: 'en-US', catalogue: {} },
  },
}

/** A language as a region speaks and writes it. */
export function inRegion(language: Language, region: Region): Language {
  const own = REGIONAL[language.id]?.[region]
  return own ? { ...language, ...own, catalogue: { ...language.catalogue, ...own.catalogue } } : language
}

/** The paper of a region. */
export const paperOf = (region: Region): 'a4' | 'letter' => (region === 'american' ? 'letter' : 'a4')
