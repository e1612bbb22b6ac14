import type { FingerStudy } from '../../support/played'
import { sticksOf } from '../../support/mallets'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { compareLegs, compareStudies, differenceMessage, legMessage } from '#core/compare'
import { type RealisedStudy, realise } from '#core/realise'
import type { RecipeInput } from '#core/instrument'
import { anyNamed, kindsOf } from '../../support/material'
import { english, inEnglish } from '../../support/english'
import { runs } from '../../support/runs'

const study = (tonic: string, kind: string, some: Partial<RecipeInput> = {}) =>
  realise({ material: { tonic, kind }, ...some }, {}, 0)

/** What is different, as it is read. */
const shown = (a: RealisedStudy, b: RealisedStudy): string[] =>
  differenceMessage(a, b, compareStudies(a, b)).map(inEnglish)

describe('two studies side by side', () => {
  it('are the same as themselves', () => {
    fc.assert(
      fc.property(anyNamed(), (material) => {
        const own = realise({ material, octaves: 1 }, {}, 0)
        const { hands, difficulty } = compareStudies(own, own)
        for (const hand of Object.values(hands)) {
          expect(hand).toEqual({ notes: [], fingers: [], crossings: { a: [], b: [] }, only: { a: [], b: [] } })
        }
        expect(difficulty!.from).toBe(difficulty!.to)
      }),
    )
  })

  it('tell the natural from the harmonic minor: the seventh, and the fingers it moves', () => {
    const [natural, harmonic] = [study('G#', 'natural-minor'), study('G#', 'harmonic-minor')]
    const { hands } = compareStudies(natural, harmonic)
    expect(new Set(hands.right!.notes.map(({ from, to }) => `${from} ${to}`))).toEqual(
      new Set(
        ['F#4 F##4', 'F#5 F##5'].filter((pair) => hands.right!.notes.some(({ from, to }) => `${from} ${to}` === pair)),
      ),
    )
    expect(hands.right!.notes).toHaveLength(4)
    expect(hands.right!.fingers).toEqual([])
    expect(hands.left!.fingers.length).toBeGreaterThan(0)
    const words = shown(natural, harmonic)
    expect(words[0]).toBe('F♯ becomes F×')
    expect(words.join('; ')).toMatch(
      /right hand: the same fingers on the same notes; left hand: 4 instead of 3 on C♯.*, thumbs on B and F× instead of B and E/,
    )
  })

  it('say on which leg a note changes', () => {
    const words = shown(study('A', 'natural-minor'), study('A', 'melodic-minor'))
    expect(words[0]).toBe('F becomes F♯ going up and G becomes G♯ going up')
  })

  it('lay one octave beside two from where both begin: the turn moves, notes are added', () => {
    const { hands } = compareStudies(study('C', 'major', { octaves: 1 }), study('C', 'major', { octaves: 2 }))
    expect(hands.right!.only.b).toHaveLength(14)
    expect(hands.right!.only.a).toEqual([])
    // the little finger at the top of one octave becomes the thumb that goes on
    expect(hands.right!.fingers).toMatchObject([{ a: 7, b: 7, from: 5, to: 1 }])
    const words = shown(study('C', 'major', { octaves: 1 }), study('C', 'major'))
    expect(words).toContain('each hand: 14 notes more')
    expect(words.at(-1)).toMatch(/^a little harder/)
  })

  it('lay this school beside that', () => {
    const [own, other] = [study('D', 'major'), study('D', 'major', { school: 'black-key-pivot' })]
    const { hands } = compareStudies(own, other)
    expect(hands.right!.fingers).toEqual([])
    expect(hands.left!.notes).toEqual([])
    for (const { a, b, from, to } of hands.left!.fingers) {
      expect([(own as FingerStudy).hands.left!.fingers[a], (other as FingerStudy).hands.left!.fingers[b]]).toEqual([
        from,
        to,
      ])
    }
    expect(hands.left!.crossings.a.length).toBeGreaterThan(0)
  })

  it('say that another key has the same fingers, or on which degrees it has others', () => {
    const right = { hands: 'right' } as const
    expect(shown(study('C', 'major', right), study('D', 'major', right)).slice(0, 2)).toEqual([
      'transposed a whole step up',
      'right hand: the same fingers on the same degrees',
    ])
    const flat = shown(study('C', 'major', right), study('Db', 'major', right))
    expect(flat[0]).toBe('transposed a half step up')
    // 1 2 3 1 2 3 4 against 2 3 1 2 3 4 1, the outer notes apart
    expect(flat[1]).toMatch(/^right hand: other fingers on degrees 1, 2, 3, 4, 5, 6 and 7$/)
    expect(shown(study('F', 'major', right), study('B', 'major', right))[1]).toBe(
      'right hand: other fingers on degrees 4, 5, 6 and 7',
    )
    const minor = shown(study('C', 'major', right), study('A', 'natural-minor', right))
    expect(minor[0]).toBe(
      'degree 3 lies a half step lower, degree 6 lies a half step lower and degree 7 lies a half step lower',
    )
    expect(minor[1]).toBe('A natural minor has the same notes and begins on degree 6.')
    expect(minor[2]).toBe('right hand: the same fingers on the same degrees')
  })

  it('never call a scale the same notes as one that has others', () => {
    const [major, chromatic] = [study('C', 'major'), study('C', 'chromatic')]
    const words = shown(major, chromatic)
    expect(words[0]).toBe('C♯, D♯, F♯, G♯, A♯, B♭, A♭, G♭, E♭ and D♭ as well')
    expect(words).not.toContain('the same notes')
    expect(shown(chromatic, major)[0]).toMatch(/^without C♯/)
    // every note of the major scale is found in the chromatic one
    expect(compareStudies(major, chromatic).hands.right!.only.a).toEqual([])
    expect(compareStudies(major, chromatic).hands.right!.notes).toEqual([])
    const pentatonic = shown(study('C', 'major'), study('C', 'major-pentatonic'))
    expect(pentatonic[0]).toBe('without F and B')
  })

  it('find the same notes in another order', () => {
    const [there, back] = [study('C', 'major'), study('C', 'major', { course: 'down-up' })]
    const { hands } = compareStudies(there, back)
    for (const hand of ['right', 'left'] as const) {
      // one strikes its lowest note twice, the other its highest
      expect(hands[hand]!.only).toEqual({ a: [0], b: [0] })
      expect(hands[hand]!.notes).toEqual([])
    }
    expect(shown(there, back).slice(0, 2)).toEqual([
      'the same notes',
      'down first, then up, where it was up, then down',
    ])
  })

  it('know when a hand comes in or is left out', () => {
    const { handsOnly } = compareStudies(study('C', 'major', { hands: 'right' }), study('C', 'major'))
    expect(handsOnly).toEqual({ a: [], b: ['left'] })
  })

  it('are the same backwards: what changes one way changes back the other', () => {
    fc.assert(
      fc.property(anyNamed(kindsOf('scale')), anyNamed(kindsOf('scale')), (one, other) => {
        const [a, b] = [realise({ material: one }, {}, 0), realise({ material: other }, {}, 0)]
        const [there, back] = [compareStudies(a, b), compareStudies(b, a)]
        for (const hand of ['right', 'left'] as const) {
          expect(there.hands[hand]!.fingers.length).toBe(back.hands[hand]!.fingers.length)
          expect(there.hands[hand]!.only.a).toEqual(back.hands[hand]!.only.b)
        }
      }),
      { numRuns: runs(40) },
    )
  })
})

