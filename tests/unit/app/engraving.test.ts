import { fingered } from '../../support/played'
import fc from 'fast-check'
import { realise } from '#core/realise'
import { describe, expect, it } from 'vitest'
import { midiOf, parsePitch, pitchName, signatureAlteration } from '#core/pitch'
import { NOTES_PER_BEAT } from '#core/study'
import type { GripPin } from '#core/fingering'
import { accidentalsOf, beamGroups, ledgerLines, printedFifths, scoreOf, stemsUp, writingFor } from '#core/notation'
import { layoutOf, NARROWEST_STEP } from '#engraving'
import { fingerLabel } from '~/components/score/speak'
import { stairOf } from '#pictures'
import { letteredReasons, letterMarks } from '~/components/why/letters'
import { degreePin, gripPin } from '~/stores/desk/pins'
import { anyNamed } from '../../support/material'
import { anyShaped } from '../../support/recipes'
import { runs } from '../../support/runs'

const anyStudy = fc
  .record({
    material: anyNamed(),
    octaves: fc.integer({ min: 1, max: 2 }),
    notesPerBeat: fc.constantFrom(...NOTES_PER_BEAT),
    hands: fc.constantFrom('together', 'right', 'left'),
  })
  .map(({ material, octaves, notesPerBeat, hands }) =>
    fingered({ material, octaves, hands: hands as 'together', tempo: { notesPerBeat } }, {}, 0),
  )

describe('accidentals', () => {
  it('say each alteration exactly when signature and bar do not', () => {
    fc.assert(
      fc.property(anyStudy, (study) => {
        const perBar = 4 * study.recipe.tempo.notesPerBeat
        for (const { notes } of Object.values(study.hands)) {
          const signs = accidentalsOf(notes, study.keySignature.fifths, (step) => Math.floor(step / perBar))
          // read the page back as a player would
          let bar = new Map<string, number>()
          notes.forEach(({ pitch, step }, at) => {
            const before = notes[at - 1]?.step ?? -1
            if (Math.floor(step / perBar) !== Math.floor(before / perBar)) bar = new Map()
            const place = `${pitch.letter}${pitch.octave}`
            if (signs[at] !== null) bar.set(place, signs[at]!)
            const read = bar.get(place) ?? signatureAlteration(printedFifths(study.keySignature.fifths), pitch.letter)
            expect(read).toBe(pitch.alteration)
          })
        }
      }),
    )
  })

  it('prints none in a major scale', () => {
    const { hands, keySignature } = fingered({ material: { tonic: 'Gb', kind: 'major' } })
    expect(
      accidentalsOf(hands.right!.notes, keySignature.fifths, (step) => Math.floor(step / 8)).every(
        (sign) => sign === null,
      ),
    ).toBe(true)
  })

  it('prints one double sharp a bar and place in G sharp harmonic minor', () => {
    const { hands, keySignature } = fingered({ material: { tonic: 'G#', kind: 'harmonic-minor' }, octaves: 1 })
    const { notes } = hands.right!
    const printed = accidentalsOf(notes, keySignature.fifths, (step) => Math.floor(step / 8)).flatMap((sign, at) =>
      sign === null ? [] : [`${pitchName(notes[at]!.pitch)} ${sign}`],
    )
    expect(printed).toEqual(['F##4 2', 'F##4 2'])
  })
})

