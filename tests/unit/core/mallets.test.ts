import { sticked } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseCall, writeCall } from '#core/call'
import { DomainError } from '#core/message'
import { playedNotes } from '#core/playback'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { anyNamed, RUNS } from '../../support/material'
import { C, marimba, refusal, sticksOf } from '../../support/mallets'
import { anyMallets } from '../../support/recipes'
import { inEnglish } from '../../support/english'
import { runs } from '../../support/runs'

describe('what is written and what sounds', () => {
  it('differ on xylophone and glockenspiel', () => {
    for (const [instrument, up, octave] of [
      ['marimba-4.3', 0, 4],
      ['vibraphone-3.0', 0, 3],
      ['xylophone-3.5', 12, 4],
      ['glockenspiel-2.67', 24, 3],
    ] as const) {
      const { pitches, midi } = sticksOf(sticked({ instrument, material: { tonic: 'G', kind: 'major' }, octaves: 1 }))
      expect(pitches[0]).toBe(`G${octave}`)
      expect(midi[0]).toBe(67 + 12 * (octave - 4) + up)
    }
  })

  it('keep to the instrument: an open start moves, open octaves give way, a given one is told what fits', () => {
    expect(
      sticked({ instrument: 'marimba-4.3', material: { tonic: 'A', kind: 'major' }, octaves: 4 }).recipe.startOctave,
    ).toBe(2)
    expect(sticked({ instrument: 'glockenspiel-2.5', material: { tonic: 'D', kind: 'major' } }).recipe.octaves).toBe(1)
    const [code, path, words] = refusal({
      instrument: 'vibraphone-3.0',
      material: { tonic: 'E', kind: 'major' },
      startOctave: 3,
      octaves: 2,
    })
    expect([code, path]).toEqual(['range', 'startOctave'])
    expect(words).toBe('The study goes 1 semitone below the vibraphone of 3 octaves. It fits from octave 4.')
  })
})

describe('double stops', () => {
  it('have the left below, and say where they lie on both rows', () => {
    const { sticks, midi, mixedRows, doubles } = sticksOf(
      marimba({ material: { tonic: 'D', kind: 'double-thirds-major' }, octaves: 1 }),
    )
    for (let at = 0; at < sticks.length; at += 2) {
      expect(sticks.slice(at, at + 2)).toEqual(['L', 'R'])
      expect(midi[at + 1]).toBeGreaterThan(midi[at]!)
    }
    const mixed = [0, 2, 4].filter((at) => [6, 1].includes(midi[at]! % 12) !== [6, 1].includes(midi[at + 1]! % 12))
    expect(mixedRows.slice(0, mixed.length)).toEqual(mixed)
    expect(doubles).toEqual([])
  })
})

describe('rolls as they sound', () => {
  it('are struck hand to hand, as many strokes as were asked, through the whole note', () => {
    const study = marimba({ material: C, octaves: 1, course: 'up', roll: { manner: 'through', strokes: 6 } })
    const first = playedNotes(study).filter((note) => note.index === 0)
    expect(first.map((note) => note.hand)).toEqual(['right', 'left', 'right', 'left', 'right', 'left'])
    expect(first.map((note) => note.start)).toEqual([0, 1, 2, 3, 4, 5].map((at) => at / 6))
    const last = playedNotes(study).filter((note) => note.index === 7)
    expect(last).toHaveLength(sticksOf(study).roll!.perNote[7]!)
  })

  it('leave a gap where they are released', () => {
    const study = marimba({ material: C, octaves: 1, roll: { manner: 'separate', strokes: 4, ending: 'released' } })
    const first = playedNotes(study).filter((note) => note.index === 0)
    expect(first.at(-1)!.start + first.at(-1)!.beats).toBeLessThan(0.9)
  })

  it('of a double stop keep each stick on its bar', () => {
    const study = marimba({
      material: { tonic: 'C', kind: 'double-thirds-major' },
      octaves: 1,
      roll: { manner: 'separate', strokes: 4 },
    })
    const first = playedNotes(study).filter((note) => note.step === 0)
    expect(first.map((note) => [note.hand, note.midi])).toEqual([
      ['left', 60],
      ['right', 64],
      ['left', 60],
      ['right', 64],
    ])
  })

  it('climb the ladder of strokes, each rung once, with a bar of rest between', () => {
    const study = marimba({
      material: C,
      octaves: 1,
      course: 'up',
      roll: { manner: 'separate' },
      rhythm: { ladder: 'strokes' },
    })
    expect(study.sections!.map(({ words }) => inEnglish(words))).toEqual(
      [2, 3, 4, 6, 8].map((each) => `${each} strokes to the beat`),
    )
    const { notes } = study.rhythm
    expect(notes[8]!.start - notes[7]!.start).toBe(5)
    expect(sticksOf(study).roll!.perNote.filter((_, at) => at % 8 === 0)).toEqual([2, 3, 4, 6, 8])
  })
})

