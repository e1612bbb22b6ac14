import { type MessageFormatElement, parse } from '@formatjs/icu-messageformat-parser'
import { describe, expect, it } from 'vitest'
import { wordsList } from '../../../cli/wordsList'
import { LANGUAGES } from '#words/languages'
import { formatMessage } from '#words'
import { readerOf } from '#shared/reader'

/** Files that are written for whoever opens them, not said on a page. */
const FILES = new Set(['archive.readme'])
/** The choice of the region itself. */
const BOTH = 'settings.region.name'
const BRITISH = LANGUAGES['en-GB']!().catalogue
const TEXTS = [...Object.entries(LANGUAGES.en!().catalogue), ...Object.entries(BRITISH)].filter(
  ([code]) => !FILES.has(code),
)
/** What is said once the choices of a text are made: each option by itself. */
const found = (rule: RegExp): string[] =>
  TEXTS.filter(([, text]) => rule.test(text)).map(([code, text]) => `${code}: ${text}`)

/** Words that stand for the usual verb, and the riddles, that no page says (rules 1 and 2). */
const UNUSUAL: readonly RegExp[] = [
  /\bthrow|thrown away/i,
  /\bput (it |them )?(away|back|on file)\b|\bput away\b/i,
  /\btake (it|this|them) (back|out)\b|\btake back\b|\btaken back\b/i,
  /\bbring in\b|\bbrought in\b|\bbring it\b/i,
  /\bbegin it\b|\bbegin a (list|set)\b/i,
  /\bwrite (it(?! as)|a file|the file)\b/i,
  /\bcomes no more\b|\bcomes again\b/i,
  /\bcold\b(?! \{)/i,
  /(?<!\{)\btwins?\b(?!,| \{|\})/i,
  /\bwhy so\b|\bor else\b|\bhow hard\b/i,
  /\bon the stand\b/i,
  /\bway through\b/i,
  /\bcalled so\b/i,
  /\blet (it|them) go\b/i,
  /^(keep|kept|keeping …)$/i,
]

describe('what Tactum says', () => {
  it.each(UNUSUAL)('has the usual word for %s', (rule) => {
    expect(found(rule)).toEqual([])
  })

  it('has one idea a sentence: no semicolons', () => {
    // what a file may hold between its columns is a matter of the file
    expect(found(/;/).filter((each) => !each.startsWith('error.csv.header'))).toEqual([])
  })

  it('ends a sentence with one full stop, whatever is put into it', () => {
    expect(found(/[.!?]\s*\.(?!\.)/)).toEqual([])
    const why = { code: 'text', params: { text: 'The disk is full.' } }
    const reader = readerOf(LANGUAGES.en!())
    expect(formatMessage({ code: 'error.backup.failed', params: { why } }, reader)).toBe(
      'This could not be done: The disk is full. Everything is as it was.',
    )
  })

  it('has in British what it has in American: every choice of a text that both have', () => {
    const choicesIn = (parts: readonly MessageFormatElement[]): string[] =>
      parts.flatMap((part) =>
        'options' in part
          ? Object.entries(part.options).flatMap(([name, { value }]) => [`${part.value} ${name}`, ...choicesIn(value)])
          : [],
      )
    const choices = (text: string): string[] => choicesIn(parse(text)).sort()
    for (const [code, text] of Object.entries(LANGUAGES.en!().catalogue)) {
      expect(choices(BRITISH[code] ?? ''), code).toEqual(choices(text))
    }
  })

  it('says note values and steps by the region, and never mixes them', () => {
    const american = /crotchet|quaver|minim\b|semibreve|\btones\b/i
    const british = /\bquarters?\b(?! of)|\beighths?\b|sixteenth|half step|whole step/i
    const base = Object.entries(LANGUAGES['en-US']!().catalogue).filter(([code]) => code !== BOTH)
    expect(base.filter(([, text]) => american.test(text))).toEqual([])
    const said = Object.entries(BRITISH)
      .filter(([code]) => code !== BOTH)
      .map(([code, text]) => [code, text.replaceAll(/\b(dotted_)?(quarter|eighth|sixteenth|relay_half_step) \{/g, '{')])
    expect(said.filter(([, text]) => british.test(text!))).toEqual([])
  })
})

describe('the list of what is said', () => {
  it('names every text with the pages where it stands', () => {
    const list = wordsList(LANGUAGES.en!().catalogue)
    expect(list).toHaveLength(Object.keys(LANGUAGES.en!().catalogue).length)
    const pages = new Map(list.map(({ code, pages: where }) => [code, where]))
    expect(pages.get('frame.the-head.desk')).toEqual(['/'])
    expect(pages.get('studio.backups')).toEqual(['/settings'])
    expect(pages.get('practice.line.label')).toContain('/pupils/[id]')
    expect(pages.get('error.disk')).toEqual([])
  })
})
