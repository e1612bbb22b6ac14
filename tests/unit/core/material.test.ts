import { describe, expect, it } from 'vitest'
import { inversionsOf, KIND_IDS, kindNamed, KINDS, materialOf, twinOf, usualTonics } from '#core/material'
import { noteName, parseNote, pitchClass } from '#core/pitch'
import { DomainError } from '#core/message'
import { everywhere, kindsOf } from '../../support/material'
import { inEnglish, messageOf } from '../../support/english'

const all = everywhere(KIND_IDS)
const named = (tonic: string, kind: string, inversion = 0) => materialOf({ tonic, kind, inversion })
const names = (tonic: string, kind: string) => named(tonic, kind).up.map(noteName)

describe('every kind', () => {
  it.each(KIND_IDS)(
    '%s is spelled on every usual tonic, rising, with no triple sign and at most seven at the clef',
    (kind) => {
      for (const [tonic] of everywhere([kind])) {
        const material = named(tonic, kind)
        for (const leg of ['up', 'down'] as const) {
          const heights = material.rising[leg].map((interval) => interval.semitones)
          expect([...heights].sort((a, b) => a - b)).toEqual(heights)
          expect(Math.max(...material[leg].map((note) => Math.abs(note.alteration)))).toBeLessThanOrEqual(2)
          // an interval's letters and its spelling are one thing
          material.rising[leg].forEach(({ semitones }, at) =>
            expect((pitchClass(material.tonic) + semitones) % 12).toBe(pitchClass(material[leg][at]!)),
          )
        }
        expect(Math.abs(material.fifths)).toBeLessThanOrEqual(7)
      }
    },
  )

  it.each(kindsOf('scale', 'mode'))('%s uses each of the seven letters once', (kind) => {
    for (const [tonic] of everywhere([kind])) {
      const { up, down } = named(tonic, kind)
      for (const notes of [up, down]) expect(new Set(notes.map((note) => note.letter)).size).toBe(7)
    }
  })

  it('has a tonic for every key of the piano', () => {
    for (const kind of KIND_IDS) expect(new Set(usualTonics(KINDS[kind]).map(pitchClass)).size).toBe(12)
  })

  it('has words of its own', () => {
    expect(new Set(KIND_IDS.map((id) => inEnglish(kindNamed({ id })))).size).toBe(KIND_IDS.length)
  })
})

describe('spelling', () => {
  it('writes F double sharp in G sharp harmonic minor, not G', () => {
    expect(names('G#', 'harmonic-minor')).toEqual(['G#', 'A#', 'B', 'C#', 'D#', 'E', 'F##'])
  })

  it('lowers six and seven again on the way down the melodic minor, and not in the jazz form', () => {
    const { up, down } = named('F#', 'melodic-minor')
    expect(up.map(noteName)).toEqual(['F#', 'G#', 'A', 'B', 'C#', 'D#', 'E#'])
    expect(down.map(noteName)).toEqual(['F#', 'G#', 'A', 'B', 'C#', 'D', 'E'])
    expect(named('F#', 'melodic-minor-jazz').down).toEqual(up)
  })

  it('writes keys that no signature holds with double signs', () => {
    expect(names('G#', 'major')).toEqual(['G#', 'A#', 'B#', 'C#', 'D#', 'E#', 'F##'])
    expect(named('G#', 'major').fifths).toBe(8)
    expect(names('Fb', 'major')).toEqual(['Fb', 'Gb', 'Ab', 'Bbb', 'Cb', 'Db', 'Eb'])
    expect(names('C', 'diminished-seventh-arpeggio')).toEqual(['C', 'Eb', 'Gb', 'Bbb'])
  })

  it('has sharps up and flats down in the chromatic scale, whatever the tonic, which keeps its name', () => {
    const { up, down } = named('Eb', 'chromatic')
    expect(up.map(noteName).join(' ')).toBe('Eb E F F# G G# A A# B C C# D')
    expect([...down].reverse().map(noteName).join(' ')).toBe('D Db C B Bb A Ab G Gb F E Eb')
    for (const [tonic] of everywhere(['chromatic'])) {
      for (const [at, { steps }] of named(tonic, 'chromatic').rising.up.entries()) {
        expect(Math.abs(steps - (at * 7) / 12)).toBeLessThan(1.6)
      }
    }
  })

  it('gives the blues scale a raised fourth beside the plain one', () => {
    expect(names('F', 'blues')).toEqual(['F', 'Ab', 'Bb', 'B', 'C', 'Eb'])
  })
})

