import { fingered } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { KINDS, type KindId } from '#core/material'
import { pitchName } from '#core/pitch'
import type { JOURNEYS, LENGTHS, Course, Figure } from '#core/study'
import { type RecipeInput, completeRecipe } from '#core/instrument'
import { COURSES, FIGURE_ROWS, FIGURES, mirrored, pathOf, PLAIN_PATTERN, rhythmOf, WALKS } from '#core/study'
import { anyNamed, kindsOf } from '../../support/material'
import { expectPlayable } from '../../support/playable'
import { anyShaped } from '../../support/recipes'
import { inEnglish, messageOf } from '../../support/english'
import { runs } from '../../support/runs'

const ground = { degrees: 7, top: 14, crossings: [3, 7] }
const path = (figure: Figure, walk: (typeof WALKS)[number], course: Course = 'up-down') =>
  pathOf({ ...PLAIN_PATTERN, figure, walk }, course, ground)
const places = (figure: Figure, course: Course, top = 7) =>
  pathOf({ ...PLAIN_PATTERN, figure }, course, { degrees: 7, top }).map((step) => step.places[0])

describe('figures', () => {
  // worked by hand from common practice: degrees from 0
  it.each([
    ['groups-of-three', [0, 1, 2, 1, 2, 3, 2, 3, 4, 3, 4, 5, 4, 5, 6, 5, 6, 7]],
    ['broken-thirds', [0, 2, 1, 3, 2, 4, 3, 5, 4, 6, 5, 7, 6, 8, 7]],
    ['broken-seconds', [0, 1, 1, 2, 2, 3, 3, 4, 4, 5, 5, 6, 6, 7, 7]],
    ['fourth-then-second', [0, 3, 1, 2, 1, 4, 2, 3, 2, 5, 3, 4, 3, 6, 4, 5, 4, 7, 5, 6, 5, 8, 6, 7, 6, 9, 7, 8, 7]],
    ['broken-triads', [2, 0, 2, 4, 3, 1, 3, 5, 4, 2, 4, 6, 5, 3, 5, 7, 6, 4, 6, 8, 7, 5, 7, 9, 8, 6, 8, 10, 7]],
    [
      'broken-seventh-chords',
      [0, 2, 4, 6, 7, 5, 3, 1, 2, 4, 6, 8, 9, 7, 5, 3, 4, 6, 8, 10, 11, 9, 7, 5, 6, 8, 10, 12, 7],
    ],
  ] as const)('%s', (figure, expected) => {
    expect(places(figure, 'up')).toEqual(expected)
  })

  it('go down as they went up, upside down: mirroring is its own inverse', () => {
    for (const figure of FIGURES) {
      const [up, down] = [places(figure, 'up'), places(figure, 'down')]
      expect(down, figure).toEqual(up.map((place) => 7 - place!))
      for (const walk of WALKS) {
        const steps = path(figure, walk)
        expect(mirrored(mirrored(steps, 14), 14)).toEqual(steps)
      }
    }
  })

  it('give the walk back when every figure is read by its own note', () => {
    const own: Partial<Record<Figure, number>> = { 'broken-triads': 1 }
    for (const figure of FIGURES.filter((each) => !each.startsWith('groups') && each !== 'broken-seventh-chords')) {
      const size = FIGURE_ROWS[figure].rows[0]!.length
      for (const course of COURSES) {
        const shaped = places(figure, course)
        const last = shaped.length - 1
        const read = shaped.filter((_, at) => at % size === (own[figure] ?? 0) || at === last)
        expect(read, `${figure} ${course}`).toEqual(places('straight', course))
      }
    }
  })

  it('name notes of the scale only, and every note of it', () => {
    fc.assert(
      fc.property(anyNamed(kindsOf('scale', 'mode')), fc.constantFrom(...FIGURES), (material, figure) => {
        fc.pre(KINDS[material.kind].up.length === 7 && KINDS[material.kind].up === KINDS[material.kind].down)
        const names = (input: RecipeInput) =>
          new Set(fingered(input, {}, 0).hands.right!.notes.map(({ pitch }) => pitchName({ ...pitch, octave: 0 })))
        const plain = { material, octaves: 1 }
        expect(names({ ...plain, pattern: { figure } })).toEqual(names(plain))
      }),
      { numRuns: runs(15) },
    )
  })
})

