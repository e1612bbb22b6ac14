import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import type { StoredEntry } from '#shared/api'
import { IN_ENGLISH } from '../../support/english'
import { recordCsv } from '../../../server/recordCsv'
import { entryOf, someStudies, TODAY } from '../../support/practice'

const [study] = someStudies(1)
const entry = (id: string, some: Partial<StoredEntry> = {}): StoredEntry => ({
  ...entryOf(study!, TODAY),
  ...{ id, studyId: null, note: '', by: 'teacher', addedAt: '' },
  ...some,
})
/** The table as another program reads it. */
const read = (entries: readonly StoredEntry[]): Record<string, string>[] =>
  Papa.parse<Record<string, string>>(recordCsv(entries, IN_ENGLISH), { header: true, skipEmptyLines: true }).data

describe('a record as a table', () => {
  it('has a line an entry, with the study in words', () => {
    const [line] = read([entry('a', { minutes: 4, stage: 'tempo', where: { place: 'turn' } })])
    expect(line).toMatchObject({
      ...{ date: TODAY, kind: 'cold-test', study: 'C major, hands together, two octaves', hands: 'together' },
      ...{ octaves: '2', 'notes a minute': '144', outcome: 'right', where: 'turn', stage: 'tempo', minutes: '4' },
      ...{ by: 'teacher', counts: 'yes', id: 'a', corrects: '' },
    })
  })

  it('counts notes from one', () => {
    expect(read([entry('a', { where: { player: 'left', index: 6 } })])[0]!.where).toBe('left 7')
  })

  it('keeps what was corrected, and says that it does not count', () => {
    const lines = read([
      entry('a', { outcome: 'wrong' }),
      entry('b', { corrects: 'a' }),
      entry('c', { corrects: 'b', withdrawn: true }),
    ])
    expect(lines.map(({ id, counts, corrects }) => [id, counts, corrects])).toEqual([
      ['a', 'no', ''],
      ['b', 'no', 'a'],
      ['c', 'no', 'b'],
    ])
  })

  it.each(['late, at the "turn"', 'two\nlines', 'à la fin; ♯'])('keeps a note as it was written: %j', (note) => {
    expect(read([entry('a', { note })])[0]!.note).toBe(note)
  })

  it.each(['=1+1', '+1', '-1', '@SUM(A1)'])('is no formula to a spreadsheet: %s', (note) => {
    expect(read([entry('a', { note })])[0]!.note).toBe(`'${note}`)
  })

  it('is a head alone where nothing was played', () => {
    expect(read([])).toEqual([])
    expect(recordCsv([], IN_ENGLISH).trim().split('\n')).toHaveLength(1)
  })
})
