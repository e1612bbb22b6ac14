import { fingered } from '../../support/played'
import { describe, expect, it } from 'vitest'
import { nameIn, type NameSystem, parseNote } from '#core/pitch'

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
})