describe('four mallets', () => {
  const four = (some: Partial<NonNullable<RecipeInput['mallets']>>, more: Partial<RecipeInput> = {}) =>
    marimba({ material: C, octaves: 1, course: 'up', mallets: { count: 4, ...some }, ...more })

  it('move a chord through the key, in the order of the figure', () => {
    const { pitches, mallets, sticks } = sticksOf(four({ figure: '3142' }))
    expect(pitches.slice(0, 8)).toEqual(['G4', 'C4', 'C5', 'E4', 'A4', 'D4', 'D5', 'F4'])
    expect(mallets!.slice(0, 4)).toEqual([3, 1, 4, 2])
    expect(sticks.slice(0, 4)).toEqual(['R', 'L', 'R', 'L'])
  })

  it('strike several at once where brackets say so, the lowest first', () => {
    const { notes, pitches } = sticksOf(four({ figure: '(12)(43)' }))
    expect(notes.slice(0, 4).map((note) => note.step)).toEqual([0, 0, 1, 1])
    expect(pitches.slice(0, 4)).toEqual(['C4', 'E4', 'G4', 'C5'])
  })

  it('never cross, whatever the figure: mallets lie in the order of their numbers', () => {
    fc.assert(
      fc.property(fc.constantFrom('1234', '4231', '123432', '12342324'), anyNamed(RUNS), (figure, material) => {
        const { notes, midi } = sticked({
          ...{ instrument: 'marimba-5.0', material, octaves: 1 },
          mallets: { count: 4, figure, reach: 700 },
        }).sticking
        for (let at = 0; at < notes.length; at += figure.length) {
          const chord = notes
            .slice(at, at + figure.length)
            .map((note, on) => ({ mallet: note.mallet!, key: midi[at + on]! }))
          for (const a of chord) for (const b of chord) if (a.mallet < b.mallet) expect(a.key).toBeLessThan(b.key)
        }
      }),
      { numRuns: runs(40) },
    )
  })

  it('hold what a hand can hold, measured on the bars', () => {
    const [code, path, words] = refusal({
      ...{ instrument: 'marimba-5.0', material: C, octaves: 1 },
      mallets: { count: 4, shape: [0, 9, 11, 16] },
    })
    expect([code, path]).toEqual(['mallets.reach', 'mallets.shape'])
    expect(words).toMatch(/^The left hand would hold C\d E\d \d+ mm apart\. Its reach is 500 mm\.$/)
    const { spans } = sticksOf(four({ figure: '1234' }))
    expect(spans).toHaveLength(8)
    expect(spans![0]!.left).toBeGreaterThan(120)
    expect(spans![0]!.left).toBeLessThan(135)
  })
})

describe('notes to the beat', () => {
  it('are as many as fill it: a rudiment, a figure, one rolled note', () => {
    const perBeat = (some: Partial<RecipeInput>): number =>
      completeRecipe({ instrument: 'marimba-4.3', material: C, ...some }).tempo.notesPerBeat
    expect(perBeat({})).toBe(2)
    expect(perBeat({ rudiment: 'paradiddle' })).toBe(4)
    expect(perBeat({ rudiment: 'double-paradiddle' })).toBe(6)
    expect(perBeat({ rudiment: 'double-paradiddle', rudimentOn: 'stroke' })).toBe(2)
    expect(perBeat({ roll: { manner: 'through' } })).toBe(1)
    expect(perBeat({ mallets: { count: 4 } })).toBe(4)
    expect(perBeat({ mallets: { count: 4, figure: '123432' } })).toBe(6)
    expect(perBeat({ mallets: { count: 4, figure: '12342' } })).toBe(2)
    expect(perBeat({ mallets: { count: 4 }, tempo: { notesPerBeat: 3 } })).toBe(3)
  })
})

