import { readFileSync } from 'node:fs'
import Ajv from 'ajv'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { KIND_IDS } from '#core/material'
import { DomainError } from '#core/message'
import { realise } from '#core/realise'
import { COURSES, HANDS, INTERVALS, MOTIONS } from '#core/study'
import { HAND_SIZES, SCHOOLS } from '#core/fingering'
import { MALLET_IDS } from '#core/surface'
import { STICKING_SCHOOLS } from '#core/sticking'
import { joined } from '../../../shared/fault'
import { recipeOf, setFileOf } from '../../../shared/schemas'
import { errorText } from '../../support/english'
import { runs } from '../../support/runs'

const published = new Ajv().compile(JSON.parse(readFileSync('docs/schemas/tactum-study-1.json', 'utf8')))

/** Recipes as people might write them: mostly sensible, sometimes not. */
const anyRecipe = fc.record(
  {
    material: fc.oneof(
      fc.record(
        {
          tonic: fc.constantFrom('C', 'F#', 'Bb', 'G#', 'Fb', 'H', 'c', 'C###', ''),
          kind: fc.oneof(fc.constantFrom(...KIND_IDS), fc.constantFrom('bebop', '__proto__')),
          inversion: fc.constantFrom<unknown>(0, 1, 3, 4, -1, 'first'),
        },
        { requiredKeys: ['tonic', 'kind'] },
      ),
      fc.record(
        {
          pitches: fc.array(
            fc.constantFrom<unknown>('C4', 'F##5', 'Bb3', 'H4', 'C', ['C4', 'E4'], [], 7, ['C4', 'x']),
            {
              maxLength: 4,
            },
          ),
          tonic: fc.constantFrom('C'),
        },
        { requiredKeys: ['pitches'] },
      ),
    ),
    hands: fc.constantFrom(...HANDS, 'feet'),
    motion: fc.constantFrom(...MOTIONS, 'oblique'),
    course: fc.constantFrom(...COURSES, 'sideways'),
    octaves: fc.constantFrom<unknown>(0, 1, 2, 3, 4, 5, 1.5, 'two', null),
    startOctave: fc.constantFrom<unknown>(0, 3, 4, 8, 9),
    interval: fc.constantFrom(...INTERVALS, 'fourth'),
    school: fc.constantFrom(...SCHOOLS, 'street'),
    handSize: fc.constantFrom(...HAND_SIZES, 'tiny'),
    pins: fc.array(
      fc.record(
        {
          hand: fc.constantFrom('right', 'left', 'third'),
          index: fc.constantFrom(0, 1, 14, 28, 200, -1),
          from: fc.constantFrom(0, 3, 90),
          degree: fc.constantFrom(1, 4, 12, 0),
          leg: fc.constantFrom('up', 'sideways'),
          finger: fc.constantFrom(1, 2, 3, 4, 5, 6),
          fingers: fc.array(fc.constantFrom(1, 2, 3, 7), { maxLength: 3 }),
        },
        { requiredKeys: ['hand'] },
      ),
      { maxLength: 3 },
    ),
  },
  { requiredKeys: ['material'] },
)