describe('walks', () => {
  it('move by step, but where loops begin anew', () => {
    for (const walk of WALKS) {
      const steps = path('straight', walk)
      steps.forEach((step, at) => {
        const before = steps[at - 1]
        if (before && !step.fresh) expect(Math.abs(step.places[0]! - before.places[0]!), walk).toBe(1)
      })
    }
  })

  it('add-a-note reaches one note farther each time, always from the start', () => {
    const one = pathOf({ ...PLAIN_PATTERN, walk: 'add-a-note' }, 'up', { degrees: 7, top: 7 })
    const runs = one.flatMap((step, at) => (step.places[0] === 0 ? [at] : []))
    expect(runs).toHaveLength(7)
    // 2 + 3 + … + 8 notes (derived)
    expect(one).toHaveLength(35)
  })

  it('loops go on an octave and back half of one, there and back', () => {
    const up = path('straight', 'loops', 'up').map((step) => step.places[0])
    expect(up).toEqual([
      0, 1, 2, 3, 4, 5, 6, 7, 6, 5, 4, 3, 4, 5, 6, 7, 8, 9, 10, 11, 10, 9, 8, 7, 8, 9, 10, 11, 12, 13, 14,
    ])
  })

  it('loops around the crossings hold each crossing of the octave in their middle', () => {
    const { hands, recipe } = fingered({
      material: { tonic: 'C', kind: 'major' },
      hands: 'right',
      pattern: { walk: 'crossing-loops' },
    })
    const straight = fingered({ material: { tonic: 'C', kind: 'major' }, hands: 'right', course: 'up' })
    const landings = straight.hands.right!.crossings.filter(({ index }) => index <= 7).map(({ index }) => index)
    expect(landings).toEqual([3, 7])
    const { midi, crossings } = hands.right!
    const thumbs = straight.hands.right!
    for (const landing of landings) {
      const key = thumbs.midi[landing]!
      expect(crossings.filter(({ index }) => midi[index] === key).length).toBeGreaterThanOrEqual(2)
    }
    expect(recipe.pattern.walk).toBe('crossing-loops')
  })

  it('loops beyond the keys are refused by the start, as anything is that does not fit', () => {
    const deep: RecipeInput = {
      material: { tonic: 'Cb', kind: 'major' },
      ...{ motion: 'contrary', contraryFrom: 'octave', octaves: 1, startOctave: 1 },
      pattern: { walk: 'crossing-loops' },
    }
    expect(() => fingered(deep)).toThrow(expect.objectContaining({ code: 'range', path: 'startOctave' }))
    // where the start is left open, they go where they fit
    expect(fingered({ ...deep, startOctave: undefined } as RecipeInput).recipe.startOctave).toBeGreaterThan(1)
  })
})