describe('writing', () => {
  const groups = (startOctave: number, hand: 'right' | 'left') => {
    const { notes } = fingered({ material: { tonic: 'C', kind: 'major' }, hands: hand, octaves: 1, startOctave }).hands[
      hand
    ]!
    return [notes.slice(0, 4), notes.slice(4, 8)]
  }

  it('keeps the usual clef where it serves, and leaves it where ledger lines pile up', () => {
    expect(
      writingFor(groups(4, 'right'), 'treble').every(({ clef, ottava }) => clef === 'treble' && ottava === 0),
    ).toBe(true)
    expect(writingFor(groups(5, 'left'), 'bass').every(({ clef }) => clef === 'treble')).toBe(true)
  })

  it('keeps the usual clef wherever it stands, where a teacher wants that, with octave signs instead', () => {
    for (const octave of [2, 3, 4, 5, 6]) {
      for (const [hand, usual] of [
        ['right', 'treble'],
        ['left', 'bass'],
      ] as const) {
        expect(writingFor(groups(octave, hand), usual, 'own').every(({ clef }) => clef === usual)).toBe(true)
      }
    }
    expect(writingFor(groups(6, 'left'), 'bass', 'own').every(({ ottava }) => ottava === 1)).toBe(true)
    const study = realise({
      ...{ instrument: 'marimba-5.0', material: { tonic: 'C', kind: 'major' }, octaves: 4, startOctave: 2 },
      clefs: 'own',
    })
    const clefs = (own: typeof study): Set<string> =>
      new Set(
        scoreOf(own).staves.flatMap(({ bars }) =>
          bars.flatMap(({ events }) => events.map(({ writing }) => writing.clef)),
        ),
      )
    expect([...clefs(study)]).toEqual(['treble'])
    expect(clefs(realise({ ...study.recipe, clefs: 'changing' })).size).toBe(2)
  })

  it('writes the top octave an octave lower', () => {
    expect(writingFor(groups(7, 'right'), 'treble').every(({ ottava }) => ottava === 1)).toBe(true)
  })

  it('counts ledger lines as the staff has them: one for middle C in either clef', () => {
    const [[middleC]] = groups(4, 'right') as [[Parameters<typeof ledgerLines>[0]]]
    expect(ledgerLines(middleC, { clef: 'treble', ottava: 0 })).toBe(1)
    expect(ledgerLines(middleC, { clef: 'bass', ottava: 0 })).toBe(1)
  })
})

describe('layout', () => {
  it('places every step once, left to right, wide enough to hit, inside the width', () => {
    fc.assert(
      fc.property(anyStudy, fc.integer({ min: 700, max: 1000 }), (study, width) => {
        const systems = layoutOf(study, width)
        expect(systems.flatMap((system) => system.columns)).toHaveLength(study.steps)
        for (const system of systems) {
          // a bar that is too full for that stands by itself, its notes nearer
          const bars = new Set(
            study.rhythm.notes.slice(system.from, system.to).map(({ start }) => Math.floor(start / 4 + 1e-6)),
          )
          if (bars.size > 1) expect(system.step).toBeGreaterThanOrEqual(NARROWEST_STEP)
          expect(system.right).toBeLessThanOrEqual(width + 1)
          for (let at = 1; at < system.columns.length; at++) {
            expect(system.columns[at]! - system.columns[at - 1]!).toBeGreaterThanOrEqual(system.step - 1e-9)
          }
        }
      }),
    )
  })

  it('ends a system at a bar line where one is near, and draws every bar line once', () => {
    const study = fingered({ material: { tonic: 'C', kind: 'major' } })
    const [upper, lower] = layoutOf(study, 680)
    expect([upper!.to, lower!.from]).toEqual([16, 16])
    expect(upper!.barLines.at(-1)).toBe(upper!.right)
    fc.assert(
      fc.property(anyStudy, fc.integer({ min: 560, max: 1000 }), (any, width) => {
        const systems = layoutOf(any, width)
        // the last bar line is the double one, which the score draws
        const bars = new Set(any.rhythm.notes.map((note) => Math.floor(note.start / 4 + 1e-6)))
        expect(systems.flatMap((system) => system.barLines)).toHaveLength(bars.size - 1)
      }),
    )
  })
})

