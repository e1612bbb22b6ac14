import { computed, shallowRef } from 'vue'
import type { Message, Params } from '#core/message'
import { questionMessage, readerOf } from '#shared/reader'
import {
  type Code,
  inRegion,
  type Region,
  REGIONS,
  FIRST_WORDS,
  type Language,
  type Piece,
  formatMessage as messageFor,
  formatItems as itemsFor,
  formatPieces as piecesFor,
} from '#words'

const language = shallowRef<Language>(FIRST_WORDS)
const REGION_KEPT = 'tactum region'
/** Where the studio says that it is; null until it is known, or where nobody said. */
const region = shallowRef<Region | null>(null)

/** As the browser has it: its reader is American, or is not. */
const guessedRegion = (): Region =>
  globalThis.navigator?.languages.find((tag) => tag.startsWith('en'))?.endsWith('-US') ? 'american' : 'british'

/** By which note values, dates and paper go: the studio's region, or else the browser's. */
export const currentRegion = computed<Region>(() => region.value ?? guessedRegion())
export const readIn = (chosen: Region | null): void => {
  region.value = chosen
  globalThis.localStorage?.setItem(REGION_KEPT, chosen ?? '')
}
/** What it was when the page was open last, so that nothing is said in one way first and in another a moment later. */
export function readAsBefore(): void {
  const kept = localStorage.getItem(REGION_KEPT)
  region.value = REGIONS.find((each) => each === kept) ?? null
}

const regional = computed(() => inRegion(language.value, currentRegion.value))
const reader = computed(() => readerOf(regional.value))

/** Whether all words are there, or those of the first page only. */
let whole = false
/** Words that are still on their way are left out, and said when they are there. */
function spoken<T>(words: () => T, none: T): T {
  if (whole) return words()
  try {
    return words()
  } catch (error) {
    if (!(error instanceof RangeError)) throw error
    wantWords()
    return none
  }
}

/** What the page says for a code, in the reader's language. */
export const t = (code: Code, params?: Params): string =>
  spoken(() => messageFor(params ? { code, params } : { code }, reader.value), '')

/** Whether there are words for a code. */
export const knows = (code: string): code is Code => code in regional.value.catalogue

/** A message of the core or the server, in the reader's language. */
export const formatMessage = (message: Message): string => spoken(() => messageFor(message, reader.value), '')

/** What is joined in a message, each by itself. */
export const formatItems = (message: Message): string[] => spoken(() => itemsFor(message, reader.value), [])

/** A message piece by piece, where parts of it are set otherwise. */
export const formatPieces = (message: Message): Piece[] => spoken(() => piecesFor(message, reader.value), [])

/** A criterion or a band: as the board has it, or the usual one in the reader’s language. */
export const marked = (title: string): string => {
  const code = `marking.${title}`
  return knows(code) ? t(code) : title
}

/** What a list leaves open: a question that Tactum asks, or the words of whoever wrote the list. */
export const question = (open: string): string => formatMessage(questionMessage(open, regional.value))

/** Speaks another language from now on. */
export function speak(other: Language): void {
  whole = true
  language.value = other
}

/** The language that is spoken, for whoever answers in it. */
export const languageTag = (): string => regional.value.id

/** By which dates and orders go: the region’s where the studio names one, else the browser’s own way with the language. */
export const locale = (): string =>
  (region.value === null && navigator.languages.find((each) => each.split('-')[0] === language.value.id)) ||
  regional.value.locale

/** By how much a grading may fall short of the best there is; empty where that is proven, as it is but for monsters. */
export const gapMessage = ({
  gap,
}: {
  readonly gap: { readonly covered: number; readonly near: number } | null
}): string => (gap ? t('sets.gap', { ...gap }) : '')

let fetching: Promise<void> | null = null
/** Fetches the words beyond those of the first page; once. */
export function allWords(): Promise<void> {
  fetching ??= import('#words/later').then(
    ({ later }) => {
      if (!whole) speak({ ...language.value, catalogue: { ...language.value.catalogue, ...later } })
    },
    (error: unknown) => {
      // asked for once more by the next who wants them
      fetching = null
      throw error
    },
  )
  return fetching
}
/** Fetches them while nobody waits for it. */
export const wantWords = (): void => void allWords().catch(() => undefined)