/** Recipes for sticks as people might write them. */
const anySticks = fc.record(
  {
    material: fc.constantFrom<unknown>(
      { tonic: 'C', kind: 'major' },
      { tonic: 'Bb', kind: 'double-thirds-major' },
      { tonic: 'F#', kind: 'cadence-minor' },
      { pitches: ['C4', ['E4', 'G4']] },
    ),
    instrument: fc.constantFrom(...MALLET_IDS, 'marimba', 'piano'),
    octaves: fc.constantFrom(1, 2, 4),
    lead: fc.constantFrom('right', 'left', 'both'),
    school: fc.constantFrom(...STICKING_SCHOOLS, 'conservatory', 'street'),
    tops: fc.constantFrom('once', 'twice', 'thrice'),
    rudiment: fc.constantFrom('none', 'paradiddle', 'flam'),
    roll: fc.constantFrom<unknown>(
      {},
      { manner: 'through' },
      { strokes: 0 },
      { strokes: 40 },
      { manner: 'separate', strokes: 6 },
    ),
    mallets: fc.constantFrom<unknown>(
      { count: 4 },
      { count: 4, figure: '12345' },
      { figure: '(12)(34)' },
      { shape: [0, 2, 4] },
      { count: 3 },
      { reach: 90 },
    ),
    strike: fc.constantFrom('centre', 'edge'),
    bars: fc.constantFrom<unknown>({ size: 95, gap: null }, { gap: 8, overlap: 0 }, { gap: 1 }, { size: null }),
    pins: fc.array(
      fc.record(
        {
          index: fc.constantFrom(0, 14, 200, -1),
          from: fc.constantFrom(0, 3),
          degree: fc.constantFrom(1, 12, 13),
          leg: fc.constantFrom('up', 'sideways'),
          stick: fc.constantFrom('R', 'L', 'M'),
          sticks: fc.array(fc.constantFrom('R', 'L', 'r'), { maxLength: 3 }),
          hand: fc.constant('right'),
        },
        { requiredKeys: [] },
      ),
      { maxLength: 2 },
    ),
  },
  { requiredKeys: ['material', 'instrument'] },
)

describe('what the doors take', () => {
  it('is realised or refused with a field and a sentence; nothing else ever happens', () => {
    fc.assert(
      fc.property(anyRecipe, (value) => {
        try {
          const study = realise(recipeOf(value))
          expect(study.steps).toBeGreaterThan(0)
        } catch (error) {
          expect(error).toBeInstanceOf(DomainError)
          const { code, path } = error as DomainError
          expect(code).toMatch(/^[a-z]+(\.[a-zA-Z-]+)*$/)
          expect(errorText(error)).toMatch(/\.$/)
          expect(path).not.toBe('')
        }
      }),
      { numRuns: runs(500) },
    )
  })

  it('is realised for sticks, or refused likewise', () => {
    fc.assert(
      fc.property(anySticks, (value) => {
        try {
          expect(realise(recipeOf(value)).steps).toBeGreaterThan(0)
        } catch (error) {
          expect(error).toBeInstanceOf(DomainError)
          expect(errorText(error)).toMatch(/\.$/)
          expect((error as DomainError).path).not.toBe('')
        }
      }),
      { numRuns: runs(500) },
    )
  })

  it('is what the published schema says: both accept, or both refuse', () => {
    const accepts = (value: unknown): boolean => {
      try {
        recipeOf(value)
        return true
      } catch {
        return false
      }
    }
    fc.assert(
      fc.property(fc.oneof(anyRecipe, anySticks), (value) => {
        expect(accepts(value)).toBe(published(value))
      }),
      { numRuns: runs(1000) },
    )
  })

  it('comes out of a realised study and goes in again unchanged', () => {
    const { recipe } = realise({ material: { tonic: 'Eb', kind: 'melodic-minor' }, hands: 'left', octaves: 3 })
    expect(realise(recipeOf(JSON.parse(JSON.stringify(recipe)))).recipe).toEqual(recipe)
    expect(published(recipe)).toBe(true)
    const sticks = realise({ instrument: 'xylophone-3.5', material: { tonic: 'Eb', kind: 'major' }, lead: 'left' })
    expect(realise(recipeOf(JSON.parse(JSON.stringify(sticks.recipe)))).recipe).toEqual(sticks.recipe)
    expect(published(sticks.recipe)).toBe(true)
  })

  it('names the place in a set file', () => {
    const good = { material: { tonic: 'C', kind: 'major' } }
    const file = { format: 'tactum-set/1', studies: [good, { material: { tonic: 'C' } }] }
    try {
      setFileOf(file)
      expect.unreachable()
    } catch (error) {
      expect((error as DomainError).path).toBe('studies[1].material.kind')
    }
    expect(joined(['a', 0, 'b', 'c', 2])).toBe('a[0].b.c[2]')
  })
})