describe('signatures', () => {
  const fifths = (tonic: string, kind: string, signature: 'own' | 'parallel' | 'none') =>
    materialOf({ tonic, kind }, signature).fifths

  it('are the parent scale’s for modes, unless asked otherwise (common practice; books differ)', () => {
    expect(['own', 'parallel', 'none'].map((each) => fifths('D', 'dorian', each as 'own'))).toEqual([0, -1, 0])
    expect(['own', 'parallel', 'none'].map((each) => fifths('E', 'mixolydian', each as 'own'))).toEqual([3, 4, 0])
  })

  it('are the key’s that a chord leads to or stands in, and none for chords of equal steps', () => {
    expect(fifths('G', 'dominant-seventh-arpeggio', 'own')).toBe(0)
    expect(fifths('B', 'half-diminished-seventh-arpeggio', 'own')).toBe(0)
    for (const kind of ['diminished-seventh-arpeggio', 'augmented-arpeggio', 'whole-tone', 'chromatic']) {
      expect(fifths('E', kind, 'own')).toBe(0)
    }
  })
})

describe('inversions', () => {
  it('turn the chord’s notes round, and nothing else', () => {
    expect(named('C', 'major-arpeggio', 1).up.map(noteName)).toEqual(['E', 'G', 'C'])
    expect(named('C', 'dominant-seventh-arpeggio', 3).rising.up.map(({ semitones }) => semitones)).toEqual([
      10, 12, 16, 19,
    ])
    for (const kind of kindsOf('arpeggio', 'seventh')) {
      const root = new Set(named('D', kind).up.map(noteName))
      for (let inversion = 1; inversion < inversionsOf(KINDS[kind]); inversion++) {
        expect(new Set(named('D', kind, inversion).up.map(noteName))).toEqual(root)
      }
    }
  })

  it.each([
    ['major-arpeggio', 3],
    ['major', 1],
    ['minor-seventh-arpeggio', 4],
    ['minor-arpeggio', -1],
    ['minor-arpeggio', 0.5],
  ])('%s has no inversion %d', (kind, inversion) => {
    expect(messageOf(() => named('C', kind, inversion))).toMatch(/inversions/)
  })
})

describe('twins', () => {
  it('are the other name of the same keys', () => {
    for (const [tonic, kind] of all) {
      const material = named(tonic, kind)
      const twin = twinOf(material.tonic, material.kind)
      if (!twin) continue
      const other = named(noteName(twin), kind)
      expect(other.up.map(pitchClass)).toEqual(material.up.map(pitchClass))
    }
  })

  it('stand beside a key that no signature holds', () => {
    expect(noteName(twinOf(parseNote('G#'), KINDS.major)!)).toBe('Ab')
    expect(noteName(twinOf(parseNote('Fb'), KINDS['harmonic-minor'])!)).toBe('E')
    expect(twinOf(parseNote('C'), KINDS.major)).toBeNull()
  })
})

describe('what cannot be written', () => {
  it('is refused with the twin named', () => {
    const refuse = () => named('Fb', 'diminished-seventh-arpeggio')
    expect(refuse).toThrow(DomainError)
    expect(messageOf(refuse)).toMatch(/triple.*E diminished seventh arpeggio/)
  })

  it('refuses unknown kinds and tonics by field', () => {
    expect(messageOf(() => named('C', 'lydian-augmented-nonsense'))).toMatch(/not a kind/)
    expect(() => named('C', '__proto__')).toThrow(DomainError)
    for (const tonic of ['H', 'c', 'C###', '', 'Cbbb'])
      expect(messageOf(() => named(tonic, 'major'))).toMatch(/not a tonic/)
  })
})
