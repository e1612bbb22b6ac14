import { describe, expect, it } from 'vitest'
import { parseCall } from '#core/call'
import { completeRecipe, type Recipe, type RecipeInput } from '#core/instrument'
import type { Motif } from '#core/study'
import { inEnglish } from '../../support/english'

const base = completeRecipe({ material: { tonic: 'C', kind: 'major' } })
/** The one study that a line comes to, said over C major. */
const over = (line: string, from: RecipeInput = base): Recipe => {
  const { studies, problems, understood } = parseCall(line, { base: from })
  expect(problems.map(inEnglish), line).toEqual([])
  expect(
    understood.filter(({ meaning }) => !meaning).map(({ typed }) => typed),
    line,
  ).toEqual([])
  expect(studies, line).toHaveLength(1)
  return completeRecipe(studies[0]!)
}
const patternOf = (line: string, from?: RecipeInput) => over(line, from).pattern

describe('a line is called', () => {
  it.each<readonly [string, Motif, number]>([
    ['1 4 2 3 on every degree', [1, 4, 2, 3], 1],
    ['135 3', [1, 3, 5, 3], 1],
    ['1 3 5 3 | 2 4 6 4', [1, 3, 5, 3], 1],
    ['1 3 5 | 3 5 7', [1, 3, 5], 2],
    ['motif 1 2', [1, 2], 1],
    ['1+3 5 rest 8(1/2)', [[1, 3], 5, null, { degree: 8, beats: 0.5 }], 1],
    ['1 5 2 4 on every second degree', [1, 5, 2, 4], 2],
    ['motivo 1 4 2 3 en cada grado', [1, 4, 2, 3], 1],
  ])('with a motif: %s', (line, motif, step) => {
    const pattern = patternOf(line)
    expect(pattern.motif).toEqual(motif)
    expect(pattern.sequence.step).toBe(step)
  })

  it('with its way back', () => {
    expect(patternOf('1 4 2 3 up, back mirrored').sequence.return).toBe('mirrored')
    expect(over('1 4 2 3 up, back mirrored').course).toBe('up-down')
    expect(patternOf('1 2 3 1 back retrograde').sequence.return).toBe('retrograde')
    expect(patternOf('1 2 3 1 back to front on the way back').sequence.return).toBe('retrograde')
    expect(patternOf('1 2 3 back with 1 7 6').sequence.return).toEqual({ motif: [1, 7, 6] })
    expect(patternOf('1 2 3 one way only').sequence.return).toBe('none')
    expect(patternOf('1 2 3 sube y vuelve en espejo').sequence.return).toBe('mirrored')
  })

  it.each<readonly [string, unknown]>([
    ['through C, E flat, G flat, A', { keys: ['C', 'Eb', 'Gb', 'A'], legs: 'each' }],
    ['por las tonalidades de do, mi bemol, sol bemol', { keys: ['C', 'Eb', 'Gb'], legs: 'each' }],
    ['by whole steps', { by: 'whole-step', count: 6, legs: 'each' }],
    ['all twelve keys by half steps, up and down in turn', { by: 'half-step', count: 12, legs: 'alternate' }],
    ['through four keys by fourths', { by: 'fourth', count: 4, legs: 'each' }],
    ['round the circle of fifths', { by: 'fifth', count: 12, legs: 'each' }],
    ['up in A, down in A flat', { keys: ['A', 'Ab'], legs: 'alternate' }],
    ['sube en la, baja en la bemol', { keys: ['A', 'Ab'], legs: 'alternate' }],
    ['own tune in all keys', { by: 'fourth', count: 12, legs: 'each' }],
    ['por semitonos', { by: 'half-step', count: 12, legs: 'each' }],
    ['relay', 'relay-half-step'],
    ['modes in a chain', 'mode-chain'],
  ])('through keys: %s', (line, journey) => {
    expect(patternOf(line).journey).toEqual(journey)
  })

  it('sets out from the first key that it names', () => {
    expect(over('up in A, down in A flat').material).toEqual({ tonic: 'A', kind: 'major' })
    expect(over('through E flat, G').material).toEqual({ tonic: 'Eb', kind: 'major' })
  })

  it('with what leads from key to key: the usual link comes with the keys', () => {
    expect(patternOf('modes in a chain').link).toBe('above')
    expect(patternOf('modes in a chain, led from below').link).toBe('below')
    expect(patternOf('by half steps led by a common note').link).toBe('common')
  })

  it('with the hands: one holds, or they have it by turns', () => {
    expect(patternOf('left holds the root').accompaniment).toBe('held-tonic')
    expect(patternOf('la izquierda sostiene la tónica').accompaniment).toBe('held-tonic')
    expect(patternOf('over two note chords').accompaniment).toBe('held-fifth')
    expect(patternOf('one hand up, the other down').accompaniment).toBe('by-turns')
    expect(patternOf('from hand to hand').accompaniment).toBe('handed-over')
    expect(patternOf('up straight, down in loops').walk).toBe('straight-then-loops')
  })

  it('changes one part and leaves the others', () => {
    const line = over('1 4 2 3 on every degree, by whole steps')
    const legs = over('up and down in turn', line)
    expect(legs.pattern).toMatchObject({
      motif: [1, 4, 2, 3],
      journey: { by: 'whole-step', count: 6, legs: 'alternate' },
    })
    // a named figure takes the motif's place
    expect(patternOf('in broken thirds', line)).toMatchObject({ motif: null, figure: 'broken-thirds' })
    expect(patternOf('1 5 2 4', { ...line, pattern: { figure: 'broken-thirds' } })).toMatchObject({
      figure: 'straight',
      motif: [1, 5, 2, 4],
    })
    expect(patternOf('up and down in turn', over('modes in a chain')).journey).toEqual({
      ...{ by: 'mode', count: 7, legs: 'alternate' },
    })
    expect(inEnglish(parseCall('up and down in turn', { base }).remarks.at(-1)!)).toContain('through which keys')
  })

  it('has no keys in its little words', () => {
    expect(over('up a fifth').material).toEqual({ tonic: 'G', kind: 'major' })
    expect(over('up a whole tone').material).toEqual({ tonic: 'D', kind: 'major' })
    expect(over('a minor third lower').material).toEqual({ tonic: 'A', kind: 'major' })
    expect(over('do mayor a dos octavas')).toMatchObject({ material: { tonic: 'C' }, octaves: 2 })
    expect(over('sol mayor a 60')).toMatchObject({ material: { tonic: 'G' }, tempo: { bpm: 60 } })
    expect(over('a 72').tempo.bpm).toBe(72)
    // one number alone is a tempo, however many figures it has
    expect(over('one octave up 120')).toMatchObject({ tempo: { bpm: 120 }, pattern: { motif: null } })
    expect(over('A major').material).toEqual({ tonic: 'A', kind: 'major' })
    expect(over('a minor').material).toMatchObject({ tonic: 'A' })
  })
})
