import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { C, marimba, refusal, sticksOf } from '../../support/mallets'
import { sticked } from '../../support/played'
import { runs } from '../../support/runs'

const KEYS = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'Gb', 'G', 'Ab', 'A', 'Bb', 'B']

/** Some keys one after another, each whole or up and down in turn. */
const anyWay = fc.record({
  keys: fc.array(fc.constantFrom(...KEYS), { minLength: 2, maxLength: 4 }),
  legs: fc.constantFrom('each', 'alternate'),
})
const anyLine = fc.record({
  material: fc.record({ tonic: fc.constant('C'), kind: fc.constantFrom('major', 'harmonic-minor', 'blues') }),
  octaves: fc.integer({ min: 1, max: 2 }),
  lead: fc.constantFrom('right', 'left'),
  journey: anyWay,
})
type AnyLine = typeof anyLine extends fc.Arbitrary<infer L> ? L : never

const through = ({ journey, ...line }: AnyLine, more: object): RecipeInput =>
  ({ instrument: 'marimba-5.0', ...line, ...more, pattern: { journey } }) as RecipeInput

describe('sticks through keys', () => {
  it('go on from hand to hand where the school is strict: no key begins anew', () => {
    fc.assert(
      fc.property(anyLine, (line) => {
        const { sticks } = sticksOf(sticked(through(line, { school: 'strict' })))
        sticks.slice(1).forEach((stick, at) => expect(stick).not.toBe(sticks[at]))
      }),
      { numRuns: runs(30) },
    )
  })

  it('have one stroke of one mallet for what leads on, where a figure of four mallets is on every degree', () => {
    const recipe = {
      material: C,
      mallets: { count: 4, figure: '1234' },
      octaves: 1,
      pattern: { journey: { keys: ['C', 'F'] }, link: 'above' },
    }
    const { notes, mallets } = sticksOf(marimba(recipe as unknown as RecipeInput))
    expect(notes.flatMap(({ link, pitch }, at) => (link ? [[pitch.letter, mallets![at]]] : []))).toEqual([['G', 3]])
  })

  it('count a rudiment on over the joint', () => {
    fc.assert(
      fc.property(anyLine, (line) => {
        const rudiment = { rudiment: 'paradiddle', rudimentOn: 'stroke', octaves: 1 }
        const row = line.lead === 'right' ? 'RLRRLRLL' : 'LRLLRLRR'
        const { sticks } = sticksOf(sticked(through(line, rudiment)))
        sticks.forEach((stick, at) => expect(stick).toBe(row[at % 8]))
      }),
      { numRuns: runs(30) },
    )
  })

  it('never strike three in a row, nor cross more often than keys by themselves, but for the joints', () => {
    fc.assert(
      fc.property(anyLine, (line) => {
        const whole = { ...line, journey: { ...line.journey, legs: 'each' as const } }
        const { sticks, count } = sticksOf(sticked(through(whole, { school: 'doubles' })))
        expect(sticks.join('')).not.toMatch(/RRR|LLL/)
        const apart = line.journey.keys.map((tonic) =>
          sticksOf(
            sticked({ ...through(line, {}), material: { ...line.material, tonic }, pattern: {} } as RecipeInput),
          ),
        )
        const hard = apart.reduce((sum, each) => sum + each.count.hard, 0)
        // each joint may be a crossing of its own
        expect(count.hard).toBeLessThanOrEqual(hard + apart.length - 1)
      }),
      { numRuns: runs(30) },
    )
  })

  it('give the first note of every key to the lead where octaves are restored, and never three to one hand', () => {
    fc.assert(
      fc.property(anyLine, (line) => {
        const { sticks, notes } = sticksOf(sticked(through(line, { school: 'restore-lead' })))
        const lead = line.lead === 'right' ? 'R' : 'L'
        const firsts = notes.flatMap(({ degree }, at) => (degree === 0 && notes[at - 1]?.degree === 0 ? [at] : []))
        for (const at of [0, ...firsts]) expect(sticks[at], String(at)).toBe(lead)
        expect(sticks.join('')).not.toMatch(/RRR|LLL/)
      }),
      { numRuns: runs(30) },
    )
  })
})

const TURNS = { instrument: 'marimba-5.0', material: C, pattern: { accompaniment: 'by-turns' } } as const

describe('one stick up, the other down', () => {
  it('leaves each leg to one stick, the first to the lead, over all keys', () => {
    fc.assert(
      fc.property(anyLine, fc.constantFrom('up-down', 'down-up', 'up', 'down'), (line, course) => {
        const recipe = through(line, { course }) as { pattern: object }
        recipe.pattern = { ...recipe.pattern, accompaniment: 'by-turns' }
        const { sticks, notes, doubles } = sticksOf(sticked(recipe as RecipeInput))
        const [lead, other] = line.lead === 'right' ? ['R', 'L'] : ['L', 'R']
        notes.forEach(({ leg }, at) => expect(sticks[at]).toBe(leg === notes[0]!.leg ? lead : other))
        expect(doubles).toEqual([])
      }),
      { numRuns: runs(30) },
    )
  })

  it('says so, and takes no pin', () => {
    const { reasons } = sticksOf(marimba(TURNS))
    expect(reasons.map(({ kind }) => kind)).toEqual(['turns'])
    expect(refusal({ ...TURNS, pins: [{ index: 0, stick: 'L' }] })[0]).toBe('pin.dictated')
  })

  it.each([
    ['a rudiment', { rudiment: 'paradiddle' }],
    ['a roll', { roll: { manner: 'separate' } }],
    ['four mallets', { mallets: { count: 4 } }],
  ])('does not go with %s', (_, more) => {
    expect(refusal({ ...TURNS, ...more } as RecipeInput).slice(0, 2)).toEqual([
      'pattern.material',
      'pattern.accompaniment',
    ])
  })
})
