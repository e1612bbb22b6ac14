import { readFileSync } from 'node:fs'
import Ajv from 'ajv'
import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { leanSyllabus, type Syllabus } from '#core/syllabus'
import corvane from '../../../demo/syllabi/corvane-piano.json'
import { syllabusOf } from '../../../shared/schemas'
import { previewCsv, textOf, writeCsv } from '../../../shared/syllabusCsv'
import { anySyllabus } from '../../support/syllabi'
import { inEnglish, messageOf } from '../../support/english'
import { runs } from '../../support/runs'

const board = syllabusOf(corvane)
const published = new Ajv().compile(JSON.parse(readFileSync('docs/schemas/tactum-syllabus-1.json', 'utf8')))
const HEADER = 'grade,group,words\n'
const LINE = '1,A,"C major, hands together, one octave, crotchet = 60 in quavers"\n'

describe('a list as JSON', () => {
  it('written and read again is the same, and keeps to the published schema', () => {
    fc.assert(
      fc.property(anySyllabus, (list) => {
        const file = JSON.parse(JSON.stringify(leanSyllabus(list))) as object
        expect(syllabusOf(file)).toEqual(list)
        expect(published(file)).toBe(true)
        expect(published(JSON.parse(JSON.stringify(list)))).toBe(true)
      }),
      { numRuns: runs(150) },
    )
  })

  it.each<[string, (file: any) => void, string]>([
    ['a circle of grades', (f) => ((f.grades[1].includes = '2'), (f.grades[2].includes = '1')), 'grades[1].includes'],
    ['a grade that includes itself', (f) => (f.grades[3].includes = '3'), 'grades[3].includes'],
    ['a grade to include that is not there', (f) => (f.grades[3].includes = '12'), 'grades[3].includes'],
    [
      'a circle of keys',
      (f) => {
        const [a, b] = f.grades[0].groups[0].entries
        ;[a.keys, b.keys] = [{ as: b.id }, { as: a.id }]
      },
      'grades[0].groups[0].entries[0].keys.as',
    ],
    [
      'keys of an entry that is not there',
      (f) => (f.grades[0].groups[0].entries[0].keys = { as: 'Z9' }),
      'grades[0].groups[0].entries[0].keys.as',
    ],
    ['choose 5 of 3 keys', (f) => (f.grades[0].groups[0].entries[0].pick = 5), 'grades[0].groups[0].entries[0].pick'],
    [
      'a choice within a choice',
      (f) => ((f.grades[0].groups[0].rule = { any: 1 }), (f.grades[0].groups[0].entries[0].pick = 1)),
      'grades[0].groups[0].entries[0].pick',
    ],
    ['more drawn than there is', (f) => (f.grades[0].groups[0].draw = 40), 'grades[0].groups[0].draw'],
    [
      'a limit below the tempo',
      (f) => (f.grades[0].groups[0].entries[0].tempo.most = 30),
      'grades[0].groups[0].entries[0].tempo.most',
    ],
    [
      'a tempo of nothing',
      (f) => (f.grades[0].groups[0].entries[0].tempo.bpm = 0),
      'grades[0].groups[0].entries[0].tempo.bpm',
    ],
    [
      'nothing left of the keys',
      (f) => (f.grades[0].groups[0].entries[0].except = ['C', 'G', 'F']),
      'grades[0].groups[0].entries[0].keys',
    ],
    ['a band beyond the whole', (f) => (f.marking.bands[0].least = 22), 'marking.bands[0].least'],
    [
      'more ways than can be weighed',
      (f) => {
        f.grades[8].groups[4].rule = { any: 6, of: 'keys' }
        f.grades[8].groups[4].draw = null
      },
      'grades[8].groups[4]',
    ],
  ])('%s is refused by its place', (_, spoil, path) => {
    const file = structuredClone(corvane) as any
    spoil(file)
    expect(() => syllabusOf(file)).toThrow(expect.objectContaining({ path }) as Error)
  })
})