describe('journeys', () => {
  const sections = (material: { tonic: string; kind: KindId }, journey: (typeof JOURNEYS)[number]) =>
    fingered({ material, octaves: 1, pattern: { journey } }, {}, 0)

  it('relays through twelve keys, one up and the next down, a half step or a fourth on', () => {
    for (const [journey, step] of [
      ['relay-half-step', 1],
      ['relay-fourth', 5],
    ] as const) {
      const study = sections({ tonic: 'Eb', kind: 'harmonic-minor' }, journey)
      const { notes } = study.hands.right!
      const keys = study.sections!.map(({ from }, at) => {
        const own = notes.filter((note) => note.step >= from && note.step < (study.sections![at + 1]?.from ?? Infinity))
        const [first, last] = [own[0]!, own.at(-1)!]
        expect(last.midi - first.midi).toBe(at % 2 === 0 ? 12 : -12)
        return first.midi % 12
      })
      expect(new Set(keys).size).toBe(12)
      keys.slice(1).forEach((key, at) => expect((key - keys[at]! + 12) % 12).toBe(step))
      expect(study.keySignature.fifths).toBe(0)
    }
  })

  it.each([
    // the note above the next tonic falls to it; from the one under its own tonic it is a third up
    ['above', 6],
    ['below', 2],
  ] as const)('chains the modes of one key, led from %s: the same notes (common practice)', (link, apart) => {
    const study = fingered({
      material: { tonic: 'Bb', kind: 'major' },
      pattern: { journey: 'mode-chain', link },
      octaves: 1,
    })
    const { notes } = study.hands.right!
    const scale = new Set(notes.map(({ midi }) => midi % 12))
    expect(scale.size).toBe(7)
    expect(study.keySignature.fifths).toBe(-2)
    expect(inEnglish(study.sections![1]!.words)).toBe('C dorian')
    for (const { from } of study.sections!.slice(1)) {
      const [last, first] = [notes[from - 1]!, notes[from]!]
      expect(first.pitch.letter.charCodeAt(0) - last.pitch.letter.charCodeAt(0) + 7).toSatisfy(
        (n: number) => n % 7 === apart,
      )
      expect(study.rhythm.notes[from]!.start % 4).toBe(0)
    }
  })

  it('takes one sign away each time, on the same letters', () => {
    const study = sections({ tonic: 'E', kind: 'major' }, 'one-fewer')
    const letters = study.sections!.map(({ from }, at) => {
      const to = study.sections![at + 1]?.from ?? study.steps
      const own = study.hands.right!.notes.slice(from, to)
      return {
        letters: own.map(({ pitch }) => pitch.letter).join(''),
        signs: new Set(own.filter(({ pitch }) => pitch.alteration).map(({ pitch }) => pitch.letter)).size,
      }
    })
    expect(letters.map(({ signs }) => signs)).toEqual([4, 3, 2, 1, 0])
    expect(new Set(letters.map((each) => each.letters)).size).toBe(1)
  })
})

describe('any shaped study', () => {
  it('fills whole bars without a gap, and writes what it sounds', () => {
    const BEATS = { whole: 4, half: 2, quarter: 1, eighth: 0.5, sixteenth: 0.25, 'thirty-second': 0.125 }
    fc.assert(
      fc.property(anyShaped, (recipe) => {
        const { rhythm, steps } = fingered(recipe, {}, 0)
        expect(rhythm.notes).toHaveLength(steps)
        let now = 0
        for (const value of [...rhythm.notes, ...rhythm.rests].sort((a, b) => a.start - b.start)) {
          expect(value.start).toBeCloseTo(now, 9)
          expect(value.beats).toBeCloseTo(
            BEATS[value.written] * (value.dots ? 1.5 : 1) * (value.triplet ? 2 / 3 : 1),
            9,
          )
          now += value.beats
        }
        expect(Math.abs(now / 4 - Math.round(now / 4))).toBeLessThan(1e-9)
      }),
      { numRuns: runs(20) },
    )
  })

  it('is fingered so that a hand can play it, a finger to every note', () => {
    fc.assert(
      fc.property(anyShaped, (recipe) => {
        const study = fingered(recipe, {}, 0)
        for (const [hand, part] of Object.entries(study.hands)) {
          expect(part.fingers).toHaveLength(part.notes.length)
          // within a grip or from one to the next the hand goes on; where it is set down anew it may do as it likes
          const anew = new Set([...part.lifts, ...part.notes.flatMap((note, at) => (note.fresh ? [at] : []))])
          const single = part.notes.every((note, at) => note.step !== part.notes[at + 1]?.step)
          if (!single || recipe.pattern!.figure !== 'straight') continue
          let from = 0
          for (const to of [...anew, part.notes.length].sort((a, b) => a - b)) {
            expectPlayable(hand as 'right', part.midi.slice(from, to), part.fingers.slice(from, to), true)
            from = to
          }
        }
      }),
      { numRuns: runs(20) },
    )
  })

  it('keeps pins of any section, and names the pin that fits nowhere', () => {
    const shaped = {
      material: { tonic: 'G', kind: 'major' as const },
      octaves: 1,
      bookends: { before: 'five-finger' as const },
    }
    const plain = fingered(shaped)
    const index = plain.hands.right!.notes.length - 3
    const pinned = fingered({ ...shaped, pins: [{ hand: 'right', index, finger: 4 }] })
    expect(pinned.hands.right!.fingers[index]).toBe(4)
    expect(pinned.hands.right!.pinned).toEqual([{ index, pin: 0 }])
    expect(messageOf(() => fingered({ ...shaped, pins: [{ hand: 'right', index: 99, finger: 4 }] }))).toMatch(
      /no note 99/,
    )
    const clash = {
      ...shaped,
      pins: [
        { hand: 'left' as const, index: 0, finger: 1 as const },
        { hand: 'right' as const, index, finger: 4 as const },
        { hand: 'right' as const, index, finger: 2 as const },
      ],
    }
    expect(() => fingered(clash)).toThrow(expect.objectContaining({ code: 'pin.conflict', path: 'pins[2]' }))
  })

  it('takes the fingers that were accepted, whatever its sections', () => {
    const shaped: RecipeInput = { material: { tonic: 'D', kind: 'major' }, octaves: 2, rhythm: { ladder: 'octaves' } }
    const { fingers } = fingered(shaped).hands.right!
    const changed = fingers.map((finger, at) => (at === 20 ? 2 : finger))
    expect(fingered(shaped, { right: changed }).hands.right!.fingers).toEqual(changed)
  })
})

