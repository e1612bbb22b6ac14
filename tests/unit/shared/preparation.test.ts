import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import type { StoredEntry, StoredRoute } from '#shared/api'
import { packed, templatesOf, unpacked, writtenOf } from '#shared/preparation'
import { entryOf, practiceFile, someStudies, TODAY } from '../../support/practice'
import { runs } from '../../support/runs'

const studies = someStudies(4)
const stored = (at: number, study: number): StoredEntry => ({
  ...entryOf(studies[study]!, TODAY),
  ...{ id: `entry ${at}`, studyId: null, note: '', by: 'teacher', addedAt: '' },
})

describe('a record on its way to the page', () => {
  it('names each study once, and is the same when it is unpacked', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(3), { maxLength: 30 }), (which) => {
        const entries = which.map((study, at) => stored(at, study))
        const sent = packed(entries)
        expect(sent.recipes).toHaveLength(new Set(which).size)
        expect(unpacked(JSON.parse(JSON.stringify(sent)))).toEqual(JSON.parse(JSON.stringify(entries)))
      }),
      { numRuns: runs(100) },
    )
  })

  it('shares one study between its entries, so that a long record is read quickly', () => {
    const entries = Array.from({ length: 2000 }, (_, at) => stored(at, at % 4))
    const back = unpacked(packed(entries))
    expect(new Set(back.map(({ study }) => study)).size).toBe(4)
  })
})

describe('a teacher’s own way through studies', () => {
  const route = (family: string, school: string, stage: string): StoredRoute => ({
    ...{ family, school, version: 1 },
    steps: [{ stage, minutes: 3 }],
  })
  const firstOf = (routes: readonly StoredRoute[], recipe = studies[0]!) => templatesOf(routes)(recipe)?.[0]?.stage

  it('is that of the study’s school, else that of all schools, else the usual', () => {
    const all = [route('keys', '', 'octaves'), route('keys', 'conservatory', 'blocks')]
    expect(firstOf(all)).toBe('blocks')
    expect(firstOf(all.slice(0, 1))).toBe('octaves')
    expect(firstOf([route('keys', 'black-groups', 'blocks')])).toBeUndefined()
    expect(firstOf([])).toBeUndefined()
  })

  it('is the family’s own', () => {
    const marimba = completeRecipe({ instrument: 'marimba-5.0', material: { tonic: 'C', kind: 'major' } })
    const all = [route('keys', '', 'octaves'), route('mallets', '', 'rolled')]
    expect([firstOf(all), firstOf(all, marimba)]).toEqual(['octaves', 'rolled'])
  })
})

describe('a set with its aim, as the core reads it', () => {
  const file = practiceFile({ studies, aim: { pins: [{ studyId: 'study 2', week: TODAY }] } })
  const written = (some: object = {}) => writtenOf({ ...file, aim: { ...file.aim!, ...some }, record: [] })

  it('counts studies by their place', () => {
    expect(written().pins).toEqual([{ study: 2, week: TODAY }])
    expect(written().studies).toEqual(studies)
  })

  it('forgets the week of a study that has left the set', () => {
    expect(written({ pins: [{ studyId: 'gone', week: TODAY }] }).pins).toEqual([])
  })

  it('draws six of all studies, or all of fewer, where no list says', () => {
    expect(written().draw!.items.map(({ study }) => study)).toEqual([0, 1, 2, 3])
    expect(written().draw!.pattern.assumed).toBe(true)
  })
})
