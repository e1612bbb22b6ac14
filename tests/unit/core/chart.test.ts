import { describe, expect, it } from 'vitest'
import { CHARTED, type ChartRules, chartOf, groupsOf, rulesOf } from '#core/chart'
import { noteName } from '#core/pitch'
import { inEnglish } from '../../support/english'

const named = (kind: Parameters<typeof chartOf>[0], some = {}) =>
  groupsOf(chartOf(kind, some)).map(({ alike, rows }) => [alike, rows.map(({ tonic }) => noteName(tonic)).join(' ')])

describe('a chart of a kind', () => {
  it('goes round the circle, each key once, by its name of fewest signs', () => {
    const rows = chartOf('major')
    expect(rows.map(({ tonic }) => noteName(tonic)).join(' ')).toMatch(/^C G D A E B (F#|Gb) Db Ab Eb Bb F$/)
    expect(chartOf('natural-minor').map(({ fifths }) => Math.abs(fifths))).toEqual([0, 1, 2, 3, 4, 5, 6, 5, 4, 3, 2, 1])
  })

  it('brings keys of like fingers together: common practice of the printed tables', () => {
    expect(named('major')).toEqual([
      ['whole', 'C G D A E'],
      // facts of the trade: each of them belongs to one group with the right hand and to another with the left
      ['by-hand', 'B Gb Db Ab Eb Bb F'],
    ])
  })

  it('says where the fourth finger lies: RH on B and LH on D in C major', () => {
    const [c] = chartOf('major')
    expect(c!.lines.map(({ landmarks }) => landmarks.map(inEnglish))).toEqual([['RH 4 on B'], ['LH 4 on D']])
    expect(c!.lines.map(({ marks }) => marks.join(''))).toEqual(['12312345', '54321321'])
  })

  it('has leads and doubles on mallets, one line a key', () => {
    const rows = chartOf('major', { instrument: 'marimba-4.3' })
    expect(rows.every(({ lines }) => lines.length === 1)).toBe(true)
    expect(named('major', { instrument: 'marimba-4.3' }).length).toBeGreaterThan(2)
    const [, , , , e] = rows
    expect(e!.lines[0]!.landmarks.map(inEnglish)).toEqual(['R leads', 'doubled: F♯'])
  })

  it('has the left hand’s own scale on an accordion, counterbasses underlined: 4 2 5 4 2 5 3 4 in C', () => {
    const [c] = chartOf('major', { instrument: 'accordion' })
    const [right, left] = c!.lines
    expect([right!.marks, left!.marks].map((marks) => marks.join(''))).toEqual(['12312345', '42542534'])
    expect(left!.underlined).toEqual([2, 5, 6])
    expect(left!.landmarks.map(inEnglish)).toEqual(['counterbass: E, A, B'])
    expect(right!.underlined).toEqual([])
  })
})

describe('the rules of a chart', () => {
  const said = ({ held, own }: ChartRules): string[] => [
    ...held.map(
      ({ by, degree, note, rows }) =>
        `${by === 'degree' ? degree : noteName(note)}: ${rows.map(({ tonic }) => noteName(tonic)).join(' ')}`,
    ),
    ...own.map(({ row, note }) => `${noteName(row.tonic)} by itself: ${noteName(note)}`),
  ]

  it('are those of the printed tables: RH 4 on B flat in flat keys, LH 4 on the fourth in B♭ E♭ A♭ D♭ (Hanon 1873, 39)', () => {
    const [right, left] = rulesOf(chartOf('major'))
    expect(said(right!)).toEqual(['7: C G D A E B', 'Bb: Gb Db Ab Eb Bb F'])
    expect(said(left!)).toEqual(['2: C G D A E F', '4: Db Ab Eb Bb', 'B by itself: F#', 'Gb by itself: Gb'])
  })

  it.each(CHARTED)('of %s hold wherever they are said to, and every key with one fourth finger has one', (kind) => {
    for (const some of [{}, { instrument: 'accordion' }, { instrument: 'marimba-4.3' }] as const) {
      let rows: ReturnType<typeof chartOf>
      try {
        rows = chartOf(kind, some)
      } catch {
        continue
      }
      for (const { player, held, own } of rulesOf(rows)) {
        const lineOf = (row: (typeof rows)[number]) => row.lines.find((line) => line.player === player)!
        const told = [...held.flatMap((each) => each.rows), ...own.map(({ row }) => row)]
        expect(told).toHaveLength(new Set(told).size)
        expect(new Set(told)).toEqual(new Set(rows.filter((row) => lineOf(row).fourth !== null)))
        for (const { by, degree, note, rows: keys } of held)
          for (const row of keys) {
            const on = by === 'degree' ? [degree - 1, row.notes.length - 1 + degree - 1] : []
            const marks = lineOf(row).marks
            const places = row.notes.flatMap((each, at) =>
              on.includes(at) || (by === 'note' && noteName(each) === noteName(note)) ? [at] : [],
            )
            expect(places.some((at) => marks[at] === '4')).toBe(true)
          }
      }
    }
  })
})
