import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { realise } from '#core/realise'
import type { RecipeInput } from '#core/instrument'
import { readIn } from '~/composables/words'
import { namedChange } from '~/stores/desk/changeWords'

const first: RecipeInput = { material: { tonic: 'C#', kind: 'major' }, hands: 'together', octaves: 2 }
const study = realise(first)
const words = (some: Partial<RecipeInput>, from = first) => namedChange(from, { ...from, ...some }, study).words

describe('every change has a name', () => {
  beforeAll(() => readIn('american'))
  afterAll(() => readIn(null))

  it('pins by finger, note and hand', () => {
    const pin = { hand: 'left', index: 0, finger: 4 } as const
    expect(words({ pins: [pin] })).toBe('pin 4 on C♯ left hand')
    expect(words({ pins: [] }, { ...first, pins: [pin] })).toBe('unpin 4 on C♯ left hand')
    expect(words({ pins: [{ hand: 'right', degree: 2, finger: 3 }] })).toBe('pin 3 on every 2. degree, right hand')
    expect(words({ pins: [{ hand: 'right', from: 0, fingers: [2, 3] }] })).toBe('pin grip from C♯ right hand')
    expect(words({ pins: [pin, { ...pin, index: 1, finger: 3 }] })).toBe('2 pins')
  })

  it('fields by what they have become', () => {
    expect(words({ material: { tonic: 'Bb', kind: 'dorian' } })).toBe('key: B♭ dorian')
    expect(words({ motion: 'contrary' })).toBe('hands: contrary motion')
    expect(words({ octaves: 1 })).toBe('length: one octave')
    expect(words({ pattern: { figure: 'broken-thirds' } })).toBe('pattern: in broken thirds')
    expect(words({ rhythm: { swing: 60 } })).toBe('rhythm: swing 60 %')
    expect(words({ bookends: { after: 'cadence' } })).toBe('bookends: cadence after')
    expect(words({ tempo: { bpm: 80 } })).toBe('tempo: ♩ = 80 in eighths')
    expect(words({ startOctave: 3 })).toBe('start: octave 3')
    expect(words({ school: 'free-and-smooth' })).toBe('school: free and smooth')
    expect(words({ handSize: 'small' })).toBe('settings of the school')
  })

  it('several at once by the first of them', () => {
    expect(words({ material: { tonic: 'E', kind: 'major' }, octaves: 3 })).toBe('key: E major and more')
  })

  it('and what cannot be played says so', () => {
    expect(words({ octaves: 99 })).toBe('a change that cannot be played')
  })
})
