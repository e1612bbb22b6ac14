import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import { keyNamed } from '#core/material'
import type { Page } from '#paper'
import { languageAmong, wordingFor } from '#shared/languages'
import { DEFAULT_LOOK, type PaperRequest } from '#shared/paper/requests'
import { chartSheet } from '#shared/paper/chart'
import { cardsOf, studyPages } from '#shared/paper/studies'
import { lessonSheet } from '#shared/paper/lesson'
import { weekSheet } from '#shared/paper/week'
import { worksheetSheet } from '#shared/paper/worksheet'
import { wordingOf } from '#shared/wording'
import { ENGLISH } from '#words/languages'
import { placeholdersOf, translationIn, translationOut } from '#words/translation'
import { recordCsv } from '../../../server/recordCsv'
import { faces } from '../../support/faces'
import { notInPseudo } from '../../support/doubled'
import { lessonFile, practiceFile, someStudies } from '../../support/practice'

const PSEUDO = wordingFor('en-x-pseudo')

const textsOf = (pages: readonly Page[]): string[] =>
  pages.flatMap(({ drawn }) => drawn.flatMap((one) => (one.kind === 'text' && one.face !== 'music' ? [one.text] : [])))

const RECIPES = [
  { material: { tonic: 'G#', kind: 'harmonic-minor' } },
  { material: { tonic: 'D', kind: 'diatonic-sevenths-major' }, rhythm: { swing: 60 } },
  { material: { tonic: 'F', kind: 'major' }, instrument: 'marimba-4.3', lead: 'left' },
  { material: { tonic: 'C', kind: 'major' }, instrument: 'accordion' },
] as const
const studies = RECIPES.map((recipe) => ({ recipe: completeRecipe(recipe as never) }))
const SHEETS: readonly PaperRequest[] = [
  { sheet: 'studies', size: 'a4', title: '', studies, look: { ...DEFAULT_LOOK, grips: true, names: 'letters' } },
  { sheet: 'cards', size: 'letter', title: '', studies },
  { sheet: 'chart', size: 'a4', chart: { kinds: ['major', 'harmonic-minor'], settings: {} } },
  {
    sheet: 'lesson',
    size: 'a4',
    file: lessonFile({ studies: someStudies(4), pupil: { name: '' } }),
    address: 'http://x',
  },
  { sheet: 'week', size: 'a4', name: '', practice: practiceFile({ studies: someStudies(4) }) },
]
const made = (request: PaperRequest): readonly Page[] => {
  const own = faces()
  if (request.sheet === 'studies') return studyPages(request, own, PSEUDO).pages
  if (request.sheet === 'cards') return cardsOf(request, own, PSEUDO).pages
  if (request.sheet === 'chart') return chartSheet(request, own, PSEUDO).pages
  if (request.sheet === 'lesson') return lessonSheet(request, own, PSEUDO).pages
  return request.sheet === 'week' ? weekSheet(request, own, PSEUDO).pages : worksheetSheet(request, own, PSEUDO).pages
}
/** Words of the platform's own calendar and lists. */
const SIGNS = new Set([
  'and',
  ...Array.from({ length: 12 }, (_, at) => [
    new Date(2026, at).toLocaleString('en-GB', { month: 'long' }),
    new Date(2026, 0, at).toLocaleString('en-GB', { weekday: 'long' }),
    new Date(2026, 0, at).toLocaleString('en-GB', { weekday: 'short' }),
  ]).flat(),
])

describe('a language is a value', () => {
  it.each(SHEETS.map((request) => [request.sheet, request] as const))('of every sheet: %s', (_, request) => {
    const texts = textsOf(made(request))
    expect(texts.length).toBeGreaterThan(5)
    expect(notInPseudo(texts, SIGNS)).toEqual([])
  })

  it('of a record as a table', () => {
    const [study] = someStudies(1)
    const entry = { id: 'e', study, date: '2026-11-20', kind: 'lesson', outcome: 'right', tempo: 96, note: '' }
    const csv = recordCsv([{ ...entry, hands: 'together', octaves: 2, minutes: 1, by: 'teacher' } as never], PSEUDO)
    expect(csv).toContain('mmaajjoorr')
  })

  it('of errors and titles, beside another in the same moment', () => {
    const title = keyNamed({ tonic: 'C', kind: 'double-thirds-major' })
    expect(PSEUDO.format(title)).toBe('C mmaajjoorr iinn ddoouubbllee tthhiirrddss')
    expect(wordingFor('en').format(title)).toBe('C major in double thirds')
    expect(PSEUDO.worded({ code: 'json', params: { why: 'x' }, path: '' }).message).toMatch(/^TThhiiss iiss/)
  })

  it('is the first of a browser’s that there is, else English', () => {
    expect(languageAmong('xx, en-x-pseudo;q=0.8, en;q=0.5')).toBe('en-x-pseudo')
    expect(languageAmong('xx-YY')).toBe('en')
    expect(languageAmong(undefined)).toBe('en')
    expect(wordingFor('en-NZ').locale).toBe('en-GB')
  })

  it('that lacks a text falls back to English for that text', () => {
    const half = { id: 'half', locale: 'es', catalogue: { 'kind.major': 'mayor' }, fallback: ENGLISH }
    const { format } = wordingOf(half)
    expect(format({ code: 'kind.major' })).toBe('mayor')
    expect(format({ code: 'kind.double-thirds-major' })).toBe('mayor in double thirds')
    // plurals of a text that English speaks for are English plurals
    expect(format({ code: 'practice.minutes', params: { minutes: 1 } })).toBe(
      wordingFor('en').text('practice.minutes', { minutes: 1 }),
    )
  })
})

describe('the file for a translator', () => {
  const english = ENGLISH.catalogue
  const out = translationOut('es', english) as Record<string, { description: string; placeholders?: object }>

  it('has every text, with what it says in English and a comment for each placeholder', () => {
    for (const [code, text] of Object.entries(english)) {
      expect(out[code]).toBe('')
      expect(out[`@${code}`]!.description).toBe(text)
      const names = placeholdersOf(text).map(({ name }) => name)
      expect(Object.keys(out[`@${code}`]!.placeholders ?? {})).toEqual(names)
    }
  })

  it('comes back whole, with a report of what is missing and what cannot be taken', () => {
    const file = {
      ...out,
      'kind.major': 'mayor',
      'treated.thirds': '{base} en terceras dobles',
      'treated.sixths': 'en sextas dobles',
      'treated.triads': '{bass} en tríadas',
      'kind.blues': '{',
      'kind.unheard-of': 'nada',
    }
    const { catalogue, missing, unknown, wrong } = translationIn(file, english)
    expect(catalogue).toEqual({ 'kind.major': 'mayor', 'treated.thirds': '{base} en terceras dobles' })
    expect(missing).toHaveLength(Object.keys(english).length - 2)
    expect(unknown).toEqual(['kind.unheard-of'])
    expect(wrong.map(({ code }) => code)).toEqual(['kind.blues', 'treated.sixths', 'treated.triads'])
    expect(wrong.slice(1).map(({ why }) => why)).toEqual([
      'placeholders: none, wanted: base',
      'placeholders: bass, wanted: base',
    ])
    // what is translated already goes out again
    expect(translationOut('es', english, catalogue)['kind.major']).toBe('mayor')
  })
})
