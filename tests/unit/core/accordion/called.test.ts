import { describe, expect, it } from 'vitest'
import { parseCall, writeCall } from '#core/call'
import { completeRecipe, type RecipeInput, withHands } from '#core/instrument'
import { accordion, accordionRecipe } from '../../../support/accordion'
import { inEnglish } from '../../../support/english'

const C = { tonic: 'C', kind: 'major' } as const

describe('a called line', () => {
  const called = (line: string) => parseCall(line).studies.map((input) => completeRecipe(input))

  it.each([
    ['C major accordion two octaves alternating bass', { hands: 'together', octaves: 2 }, { part: 'alternating' }],
    ['bass scale G major', { hands: 'left' }, { part: 'scale' }],
    ['G major, bass scale, one octave, hands together', { hands: 'together' }, { part: 'scale' }],
    ['right hand G major, bass scale', { hands: 'right' }, {}],
    ['left hand waltz bass D major', { hands: 'left' }, { part: 'waltz' }],
    ['C major, hands together, bass scale', { hands: 'together' }, { part: 'scale' }],
    ['E minor harmonic, bass primary chords', {}, { part: 'cadence' }],
  ])('%s', (line, recipe, left) => {
    const [study] = called(line)
    expect(study).toMatchObject({ instrument: 'accordion', ...recipe, accordion: { left } })
  })

  it('hears the keyboard, the board and the bellows', () => {
    const [study] = called('C major C-system of 3 rows 48 bass bellows turn every two bars closing first') as never[]
    expect(study).toMatchObject({
      accordion: { treble: 'c-3', bass: 48, bellows: { turn: 'beats', beats: 8, first: 'closing' } },
    })
  })

  it.each([
    { material: C },
    { material: C, accordion: { treble: 'b-4', bass: 72, left: { school: 'three-two', every: 2 } } },
    { material: { tonic: 'A', kind: 'harmonic-minor' }, hands: 'left', accordion: { left: { part: 'cadence' } } },
    { material: C, accordion: { left: { harmony: 'own', bars: ['I', 'V7'] }, bellows: { turn: 'beats', beats: 6 } } },
    { material: C, accordion: { bass: 24, rows: ['counterbass', 'fundamental', 'major'], registers: ['16', '4'] } },
    { material: C, hands: 'right', accordion: { keys: 'ladies', bellows: { turn: 'free', first: 'closing' } } },
    {
      material: C,
      accordion: { treble: 'c-5' },
      pins: [
        { hand: 'left', index: 2, button: { row: 'counterbass', column: -3 } },
        { hand: 'right', index: 0, button: [4, -0.5] },
        { hand: 'right', index: 3, finger: 2 },
      ],
    },
  ])('reads back what it writes: %j', (some) => {
    const recipe = completeRecipe({ instrument: 'accordion', ...some } as RecipeInput)
    const line = writeCall(recipe)
    expect(called(line)).toEqual([recipe])
  })
})

describe('how it is told', () => {
  it('says who plays and what the left hand does', () => {
    expect(inEnglish(accordion('C', 'major').title)).toBe(
      'C major, accordion, right hand over alternating bass, two octaves',
    )
    expect(
      inEnglish(accordion('C', 'major', { bellows: { turn: 'octave' } }, { hands: 'left', octaves: 1 }).title),
    ).toBe('C major, accordion, left hand, bass scale, one octave, bellows turn every octave')
  })

  it('gives the hands back their parts when other hands are chosen', () => {
    const recipe = accordionRecipe({ material: C, hands: 'right' })
    const hands = {
      hands: 'together',
      motion: 'similar',
      interval: 'octave',
      tonicHand: 'left',
      contraryFrom: 'unison',
    } as const
    const changed = completeRecipe({ ...recipe, ...withHands(recipe, hands) } as RecipeInput)
    expect(changed).toMatchObject({ hands: 'together', accordion: { left: { part: 'alternating' } } })
  })
})