describe('lengths in pairs', () => {
  it('share the time of two notes: long-short is short-long turned round', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 30 }), fc.constantFrom(1, 2, 4), (pairs, perBeat) => {
        const of = (lengths: (typeof LENGTHS)[number]) =>
          rhythmOf([{ steps: 2 * pairs, perBeat: perBeat as 1, lengths }]).notes.slice(0, -2)
        const [even, long, short] = [of('even'), of('long-short'), of('short-long')]
        even.forEach((note, at) => {
          const other = at % 2 === 0 ? at + 1 : at - 1
          expect(long[at]!.beats).toBe(short[other]!.beats)
          if (at % 2 === 0) expect(long[at]!.start).toBe(note.start)
        })
      }),
    )
  })

  it('accent the first of every so many notes, in every section anew', () => {
    const { rhythm } = fingered({
      material: { tonic: 'C', kind: 'major' },
      octaves: 2,
      rhythm: { ladder: 'octaves', accents: 4 },
    })
    expect(rhythm.accents).toEqual([0, 4, 8, 12, 15, 19, 23, 27, 31, 35, 39, 43])
  })
})

it('figures fill their beats unless a rhythm is asked for', () => {
  const notes = (figure: Figure) =>
    completeRecipe({ material: { tonic: 'C', kind: 'major' }, pattern: { figure } }).tempo.notesPerBeat
  expect(
    ['groups-of-three', 'groups-of-four', 'broken-triads', 'broken-thirds'].map((each) => notes(each as Figure)),
  ).toEqual([3, 4, 4, 2])
})

describe('after a dominant seventh', () => {
  const after = (some: object) =>
    fingered(
      { octaves: 1, bookends: { after: 'tonic-chord' }, ...some } as RecipeInput,
      {},
      0,
    ).hands.right!.pitches.slice(-4)
  // a dominant seventh leads to the key a fourth above: common practice
  it('comes the chord of the key that it leads to, near middle C; other chords rest on their own tonic', () => {
    expect(after({ material: { tonic: 'G', kind: 'dominant-seventh-arpeggio' } })).toEqual(['C4', 'E4', 'G4', 'C5'])
    expect(after({ material: { tonic: 'F#', kind: 'dominant-seventh-arpeggio' } })).toEqual(['B3', 'D#4', 'F#4', 'B4'])
    expect(after({ material: { tonic: 'G', kind: 'major-arpeggio' } })).toEqual(['G3', 'B3', 'D4', 'G4'])
    expect(after({ material: { tonic: 'G', kind: 'harmonic-minor' } })).toEqual(['G3', 'Bb3', 'D4', 'G4'])
  })
})
