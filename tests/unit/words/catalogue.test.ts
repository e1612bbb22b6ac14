import { type MessageFormatElement, parse, TYPE } from '@formatjs/icu-messageformat-parser'
import { describe, expect, it } from 'vitest'
import { type Param, type Params, DomainError } from '#core/message'
import { formatMessage, formatItems, formatPieces } from '#words'
import { ENGLISH } from '#words/english'
import { pseudo as makePseudo } from '#words/pseudo'
import { readerOf } from '../../../shared/reader'

const english = readerOf(ENGLISH)
const pseudo = readerOf(makePseudo())

/** What the parameters of a text can be: every choice that it names, and some number or word. */
function samplesOf(elements: readonly MessageFormatElement[], found = new Map<string, Set<Param>>()) {
  const note = (name: string, values: readonly Param[]) => {
    found.set(name, new Set([...(found.get(name) ?? []), ...values]))
  }
  for (const element of elements) {
    if (element.type === TYPE.argument) note(element.value, ['X'])
    if (element.type === TYPE.number) note(element.value, [2])
    if (element.type === TYPE.tag) samplesOf(element.children, found)
    if (element.type !== TYPE.select && element.type !== TYPE.plural) continue
    const keys = Object.keys(element.options)
    note(element.value, element.type === TYPE.plural ? [0, 1, 2, 3, 4, 7] : keys.map((key) => key.replaceAll('_', '-')))
    for (const option of Object.values(element.options)) samplesOf(option.value, found)
  }
  return found
}

/** Every value of every parameter at least once, the others as they come. */
function paramsFor(text: string): Params[] {
  const samples = [...samplesOf(parse(text))].map(([name, values]) => [name, [...values]] as const)
  const most = Math.max(1, ...samples.map(([, values]) => values.length))
  return Array.from({ length: most }, (_, at) =>
    Object.fromEntries(samples.map(([name, values]) => [name, values[at % values.length]!])),
  )
}

const ALL = Object.entries(ENGLISH.catalogue)

/** The files of the catalogue, but for those that only gather others. */
const FILES = import.meta.glob<Record<string, Record<string, string>>>(
  ['/words/en/**/*.ts', '!/words/en/{index,first,later}.ts', '!/words/en/page/{atTheDesk,elsewhere}.ts'],
  { eager: true },
)

describe('the English catalogue', () => {
  it('has each code in one file: a later one would silently be said instead', () => {
    const codes = Object.values(FILES).flatMap((file) => Object.values(file).flatMap(Object.keys))
    expect(codes.length).toBeGreaterThan(1500)
    expect(codes.filter((code, at) => codes.indexOf(code) !== at)).toEqual([])
  })

  it('says every code, whatever its parameters choose', () => {
    for (const [code, text] of ALL) {
      for (const params of paramsFor(text)) {
        const formatted = formatMessage({ code, params }, english)
        expect(formatted, code).not.toMatch(/undefined|null|\{|\}|\[object/)
        expect(formatMessage({ code, params }, pseudo), code).toBeTypeOf('string')
      }
    }
  })

  it('ends every refusal as a sentence does', () => {
    const open = new Set([
      'error.json',
      'error.option.unknown',
      'error.file',
      'error.csv',
      'error.pattern.material',
      'error.range',
    ])
    for (const [code, text] of ALL.filter(([code]) => code.startsWith('error.') && !open.has(code))) {
      for (const params of paramsFor(text)) expect(formatMessage({ code, params }, english), code).toMatch(/[.X]$/)
    }
  })

  it('does not know what is not there, nor leave a parameter out', () => {
    expect(() => formatMessage({ code: 'no.such.code' }, english)).toThrow(RangeError)
    expect(() => formatMessage({ code: 'error.tonic.unknown' }, english)).toThrow()
  })
})

describe('a message', () => {
  it('names notes as its reader does', () => {
    const formatted = { code: 'text', params: { text: { note: 'F#4' } } }
    expect(formatMessage(formatted, english)).toBe('F♯4')
    expect(formatMessage(formatted, readerOf(ENGLISH, 'german'))).toBe('Fis4')
    expect(formatMessage(formatted, readerOf(ENGLISH, 'fixed-do'))).toBe('Fa♯4')
  })

  it('lists as a sentence does, and holds other messages', () => {
    const items = [{ note: 'F' }, { note: 'Bb' }, { code: 'kind.major' }]
    expect(formatMessage({ code: 'list', params: { items: { items, by: 'and' } } }, english)).toBe('F, B♭ and major')
    expect(formatMessage({ code: 'list', params: { items: { items, by: 'or' } } }, english)).toBe('F, B♭ or major')
    expect(formatMessage({ code: 'capital', params: { said: { code: 'kind.major' } } }, english)).toBe('Major')
  })

  it('comes in pieces where its text sets parts of it apart', () => {
    expect(formatPieces({ code: 'kind.major' }, english)).toEqual(['major'])
    const counted = { code: 'sets.set-grading.counted', params: { covered: 3, near: 1, missing: 0, surplus: 2 } }
    expect(formatPieces(counted, english)).toEqual([
      { tag: 'b', text: '3' },
      ' covered, ',
      { tag: 'b', text: '1' },
      ' near, ',
      { tag: 'b', text: '0' },
      ' missing, 2 not asked for here.',
    ])
    expect(formatMessage(counted, english)).toBe('3 covered, 1 near, 0 missing, 2 not asked for here.')
  })

  it('comes apart where it joins others, whatever they hold', () => {
    const items = [
      { code: 'text', params: { text: 'one, two' } },
      { note: 'Bb' },
      { code: 'text', params: { text: '' } },
    ]
    expect(formatItems({ code: 'list', params: { items: { items, by: 'comma' } } }, english)).toEqual([
      'one, two',
      'B♭',
    ])
    expect(formatItems({ code: 'kind.major' }, english)).toEqual(['major'])
  })

  it('crosses workers as data, and a refusal keeps its code, its parameters and its field', () => {
    const refused = new DomainError('note.unknown', { text: 'H' }, 'material.tonic')
    expect(structuredClone(refused.toData())).toEqual({
      code: 'note.unknown',
      params: { text: 'H' },
      path: 'material.tonic',
    })
    expect(refused.at('recipe.material.tonic').path).toBe('recipe.material.tonic')
  })
})

describe('the language of tests', () => {
  it('doubles every letter, so that nothing in it can be taken for English', () => {
    for (const [code, text] of ALL) {
      const [params] = paramsFor(text)
      const formatted = formatMessage({ code, params: params! }, pseudo)
      for (const word of formatted.match(/\p{L}+/gu) ?? []) {
        if (word.includes('X')) continue
        expect(word, code).toMatch(/^(?:(\p{L})\1)+$/u)
      }
    }
  })
})
