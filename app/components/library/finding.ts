import { useSessionStorage } from '@vueuse/core'
import { computed, type ShallowRef } from 'vue'
import { familyOf, instrumentOf } from '#core/instrument'
import { type KindId, kindNamed, KINDS } from '#core/material'
import { parseNote, printedName } from '#core/pitch'
import type { Shelf, StudyListing } from '#shared/api'
import { locale, t, formatMessage } from '~/composables/words'

/** What is looked for; an empty word means any. */
export interface Sought {
  words: string
  shelf: Shelf
  instrument: string
  tonic: string
  kind: string
  hands: string
  pupil: string
  syllabus: string
  tag: string
  order: 'newest' | 'title'
}

const ANYTHING: Sought = {
  words: '',
  shelf: 'library',
  instrument: '',
  tonic: '',
  kind: '',
  hands: '',
  pupil: '',
  syllabus: '',
  tag: '',
  order: 'newest',
}

/** Filters, each with what a study has of it. */
const FILTERS = {
  // all sizes of a make count as one
  instrument: (study: StudyListing) => [instrumentOf(study).make],
  tonic: (study: StudyListing) => (study.tonic ? [study.tonic] : []),
  kind: (study: StudyListing) => (study.kind ? [study.kind] : []),
  hands: (study: StudyListing) => (familyOf(study).examined.saysHands ? [study.hands] : []),
  pupil: (study: StudyListing) => study.pupils,
  syllabus: (study: StudyListing) => study.syllabi,
  tag: (study: StudyListing) => study.tags,
} as const
export type Filter = keyof typeof FILTERS
export const FILTER_NAMES = Object.keys(FILTERS) as Filter[]

const spelled = (text: string): string =>
  text.toLowerCase().replaceAll('♯', '#').replaceAll('♭', 'b').replaceAll('×', '##')
const wordsOf = (text: string): string[] => spelled(text).split(/\s+/).filter(Boolean)

const LETTERS = 'CDEFGAB'
/** Tonics from C upward, flats before naturals before sharps. */
const byTonic = (a: string, b: string): number => {
  const place = (name: string): number => {
    const { letter, alteration } = parseNote(name)
    return LETTERS.indexOf(letter) * 10 + alteration
  }
  return place(a) - place(b)
}

/** A choice of one filter with the number of studies it would leave. */
export interface Facet {
  readonly value: string
  readonly words: string
  readonly count: number
}

/** The library as it is searched: every word sought must stand in the title, a tag or a pupil's name. */
export function finding(studies: ShallowRef<readonly StudyListing[] | null>, titleOf: (syllabus: string) => string) {
  const sought = useSessionStorage<Sought>('tactum library', { ...ANYTHING }, { mergeDefaults: true })

  const titles = computed(() => new Map((studies.value ?? []).map((study) => [study.id, formatMessage(study.title)])))
  const hay = computed(
    () =>
      new Map(
        (studies.value ?? []).map((study) => [
          study.id,
          spelled([formatMessage(study.title), ...study.tags, ...study.pupils].join(' ')),
        ]),
      ),
  )
  const onShelf = computed(() => (studies.value ?? []).filter(({ shelf }) => shelf === sought.value.shelf))
  const matching = computed(() => {
    const words = wordsOf(sought.value.words)
    return onShelf.value.filter(({ id }) => words.every((word) => hay.value.get(id)!.includes(word)))
  })
  const passes = (study: StudyListing, but?: Filter): boolean =>
    FILTER_NAMES.every(
      (name) => name === but || !sought.value[name] || FILTERS[name](study).includes(sought.value[name]),
    )

  const collator = new Intl.Collator(locale())
  const found = computed(() => {
    const all = matching.value.filter((study) => passes(study))
    return sought.value.order === 'title'
      ? all.toSorted((a, b) => collator.compare(titles.value.get(a.id)!, titles.value.get(b.id)!))
      : all
  })

  const WORDS: Partial<Record<Filter, (value: string) => string>> = {
    instrument: (make) => t('name.make', { make }),
    tonic: (value) => printedName(parseNote(value)),
    kind: (value) => (value in KINDS ? formatMessage(kindNamed({ id: value as KindId })) : value),
    hands: (value) =>
      value === 'together' ? t('library.finding.hands-together') : t('library.finding.hand', { value }),
    syllabus: titleOf,
  }
  /** What a filter can be set to, as the others stand. */
  function facetsOf(name: Filter): Facet[] {
    const counts = new Map<string, number>()
    for (const study of matching.value) {
      if (!passes(study, name)) continue
      for (const value of FILTERS[name](study)) counts.set(value, (counts.get(value) ?? 0) + 1)
    }
    const order = name === 'tonic' ? byTonic : collator.compare
    return [...counts]
      .toSorted(([a], [b]) => order(a, b))
      .map(([value, count]) => ({ value, count, words: WORDS[name]?.(value) ?? value }))
  }
  const filtered = computed(() => FILTER_NAMES.some((name) => sought.value[name]) || sought.value.words.trim() !== '')
  const clear = (): void => {
    sought.value = { ...ANYTHING, shelf: sought.value.shelf, order: sought.value.order }
  }

  return { sought, found, onShelf, facetsOf, filtered, clear }
}