describe('beams', () => {
  const groups = (shape: object) =>
    beamGroups(fingered({ material: { tonic: 'C', kind: 'major' }, octaves: 1, ...shape }, {}, 0).rhythm).map(
      (group) => group.length,
    )

  it('join half a bar of eighths, a beat of anything faster, and nothing longer', () => {
    expect(groups({})).toEqual([4, 4, 4, 2, 1])
    expect(groups({ tempo: { notesPerBeat: 4 } })).toEqual([4, 4, 4, 3])
    expect(groups({ tempo: { notesPerBeat: 6 } })).toEqual([6, 6, 2, 1])
    expect(groups({ tempo: { notesPerBeat: 1 } })).toEqual(Array.from({ length: 15 }, () => 1))
    expect(groups({ rhythm: { lengths: 'long-short' } })).toEqual([2, 2, 2, 2, 2, 2, 2, 1])
  })

  it('never cross a bar line, a beat of their own or a section, and hold every step once', () => {
    fc.assert(
      fc.property(anyShaped, (recipe) => {
        const { rhythm, steps, sections = [] } = fingered(recipe, {}, 0)
        const all = beamGroups(rhythm)
        expect(all.flat()).toEqual(Array.from({ length: steps }, (_, at) => at))
        for (const group of all) {
          const bars = group.map((step) => Math.floor(rhythm.notes[step]!.start / 4 + 1e-6))
          expect(new Set(bars).size).toBe(1)
          expect(sections.some(({ from }) => from > group[0]! && from <= group.at(-1)!)).toBe(false)
        }
      }),
      { numRuns: runs(15) },
    )
  })
})

describe('stems', () => {
  const treble = { clef: 'treble', ottava: 0 } as const
  const up = (names: string, writing: Parameters<typeof stemsUp>[1][number] = treble) => {
    const notes = names.split(' ').map((name) => {
      const pitch = parsePitch(name)
      return { pitch, midi: midiOf(pitch), degree: 0, leg: 'up' as const, step: 0, fresh: false }
    })
    return stemsUp(
      notes,
      notes.map(() => writing),
    )
  }

  it('go away from the note farthest from the middle line, down where two are as far (common practice)', () => {
    expect(up('C4 D4 E4 F4')).toBe(true)
    expect(up('C5 D5 E5 F5')).toBe(false)
    expect(up('B4')).toBe(false)
    expect(up('G4 A4 B4 D5')).toBe(false)
    expect(up('F4 A4 B4 D5')).toBe(true)
  })

  it('follow what is written, not what sounds', () => {
    expect(up('C6', { clef: 'treble', ottava: 1 })).toBe(false)
    expect(up('A5', { clef: 'treble', ottava: 1 })).toBe(true)
    expect(up('C3', { clef: 'bass', ottava: 0 })).toBe(true)
    expect(up('C4', { clef: 'bass', ottava: 0 })).toBe(false)
  })
})

describe('the stair', () => {
  it('cuts each hand into one grip more than it has crossings, and hinges them all', () => {
    const study = fingered({ material: { tonic: 'Eb', kind: 'harmonic-minor' } })
    const [system] = layoutOf(study, 1000)
    const picture = stairOf(study, system!, 260)
    for (const hand of ['right', 'left'] as const) {
      const crossings = study.hands[hand]!.crossings.length
      expect(picture.slabs.filter((slab) => slab.hand === hand)).toHaveLength(crossings + 1)
      expect(picture.hinges.filter((hinge) => hinge.hand === hand)).toHaveLength(crossings)
    }
    expect(picture.meetings.filter((each) => each.kind === 'thumbs')).toHaveLength(study.together!.thumbs.length)
  })

  it('climbs: a higher key lies higher, inside the picture', () => {
    const study = fingered({ material: { tonic: 'C', kind: 'major' } })
    const { discs } = stairOf(study, layoutOf(study, 940)[0]!, 260)
    const right = discs.filter((disc) => disc.hand === 'right')
    for (let at = 1; at <= 14; at++) expect(right[at]!.y).toBeLessThan(right[at - 1]!.y)
    for (const disc of discs) expect(disc.y).toBeGreaterThan(0)
  })

  it('puts letters clear of the discs before and after', () => {
    const material = { tonic: 'F#', kind: 'melodic-minor' }
    const courses = ['up-down', 'down-up'] as const
    const studies = courses.flatMap((course) => [
      fingered({ material, course }),
      fingered({ material, course, motion: 'contrary' }),
    ])
    const discs = studies.flatMap((study, at) =>
      // each picture far from the others
      stairOf(study, layoutOf(study, 1000)[0]!, 224).discs.map((disc) => ({ ...disc, index: disc.index + 100 * at })),
    )
    for (const disc of discs) {
      const near = discs.filter((other) => other.hand === disc.hand && Math.abs(other.index - disc.index) === 1)
      for (const other of near)
        expect(Math.hypot(disc.letter.x - other.x, disc.letter.y - 4 - other.y)).toBeGreaterThan(14)
    }
  })
})

