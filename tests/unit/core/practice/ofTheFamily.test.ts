import { describe, expect, it } from 'vitest'
import { parseRequirement } from '#core/call'
import { completeRecipe, families, PLACES, type Recipe, type RecipeInput } from '#core/instrument'
import { readSpokenLine } from '#core/practice'

const studies = (instrument: string, all: readonly object[]): Recipe[] =>
  all.map((each) => completeRecipe({ instrument, material: { tonic: 'C', kind: 'major' }, ...each } as RecipeInput))
const major = (tonic: string) => ({ material: { tonic, kind: 'major' } })
const minor = (tonic: string) => ({ material: { tonic, kind: 'harmonic-minor' } })

const BOARD = studies('accordion', [
  major('F'),
  { ...minor('C') },
  { ...minor('C'), hands: 'left' },
  { ...minor('C'), accordion: { left: { part: 'waltz' } } },
  { ...major('G'), hands: 'right' },
])
const BARS = studies('marimba-4.3', [
  { ...major('F'), lead: 'left' },
  major('F'),
  minor('A'),
  { ...minor('A'), roll: { manner: 'separate' } },
  { rudiment: 'paradiddle' },
  {},
])

describe('the record of an accordion', () => {
  it.each([
    ['F major left hand 92 clean', { studies: [0], hands: 'left', bpm: 92, outcome: 'right' }],
    ['C harmonic minor over alternating bass 66', { studies: [1], bpm: 66, outcome: null }],
    ['C harmonic minor waltz 60 wrong at the bellows change', { studies: [3], place: 'bellows', outcome: 'wrong' }],
    ['G major RH wrong bass leap', { studies: [4], hands: 'right', place: 'leap' }],
    ['C minor left hand wrong at the change of register', { studies: [2], place: 'register' }],
  ])('%s', (line, said) => {
    const [entry] = readSpokenLine(line, BOARD)
    expect(entry).toMatchObject({ ...said, unread: [] })
  })
})

describe('the record of mallets', () => {
  it.each([
    ['F major left lead 92 clean', { studies: [0], hands: null }],
    ['F major left 92 clean', { studies: [0], hands: null }],
    ['F major lead right 92 wrong at the row change', { studies: [1], place: 'row' }],
    ['F major 92 clean', { studies: [0, 1] }],
    ['A minor wrong at a double', { studies: [2], place: 'double' }],
    ['A minor rolled wrong at the roll', { studies: [3], place: 'roll' }],
    ['C major paradiddles 80 hesitated', { studies: [4], outcome: 'hesitated' }],
    ['C major 100 clean', { studies: [5] }],
  ])('%s', (line, said) => {
    const [entry] = readSpokenLine(line, BARS)
    expect(entry).toMatchObject({ ...said, unread: [] })
  })
})

describe('places', () => {
  it('are those of the family, each of them somewhere, and no other is taken', () => {
    const own = new Map(families().map((family) => [family.id, family.places]))
    expect(new Set([...own.values()].flat())).toEqual(new Set(PLACES))
    for (const { id, instruments, places } of families()) {
      const [study] = studies(instruments[0]!.id, [{}])
      for (const place of PLACES) {
        const words = {
          bellows: 'the bellows change',
          register: 'the change of register',
          row: 'the row change',
          finger: 'the finger before the thumb',
        }
        const line = `C major wrong at ${words[place as keyof typeof words] ?? `the ${place}`}`
        const [entry] = readSpokenLine(line, [study!])
        expect(entry!.place, `${id}: ${line}`).toBe(places.includes(place) ? place : null)
        if (!places.includes(place)) expect(entry!.unread, line).toContain(place)
      }
    }
  })
})

describe('lists of one family', () => {
  const read = (line: string, instrument: string) => parseRequirement(line, { instrument })

  it.each([
    ['Chords of C, G and F major: major, minor, dominant seventh, diminished, left hand', 4],
    ['C and G major: chords of the left hand', 1],
  ])('%s', (line, kinds) => {
    const { entries, problems } = read(line, 'accordion')
    expect(problems).toEqual([])
    expect(entries).toHaveLength(1)
    expect(entries[0]).toMatchObject({ hands: 'left', bass: 'chords' })
    expect(entries[0]!.kinds).toHaveLength(kinds)
    expect(read(line, 'piano').problems).not.toEqual([])
    expect(read(line, 'mallets').problems).not.toEqual([])
  })

  it.each([
    ['C major, beginning with the left hand, 1 octave', { lead: 'left' }],
    ['B flat major, hand to hand', { sticks: { alternating: true } }],
    ['C major in paradiddles', { sticks: { rudiment: 'paradiddle' } }],
    ['C major, RLRL', { lead: 'right', sticks: { alternating: true } }],
    ['C major, LRLR', { lead: 'left', sticks: { alternating: true } }],
    ['C major, permutation 1324, four mallets', { mallets: 4, sticks: { figure: '1324' } }],
    ['D major in double stops in thirds', { kinds: ['double-thirds-major'] }],
    ['C major vibraphone, two octaves', { sticks: { make: 'vibraphone' } }],
  ])('%s', (line, asked) => {
    const { entries, problems } = read(line, 'mallets')
    expect(problems).toEqual([])
    expect(entries[0]).toMatchObject(asked)
    // what leads, or how sticks go, is no word of an instrument that has two hands
    const elsewhere = ['piano', 'accordion'].map((instrument) => read(line, instrument))
    for (const other of elsewhere) if (!line.includes('thirds')) expect(other.problems, line).not.toEqual([])
  })
})
