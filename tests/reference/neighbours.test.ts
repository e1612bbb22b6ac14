import { describe, expect, it } from 'vitest'
import { type NamedMaterial, neighbourMessage, neighboursOf, stepsMessage, usualTonics, KINDS } from '#core/material'
import { noteName } from '#core/pitch'
import { inEnglish } from '../support/english'

const said = (tonic: string, kind: NamedMaterial['kind'] = 'major') =>
  neighboursOf({ tonic, kind }).map((each) => inEnglish(neighbourMessage(each, { tonic, kind })))

/** What a key shares with those beside it: facts of the trade, common practice without a published source. */
describe('a key and those beside it', () => {
  it('a fifth up degree 7 is raised, a fourth up degree 4 lowered; the relative has all its notes', () => {
    expect(said('C')).toEqual([
      'A natural minor has the same notes and begins on degree 6.',
      'G major, a fifth up: degree 7 raised (F♯), one sharp more.',
      'F major, a fourth up: degree 4 lowered (B♭), one flat more.',
      'C natural minor, on the same tonic: degree 3 lowered (E♭), degree 6 lowered (A♭) and degree 7 lowered (B♭), three flats more.',
    ])
    expect(said('D')[2]).toBe('G major, a fourth up: degree 4 lowered (C), one sharp fewer.')
    expect(said('Bb')[1]).toBe('F major, a fifth up: degree 7 raised (E), one flat fewer.')
    expect(said('A', 'natural-minor')[0]).toBe('C major has the same notes and begins on degree 3.')
  })

  it('holds in all keys: one degree changes with each fifth', () => {
    for (const tonic of usualTonics(KINDS.major).map(noteName)) {
      for (const { by, changed, signs } of neighboursOf({ tonic, kind: 'major' })) {
        if (by === 'relative') expect(changed).toEqual([])
        if (by === 'fifth-up')
          expect([changed.map(({ degree, way }) => [degree, way]), signs]).toEqual([[[7, 'raised']], 1])
        if (by === 'fourth-up')
          expect([changed.map(({ degree, way }) => [degree, way]), signs]).toEqual([[[4, 'lowered']], -1])
        if (by === 'parallel') expect(changed.map(({ degree }) => degree)).toEqual([3, 6, 7])
      }
    }
  })

  it('says its steps as they are said aloud', () => {
    expect(inEnglish(stepsMessage({ tonic: 'Eb', kind: 'major' }))).toMatch(/^Steps: (W W H W W W H|T T S T T T S)$/)
    expect(neighboursOf({ tonic: 'C', kind: 'blues' })).toEqual([])
  })
})
