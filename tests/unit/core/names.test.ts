import { fingered } from '../../support/played'
import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { nameIn, type NameSystem, parseNote } from '#core/pitch'
import { lineFor, realise } from '#core/realise'
import { namesIn } from '../../../engraving/names'

const say = (semitones: number): string => ['H', 'W', 'WH'][semitones - 1]!

describe('names of notes', () => {
  // German and syllable names: common practice
  it.each([
    ['Bb', { german: 'B', 'fixed-do': 'Si♭', letters: 'B♭' }],
    ['B', { german: 'H', 'fixed-do': 'Si' }],
    ['F#', { german: 'Fis', 'fixed-do': 'Fa♯' }],
    ['Eb', { german: 'Es' }],
    ['Ab', { german: 'As' }],
    ['Abb', { german: 'Ases' }],
    ['F##', { german: 'Fisis', 'fixed-do': 'Fa×' }],
    ['Cb', { german: 'Ces' }],
  ] as const)('%s', (name, systems) => {
    const key = { tonic: parseNote('C'), minor: false }
    for (const [system, printed] of Object.entries(systems)) {
      expect(nameIn(system as 'german', parseNote(name), key)).toBe(printed)
    }
  })

  it('count from the tonic: do and degrees in every key, la in a minor one', () => {
    for (const tonic of ['C', 'G#', 'Eb', 'F']) {
      const { hands } = fingered({ material: { tonic, kind: 'harmonic-minor' }, octaves: 1, course: 'up' })
      const key = { tonic: parseNote(tonic), minor: true }
      const names = (system: NameSystem) =>
        hands
          .right!.notes.slice(0, 7)
          .map(({ pitch }) => nameIn(system, pitch, key))
          .join(' ')
      expect(names('movable-do')).toBe('do re me fa sol le ti')
      expect(names('movable-la')).toBe('la ti do re mi fa si')
      expect(names('degrees')).toBe('1 2 ♭3 4 5 ♭6 7')
    }
  })

  // common practice: the steps of a scale as they are said aloud
  it.each([
    ['major', 'W W H W W W H'],
    ['natural-minor', 'W H W W H W W'],
    ['harmonic-minor', 'W H W W H WH H'],
    ['chromatic', 'H H H H H H H H H H H H'],
    ['whole-tone', 'W W W W W W'],
  ] as const)('the steps of %s, up and back', (kind, steps) => {
    for (const tonic of ['C', 'F#', 'Eb']) {
      const study = realise({ material: { tonic, kind }, octaves: 1, hands: 'right' })
      const nameOf = namesIn(study, 'steps', say)
      const said = lineFor(study, 'right').notes.map((_, index) => nameOf({ hand: 'right', index }))
      expect(said.join(' ').trim()).toBe(`${steps} ${steps.split(' ').toReversed().join(' ')}`)
    }
  })

  it('say the step of chords once, of their lowest notes, and none of leaps', () => {
    const said = (input: RecipeInput) => {
      const study = realise(input)
      return lineFor(study, 'right').notes.map((_, index) => namesIn(study, 'steps', say)({ hand: 'right', index }))
    }
    const material = { tonic: 'C', kind: 'double-thirds-major' } as const
    expect(said({ material, octaves: 1, hands: 'right', course: 'up' }).slice(0, 6)).toEqual(['', '', 'W', '', 'W', ''])
    expect(said({ material: { tonic: 'C', kind: 'major-arpeggio' }, octaves: 1, hands: 'right' }).join('')).toBe('')
  })
})