describe('a list as CSV', () => {
  const problems = (text: string) =>
    previewCsv(text).problems.map(({ line, field, message }) => `${line} ${field}: ${inEnglish(message)}`)
  const same = (list: Syllabus, text: string) => {
    const { syllabus, problems: found } = previewCsv(text)
    expect(found).toEqual([])
    expect(syllabus).toEqual(list)
  }

  it('written and read again is the same', () => {
    same(board, writeCsv(board))
    fc.assert(
      fc.property(anySyllabus, (list) => same(list, writeCsv(list))),
      { numRuns: runs(150) },
    )
  })

  it('comes as spreadsheets write it: semicolons, tabs, byte order marks, other line ends, decimal commas', () => {
    const text = writeCsv(board)
    const rows = Papa.parse<string[]>(text).data
    for (const delimiter of [';', '\t']) same(board, `\uFEFF${Papa.unparse(rows, { delimiter, newline: '\r\n' })}`)
    const table = 'grade;group;words;keys;kinds;octaves;bpm;notes_per_beat\n1;A;as printed;C G;major;2,0;60,0;2\n'
    expect(previewCsv(table).syllabus!.grades[0]!.groups[0]!.entries[0]).toMatchObject({
      octaves: 2,
      tempo: { bpm: 60 },
    })
    expect(problems(table.replace('60,0', '60,5'))).toEqual(['2 tempo.bpm: tempo.bpm must be a whole number.'])
  })

  it('is read from its words where columns say nothing; what columns say counts', () => {
    const text =
      'Grade;Group;Group title;Words;Octaves\nIn;A;Scales;"C and G majors, A minor harmonic; crotchet = 60 in quavers";2\n'
    const { syllabus, rows } = previewCsv(text, { title: 'House list', board: 'Kestrel Lane Music Rooms' })
    expect(syllabus).toMatchObject({ id: 'house-list', board: 'Kestrel Lane Music Rooms' })
    const { entries } = syllabus!.grades[0]!.groups[0]!
    expect(entries.map(({ id, kinds, octaves }) => [id, kinds, octaves])).toEqual([
      ['In.A1a', ['major'], 2],
      ['In.A1b', ['harmonic-minor'], 2],
    ])
    expect(rows).toMatchObject([{ line: 2, grade: 'In', entries: 2 }])
  })

  it.each<[string, string, RegExp]>([
    ['no header', 'C major\nG major\n', /^1 header: There is no header/],
    ['an unknown column', 'grade,group,words,colour\n1,A,"C major",blue\n', /^1 colour: There is no column “colour”/],
    [
      'a line that is not understood',
      `${HEADER}${LINE}1,A,"D minr, crotchet = 60 in quavers"\n`,
      /^3 words: “minr” is not understood/,
    ],
    [
      'an id twice',
      `grade,group,id,words\n${LINE.replace('1,A', '1,A,x')}${LINE.replace('1,A', '1,A,x')}`,
      /^3 id: The entry “x” is named twice/,
    ],
    [
      'an unknown kind',
      `${HEADER.trim()},kinds\n${LINE.trim()},bebop\n`,
      /^2 kinds\[0\]: kinds\[0\] must be one of major, /,
    ],
    ['a tempo of 0', `${HEADER.trim()},bpm\n${LINE.trim()},0\n`, /^2 tempo\.bpm: .*must be 20 or more/],
    [
      'choose 5 of 3',
      `grade,group,any,words\n1,A,5,"C, G, D majors, crotchet = 60 in quavers"\n`,
      /^2 .*asks for any 5, but lists only 3/,
    ],
    ['a key that is none', `${HEADER.trim()},keys\n${LINE.trim()},C H\n`, /^2 keys/],
    ['yes or no', `${HEADER.trim()},memory\n${LINE.trim()},perhaps\n`, /^2 memory: “perhaps” must be yes or no/],
    ['an open quote', `${HEADER}1,A,"C major\n`, /Quoted field unterminated/],
    ['nothing', '', /^1 header/],
    ['a head that is not known', `:colour,blue\n${HEADER}${LINE}`, /^1 :colour: :colour is not known/],
    [
      'a circle of grades',
      `:grade,1,One,2\n:grade,2,Two,1\n${HEADER}${LINE}${LINE.replace('1,A', '2,A')}`,
      /includes.*circle/,
    ],
  ])('%s is told by line and field, and nothing comes of it', (_, text, message) => {
    const shown = problems(text)
    expect(shown.some((each) => message.test(each))).toBe(true)
    expect(previewCsv(text).syllabus).toBeNull()
  })

  it('tells everything that is wrong at once, each by its line', () => {
    const text = `${HEADER}1,A,"C majr, crotchet = 60 in quavers"\n\n${LINE}2,B,"bongo"\n`
    expect([...new Set(previewCsv(text).problems.map(({ line }) => line))]).toEqual([2, 5])
  })

  it('is refused by the line where it is not UTF-8, and read where its mark says UTF-16', () => {
    const latin = Buffer.concat([Buffer.from(`${HEADER}${LINE}1,A,"Gr`), Buffer.from([0xe9]), Buffer.from('"')])
    expect(messageOf(() => textOf(latin))).toMatch(/Line 3 is not UTF-8/)
    const wide = Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from(HEADER + LINE, 'utf16le')])
    expect(previewCsv(textOf(wide)).problems).toEqual([])
  })
})