describe('up against down', () => {
  it('differs in the two-way melodic form only', () => {
    fc.assert(
      fc.property(anyNamed(kindsOf('scale', 'mode')), (material) => {
        const { notes } = compareLegs(realise({ material }, {}, 0), 'right')!
        expect(notes.length > 0).toBe(material.kind === 'melodic-minor')
      }),
    )
  })

  it('says what moves', () => {
    expect(english(legMessage(study('F#', 'melodic-minor'), 'right'))[0]).toMatch(
      /D♯ becomes D.*E♯ becomes E|E♯ becomes E.*D♯ becomes D/,
    )
    expect(legMessage(study('C', 'major'), 'right')).toEqual([])
    expect(compareLegs(study('C', 'major', { course: 'up' }), 'right')).toBeNull()
  })
})

describe('sticks beside sticks', () => {
  const led = (lead: 'right' | 'left') =>
    realise({ instrument: 'marimba-4.3', material: { tonic: 'F', kind: 'major' }, octaves: 1, lead, school: 'strict' })

  it('change on every note from one lead to the other, and so do the crossings', () => {
    const [right, left] = [led('right'), led('left')]
    const { hands, handsOnly } = compareStudies(right, left)
    expect(hands.sticks!.fingers).toHaveLength(15)
    expect(hands.sticks!.crossings.b).toEqual(
      sticksOf(left)
        .inversions.filter(({ severity }) => severity === 'hard')
        .map(({ index }) => index),
    )
    expect(handsOnly).toEqual({ a: [], b: [] })
    expect(shown(right, left)).toContain('15 strokes change hands')
  })

  it('are another thing than hands', () => {
    const piano = realise({ material: { tonic: 'F', kind: 'major' }, hands: 'right' })
    const words = shown(piano, led('left'))
    expect(words).toContain('the sticks come in')
    expect(words).toContain('the right hand is left out')
  })
})

describe('two studies of an accordion', () => {
  const reeds = (accordion: object, some: object = {}) =>
    realise(
      {
        instrument: 'accordion',
        material: { tonic: 'C', kind: 'major' },
        octaves: 1,
        accordion,
        ...some,
      } as RecipeInput,
      {},
      0,
    )

  it('tell the left hand’s school by its fingers, the right hand’s keyboard by its thumb', () => {
    expect(shown(reeds({}), reeds({ left: { school: 'three-two' } }))).toContain('left hand: 3 instead of 4 on C')
    expect(shown(reeds({}), reeds({ treble: 'c-5' })).join()).toContain('no thumb any more, where it was on F')
    expect(shown(reeds({ treble: 'c-5' }), reeds({})).join()).toContain('thumbs on F instead of nowhere')
  })

  it('tell notes that lie on other buttons, and only those that are the same notes', () => {
    const pins = [{ hand: 'left', index: 2, button: { row: 'fundamental', column: 4 } }]
    const scale = { left: { part: 'scale' } }
    const [own, pinned] = [reeds(scale, { hands: 'left' }), reeds(scale, { hands: 'left', pins })]
    const { places } = compareStudies(own, pinned).hands.left!
    expect(places![0]).toEqual({ a: 2, b: 2 })
    const count = places!.length
    expect(shown(own, pinned)).toContain(
      `left hand: ${count} note${count > 1 ? 's' : ''} on ${count > 1 ? 'other buttons' : 'another button'}`,
    )
    expect(compareStudies(own, own).hands.left!.places).toBeUndefined()
    const minor = reeds(scale, { hands: 'left', material: { tonic: 'A', kind: 'harmonic-minor' } })
    expect(compareStudies(own, minor).hands.left!.places).toBeUndefined()
  })
})