describe('words on the page', () => {
  it('letter every reason once, at its first note', () => {
    const study = fingered({ material: { tonic: 'G#', kind: 'harmonic-minor' } })
    const lettered = letteredReasons(study)
    expect(lettered.map((each) => each.letter).join('')).toBe('abcdefghij'.slice(0, lettered.length))
    expect([...letterMarks(lettered).values()].join('')).toHaveLength(lettered.length)
  })

  it('say a finger aloud', () => {
    const study = fingered({
      material: { tonic: 'G#', kind: 'harmonic-minor' },
      pins: [{ hand: 'right', index: 2, finger: 1 }],
    })
    expect(fingerLabel(study, { hand: 'right', index: 2 })).toBe(
      'right hand, note 3 of 29, B3, finger 1, thumb under, pinned',
    )
    expect(fingerLabel(study, { hand: 'left', index: 6 })).toMatch(/F double sharp 3, finger 1/)
  })
})

describe('pins made on the page', () => {
  const study = fingered({ material: { tonic: 'F#', kind: 'melodic-minor' } })

  it('take a whole grip, from its first note to the last before the next', () => {
    const { grips, fingers } = study.hands.left!
    const pin = gripPin(study, { hand: 'left', index: grips[1]! + 1 }) as GripPin
    expect(pin.from).toBe(grips[1])
    expect(pin.fingers).toEqual(fingers.slice(grips[1], grips[2]))
    expect(fingered({ ...study.recipe, pins: [pin] }).hands.left!.fingers).toEqual(fingers)
  })

  it('take a degree in every octave, on one leg where the legs differ', () => {
    expect(degreePin(study, { hand: 'right', index: 6 })).toMatchObject({ degree: 7, leg: 'up' })
    const plain = fingered({ material: { tonic: 'C', kind: 'major' } })
    expect(degreePin(plain, { hand: 'right', index: 9 })).toEqual({ hand: 'right', degree: 3, finger: 3 })
  })
})

describe('chords and shared lines on the page', () => {
  it('stand on the column of their step, a disc for every note', () => {
    const study = fingered({ material: { tonic: 'C', kind: 'double-thirds-major' }, octaves: 1 })
    const [system] = layoutOf(study, 940)
    const { discs } = stairOf(study, system!, 260)
    expect(discs).toHaveLength(2 * study.hands.right!.notes.length)
    for (const disc of discs) expect(disc.x).toBe(system!.columns[disc.step])
    expect(system!.staves[0]!.chords.every((chord) => chord.length === 2)).toBe(true)
  })

  it('leave rests where the other hand plays', () => {
    const study = fingered({ material: { tonic: 'C', kind: 'tetrachords-major' } })
    const [right, left] = layoutOf(study, 940)[0]!.staves
    right!.chords.forEach((chord, at) => expect(chord.length + left!.chords[at]!.length).toBe(1))
  })

  it('cut the stair where the hand moves to another chord', () => {
    const study = fingered({ material: { tonic: 'C', kind: 'diatonic-triads-major' }, hands: 'right', course: 'up' })
    const picture = stairOf(study, layoutOf(study, 1000)[0]!, 260)
    expect(picture.slabs.length).toBeGreaterThan(4)
  })
})