describe('bad input', () => {
  const on = { instrument: 'marimba-4.3', material: C } as const
  it.each([
    ['a lead on the piano', { material: C, lead: 'left' }, 'lead'],
    ['mallets on the piano', { material: C, mallets: { count: 4 } }, 'mallets'],
    ['a first finger on mallets', { ...on, firstFinger: 'two' }, 'firstFinger'],
    ['a finger school on mallets', { ...on, school: 'conservatory' }, 'school'],
    ['a stick school on the piano', { material: C, school: 'strict' }, 'school'],
    ['one hand on mallets', { ...on, hands: 'right' }, 'hands'],
    ['contrary motion on mallets', { ...on, motion: 'contrary' }, 'motion'],
    ['hands a sixth apart on mallets', { ...on, interval: 'sixth' }, 'interval'],
    ['a mallet 5', { ...on, mallets: { count: 4, figure: '1235' } }, 'mallets.figure'],
    ['one mallet twice at once', { ...on, mallets: { count: 4, figure: '(11)34' } }, 'mallets.figure'],
    ['three mallets', { ...on, mallets: { count: 3 } }, 'mallets.count'],
    ['mallets that cross', { ...on, mallets: { count: 4, shape: [0, 4, 2, 7] } }, 'mallets.shape[2]'],
    ['a chord of three degrees', { ...on, mallets: { count: 4, shape: [0, 2, 4] } }, 'mallets.shape'],
    ['a roll of no strokes', { ...on, roll: { manner: 'through', strokes: 0 } }, 'roll.strokes'],
    ['a roll of 40 strokes', { ...on, roll: { manner: 'through', strokes: 40 } }, 'roll.strokes'],
    [
      'strokes that do not share among the notes',
      { ...on, roll: { manner: 'through', strokes: 4 }, tempo: { notesPerBeat: 3 } },
      'roll.strokes',
    ],
    ['a ladder of strokes without a roll', { ...on, rhythm: { ladder: 'strokes' } }, 'rhythm.ladder'],
    ['a ladder of strokes on the piano', { material: C, rhythm: { ladder: 'strokes' } }, 'rhythm.ladder'],
    ['a rolled ladder of notes', { ...on, roll: { manner: 'through' }, rhythm: { ladder: 'notes' } }, 'rhythm.ladder'],
    ['a rolled rudiment', { ...on, roll: { manner: 'through' }, rudiment: 'paradiddle' }, 'roll.manner'],
    [
      'paradiddles in double stops',
      { ...on, material: { tonic: 'C', kind: 'double-thirds-major' }, rudiment: 'paradiddle' },
      'rudiment',
    ],
    ['a cadence on two mallets', { ...on, material: { tonic: 'C', kind: 'cadence-major' } }, 'material.kind'],
    ['three bars at once', { ...on, material: { pitches: ['C4', ['C4', 'E4', 'G4']] } }, 'material.pitches[1]'],
    ['pitches outside the instrument', { ...on, material: { pitches: ['C4', 'G2'] } }, 'material.pitches'],
    ['loops around thumbs', { ...on, pattern: { walk: 'crossing-loops' } }, 'pattern.walk'],
    ['a tonic chord after', { ...on, bookends: { after: 'tonic-chord' } }, 'bookends.after'],
    ['bars of half the size', { ...on, bars: { size: 50 } }, 'bars.size'],
    ['an instrument there is not', { ...on, instrument: 'marimba-3.0' }, 'instrument'],
    ['a stick that is neither', { ...on, pins: [{ index: 0, stick: 'X' }] }, 'pins[0].stick'],
  ])('%s names its field', (_, input, path) => {
    expect(refusal(input as unknown as RecipeInput)[1]).toBe(path)
  })
})

describe('any recipe for mallets', () => {
  it('is written as a line and read back as the same recipe', () => {
    fc.assert(
      fc.property(anyMallets, (recipe) => {
        const line = writeCall(recipe)
        const { studies, problems, complete } = parseCall(line)
        expect(problems, line).toEqual([])
        expect(complete, line).toBe(true)
        expect(completeRecipe(studies[0]!), line).toEqual(recipe)
      }),
      { numRuns: runs(300) },
    )
  })

  it('is played with a stick to every note, or refused with a field that it has', () => {
    fc.assert(
      fc.property(anyMallets, (recipe) => {
        try {
          const { sticks, notes, pitches, midi, count, doubles } = sticked(
            { ...recipe, pins: [] } as RecipeInput,
            {},
            0,
          ).sticking
          expect([sticks.length, pitches.length, midi.length]).toEqual([notes.length, notes.length, notes.length])
          expect(count.hard).toBeGreaterThanOrEqual(0)
          for (const { index } of doubles) expect(index).toBeLessThan(notes.length)
        } catch (error) {
          if (!(error instanceof DomainError)) throw error
          expect(['startOctave', 'octaves', 'mallets.shape', 'material.tonic', 'pattern']).toContain(error.path)
        }
      }),
      { numRuns: runs(150) },
    )
  })
})
