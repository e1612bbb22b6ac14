import { describe, expect, it } from 'vitest'
import { parseCall } from '#core/call'
import { BASE_IDS, BASES, KIND_IDS, KINDS, MAKINGS, materialOf, THREE_MINORS, usualTonics } from '#core/material'
import { modulo, noteName, pitchClass } from '#core/pitch'

const spelled = (tonic: string, kind: string): string =>
  materialOf({ tonic, kind })
    .up.map((note) => noteName(note))
    .join(' ')

describe('the register of kinds', () => {
  it('has every kind once, as a base or a base in a treatment', () => {
    expect(new Set(KIND_IDS).size).toBe(KIND_IDS.length)
    expect(KIND_IDS.filter((id) => MAKINGS[id].treatment === null)).toEqual(BASE_IDS)
    const treated = BASE_IDS.flatMap((id) => Object.values(BASES[id].takes).map(({ id: own }) => own as string))
    expect(KIND_IDS.filter((id) => MAKINGS[id].treatment !== null).sort()).toEqual(treated.sort())
  })

  it.each(KIND_IDS)('%s is called as it is written', (kind) => {
    const tonic = noteName(usualTonics(KINDS[kind]).at(3)!)
    const { studies, complete } = parseCall(`${tonic} ${MAKINGS[kind].written}`)
    expect(studies.map(({ material }) => material)).toMatchObject([{ tonic, kind }])
    expect(complete).toBe(true)
  })

  it.each(BASE_IDS.filter((id) => BASES[id].phrases !== 'by-grammar'))(
    '%s is called in every language it has',
    (id) => {
      const { phrases } = BASES[id]
      for (const phrase of Object.values(phrases as Exclude<typeof phrases, string>).flat()) {
        const words = phrase
          .split(' ')
          .filter((word) => !word.endsWith('?'))
          .map((word) => word.split('|')[0])
        expect(parseCall(`C ${words.join(' ')}`).studies, phrase).toMatchObject([{ material: { kind: id } }])
      }
    },
  )

  it('weighs what is harder to keep in mind than a major scale or a position', () => {
    const light = BASE_IDS.filter((id) => BASES[id].memory === 0)
    expect(light.every((id) => id === 'major' || BASES[id].family === 'position')).toBe(true)
  })

  it.each(BASE_IDS.filter((id) => BASES[id].modeOf))('%s has the notes of the scale that it is a mode of', (id) => {
    const { base, degree } = BASES[id].modeOf!
    const parent = BASES[base as keyof typeof BASES].up.map(({ semitones }) => semitones)
    const turned = parent.map((semitones) => modulo(semitones - parent[degree - 1]!, 12)).sort((a, b) => a - b)
    expect(BASES[id].up.map(({ semitones }) => semitones)).toEqual(turned)
  })

  it('knows the three minors, and on how many notes a chord can begin', () => {
    expect(THREE_MINORS).toEqual(['natural-minor', 'harmonic-minor', 'melodic-minor'])
    expect(BASES['dominant-seventh-arpeggio'].ofKey).toEqual({ steps: 4, semitones: 7 })
  })
})

describe('kinds that improvisers ask for (common practice, no source)', () => {
  it.each([
    ['C', 'hungarian-minor', 'C D Eb F# G Ab B'],
    ['A', 'hungarian-minor', 'A B C D# E F G#'],
    ['C', 'double-harmonic', 'C Db E F G Ab B'],
    ['C', 'bebop-major', 'C D E F G G# A B'],
    ['C', 'bebop-dominant', 'C D E F G A Bb B'],
    ['F', 'bebop-dominant', 'F G A Bb C D Eb E'],
    ['D', 'dorian-flat-2', 'D Eb F G A B C'],
    ['C', 'lydian-augmented', 'C D E F# G# A B'],
    ['F', 'lydian-dominant', 'F G A B C D Eb'],
    ['C', 'mixolydian-flat-6', 'C D E F G Ab Bb'],
    ['B', 'locrian-natural-2', 'B C# D E F G A'],
    ['C', 'altered', 'C Db Eb Fb Gb Ab Bb'],
    ['G', 'altered', 'G Ab Bb Cb Db Eb F'],
    ['B', 'locrian-natural-6', 'B C D E F G# A'],
    ['C', 'ionian-sharp-5', 'C D E F G# A B'],
    ['D', 'dorian-sharp-4', 'D E F G# A B C'],
    ['E', 'phrygian-dominant', 'E F G# A B C D'],
    ['F', 'lydian-sharp-2', 'F G# A B C D E'],
    ['G#', 'altered-diminished', 'G# A B C D E F'],
    ['G', 'suspended-fourth-arpeggio', 'G C D'],
    ['C', 'major-sixth-arpeggio', 'C E G A'],
    ['C', 'minor-sixth-arpeggio', 'C Eb G A'],
    ['C', 'dominant-ninth-arpeggio', 'C E G Bb D'],
    ['C', 'major-ninth-arpeggio', 'C E G B D'],
    ['A', 'minor-ninth-arpeggio', 'A C E G B'],
    ['A', 'tetrachords-harmonic-minor', 'A B C D E F G#'],
  ])('%s %s: %s', (tonic, kind, notes) => expect(spelled(tonic, kind)).toBe(notes))

  it('phrygian dominant on E is A harmonic minor from its fifth', () => {
    const classes = (tonic: string, kind: string) =>
      materialOf({ tonic, kind })
        .up.map(pitchClass)
        .sort((a, b) => a - b)
    expect(classes('E', 'phrygian-dominant')).toEqual(classes('A', 'harmonic-minor'))
  })
})
