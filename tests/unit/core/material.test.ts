import { describe, expect, it } from 'vitest'
import { KIND_IDS, KINDS, materialOf, twinOf, usualTonics } from '#core/material'
import { noteName, pitchClass, RecipeError } from '#core/pitch'

const everywhere = KIND_IDS.flatMap((kind) => usualTonics(KINDS[kind]).map((tonic) => [noteName(tonic), kind] as const))

describe('every kind on every usual tonic', () => {
  it.each(everywhere)('%s %s uses each letter at most once and needs no triple sign', (tonic, kind) => {
    const material = materialOf(tonic, kind)
    for (const notes of [material.up, material.down]) {
      const letters = notes.map((note) => note.letter)
      expect(new Set(letters).size).toBe(KINDS[kind].family === 'scale' ? 7 : 3)
      expect(Math.max(...notes.map((note) => Math.abs(note.alteration)))).toBeLessThanOrEqual(2)
    }
    expect(Math.abs(material.fifths)).toBeLessThanOrEqual(7)
  })

  it('has fifteen tonics a kind: seven flats to seven sharps', () => {
    expect(everywhere).toHaveLength(15 * KIND_IDS.length)
  })
})

describe('spelling', () => {
  it('writes F double sharp in G sharp harmonic minor, not G', () => {
    expect(materialOf('G#', 'harmonic-minor').up.map(noteName)).toEqual(['G#', 'A#', 'B', 'C#', 'D#', 'E', 'F##'])
  })

  it('lowers six and seven again on the way down the melodic minor', () => {
    const { up, down } = materialOf('F#', 'melodic-minor')
    expect(up.map(noteName)).toEqual(['F#', 'G#', 'A', 'B', 'C#', 'D#', 'E#'])
    expect(down.map(noteName)).toEqual(['F#', 'G#', 'A', 'B', 'C#', 'D', 'E'])
  })
})

describe('twins', () => {
  it('are the other name of the same keys', () => {
    for (const [tonic, kind] of everywhere) {
      const material = materialOf(tonic, kind)
      const twin = twinOf(material.tonic, material.kind)
      if (!twin) continue
      const other = materialOf(noteName(twin), kind)
      expect(other.up.map(pitchClass)).toEqual(material.up.map(pitchClass))
      expect(noteName(twinOf(twin, material.kind)!)).toBe(tonic)
    }
  })

  it('exist only where both names have a signature', () => {
    const withTwin = everywhere.filter(
      ([tonic, kind]) => kind === 'major' && twinOf(materialOf(tonic, kind).tonic, KINDS.major),
    )
    expect(withTwin.map(([tonic]) => tonic)).toEqual(['Cb', 'Gb', 'Db', 'B', 'F#', 'C#'])
  })
})

describe('what has no key signature', () => {
  it('is refused with the twin named', () => {
    const refuse = () => materialOf('G#', 'major')
    expect(refuse).toThrow(RecipeError)
    expect(refuse).toThrow(/8 sharps.*A♭ major/)
  })

  it('refuses unknown kinds by field', () => {
    expect(() => materialOf('C', 'lydian-augmented-nonsense')).toThrow(/not a kind/)
    expect(() => materialOf('C', '__proto__')).toThrow(RecipeError)
  })
})
