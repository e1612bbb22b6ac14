import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseCall, writeCall } from '#core/call'
import { solve } from '#core/assign'
import { RecipeError } from '#core/pitch'
import { playedNotes } from '#core/playback'
import { realise, type RealisedSticking, type RealisedStudy, takeAlternative } from '#core/realise'
import { pairOf, severityOf, stickProblem, stickTask } from '#core/sticking'
import { completeRecipe, type Line, type MalletRecipe, type RecipeInput, type Stick, type StickPin } from '#core/study'
import { anyNamed, RUNS } from '../../support/material'
import { anyMallets } from '../../support/recipes'

const marimba = (some: Partial<RecipeInput> & Pick<RecipeInput, 'material'>): RealisedStudy =>
  realise({ instrument: 'marimba-5.0', ...some })
const sticksOf = (study: RealisedStudy): RealisedSticking => study.sticking!
const C: RecipeInput['material'] = { tonic: 'C', kind: 'major' }
const SPEED = { bpm: 120, notesPerBeat: 4 } as const

/** What refuses a recipe, and the field that it names. */
function refusal(input: RecipeInput): [code: string, path: string, words: string] {
  try {
    realise(input)
  } catch (error) {
    if (error instanceof RecipeError) return [error.code, error.path, error.message]
    throw error
  }
  return ['', '', 'it was played']
}

const runs = fc.record({
  material: anyNamed(RUNS),
  octaves: fc.integer({ min: 1, max: 2 }),
  course: fc.constantFrom('up', 'down', 'up-down', 'down-up'),
  lead: fc.constantFrom('right', 'left'),
})

describe('schools', () => {
  it('strict never doubles, and begins with the lead', () => {
    fc.assert(
      fc.property(runs, (run) => {
        const { sticks, doubles } = sticksOf(
          realise({ instrument: 'marimba-5.0', school: 'strict', ...run } as RecipeInput),
        )
        expect(doubles).toEqual([])
        expect(sticks[0]).toBe(run.lead === 'right' ? 'R' : 'L')
        sticks.forEach((stick, at) => expect(stick).not.toBe(sticks[at + 1]))
      }),
      { numRuns: 60 },
    )
  })

  it('none has three strokes in a row with one hand', () => {
    fc.assert(
      fc.property(runs, fc.constantFrom('doubles', 'restore-lead', 'least-effort'), (run, school) => {
        const { sticks } = sticksOf(realise({ instrument: 'marimba-5.0', school, tempo: SPEED, ...run } as RecipeInput))
        expect(/RRR|LLL/.test(sticks.join(''))).toBe(false)
      }),
      { numRuns: 100 },
    )
  })

  it('restore-lead has the lead on every tonic, by one double to each octave of seven notes', () => {
    fc.assert(
      fc.property(runs, (run) => {
        const { sticks, notes, doubles } = sticksOf(
          realise({ instrument: 'marimba-5.0', school: 'restore-lead', ...run } as RecipeInput),
        )
        const lead = run.lead === 'right' ? 'R' : 'L'
        notes.forEach((note, at) => note.degree === 0 && expect(sticks[at]).toBe(lead))
        const degrees = new Set(notes.map((note) => note.degree)).size
        const legs = run.course.includes('-') ? 2 : 1
        expect(doubles).toHaveLength(degrees % 2 === 1 ? legs * run.octaves : 0)
      }),
      { numRuns: 60 },
    )
  })

  it('restore-lead of two octaves is told as such', () => {
    const { doubles } = sticksOf(marimba({ material: C, school: 'restore-lead', course: 'up' }))
    expect(doubles[0]!.reason).toMatch(/^double \S+ \S+ in the (right|left) hand, so that C falls to the right again$/)
  })

  it('weigh speed in least effort: the faster, the fewer doubles', () => {
    const doubles = (bpm: number) =>
      sticksOf(
        marimba({ material: { tonic: 'Bb', kind: 'major' }, school: 'least-effort', tempo: { bpm, notesPerBeat: 4 } }),
      ).doubles.length
    expect(doubles(40)).toBeGreaterThan(doubles(200))
    expect(doubles(40)).toBeGreaterThanOrEqual(doubles(120))
  })

  it('default to doubles in scales, and to alternation in broken chords', () => {
    expect((marimba({ material: C }).recipe as MalletRecipe).school).toBe('doubles')
    expect((marimba({ material: { tonic: 'C', kind: 'major-arpeggio' } }).recipe as MalletRecipe).school).toBe('strict')
  })

  it('say that strict alternation swaps the lead from octave to octave', () => {
    const told = sticksOf(marimba({ material: C, school: 'strict' })).reasons.map((reason) => reason.text)
    expect(told.join()).toContain('swaps the lead from octave to octave')
  })
})

/** All stickings of a line, without the solver. */
function everySticking(count: number, lead: Stick): Stick[][] {
  return Array.from({ length: 2 ** (count - 1) }, (_, bits) =>
    Array.from({ length: count }, (_each, at): Stick => (at === 0 ? lead : (bits >> (at - 1)) % 2 ? 'R' : 'L')),
  )
}

/** Hard crossings, doubles, doubles across the rows, reach of the doubles, mild crossings: compared in that order. */
function rankOf(midi: readonly number[], sticks: readonly Stick[]): number[] | null {
  const rank = [0, 0, 0, 0, 0]
  for (let at = 1; at < sticks.length; at++) {
    const [a, b] = [sticks[at - 1]!, sticks[at]!]
    if (a === b && b === sticks[at + 1]) return null
    const pair = pairOf(midi[at - 1]!, midi[at]!)
    if (a === b) {
      rank[1]!++
      if (pair.rows) rank[2]!++
      rank[3]! += pair.distance
    } else if (midi[at] !== midi[at - 1] && midi[at]! > midi[at - 1]! === (a === 'R')) {
      if (severityOf(pair) === 'hard') rank[0]!++
      if (severityOf(pair) === 'mild') rank[4]!++
    }
  }
  return rank
}
const less = (a: readonly number[], b: readonly number[]): boolean => {
  const at = a.findIndex((each, place) => each !== b[place])
  return at >= 0 && a[at]! < b[at]!
}

describe('the solver on sticks', () => {
  it('finds what looking at every sticking finds, crossings first, then doubles, rows, reach, mild crossings', () => {
    const lines = fc.array(fc.integer({ min: 48, max: 84 }), { minLength: 2, maxLength: 11 })
    fc.assert(
      fc.property(lines, fc.constantFrom('right', 'left'), (keys, lead) => {
        const names = ['C', 'C#', 'D', 'D#', 'E', 'F', 'F#', 'G', 'G#', 'A', 'A#', 'B']
        const pitches = keys.map((midi) => `${names[midi % 12]}${Math.floor(midi / 12) - 1}`)
        const { sticks } = sticksOf(marimba({ material: { pitches }, lead }))
        const own = rankOf(keys, sticks)!
        for (const other of everySticking(keys.length, lead === 'right' ? 'R' : 'L')) {
          const rank = rankOf(keys, other)
          if (rank) expect(less(rank, own), other.join('')).toBe(false)
        }
      }),
      { numRuns: 60 },
    )
  })

  it('gives the k best in order, each once', () => {
    const recipe = completeRecipe({ instrument: 'marimba-5.0', material: C, octaves: 1 }) as MalletRecipe
    const notes = realise(recipe).sticking!.notes
    const line: Line = { hand: 'right', notes }
    const task = stickTask(recipe, line, 7)
    const found = solve(stickProblem(task, task.fixed), 8)
    expect(found).toHaveLength(8)
    expect(new Set(found.map(({ states }) => states.join(''))).size).toBe(8)
    found.slice(1).forEach((each, at) => expect(each.cost).toBeGreaterThanOrEqual(found[at]!.cost))
  })

  it('mirrors the leads about D, where the bars mirror', () => {
    const mirrored = (midi: number): number => 124 - midi
    const names = ['C', 'C#', 'D', 'D#', 'E', 'F', 'F#', 'G', 'G#', 'A', 'A#', 'B']
    const name = (midi: number): string => `${names[midi % 12]}${Math.floor(midi / 12) - 1}`
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 48, max: 76 }), { minLength: 2, maxLength: 16 }), (keys) => {
        const [own, other] = ([keys, keys.map(mirrored)] as const).map((line, at) =>
          sticksOf(marimba({ material: { pitches: line.map(name) }, lead: at === 0 ? 'right' : 'left' })),
        )
        expect(other!.sticks.map((stick) => (stick === 'R' ? 'L' : 'R'))).toEqual(own!.sticks)
      }),
      { numRuns: 60 },
    )
  })
})

describe('pins', () => {
  it('are kept, and the rest is stuck around them', () => {
    fc.assert(
      fc.property(runs, fc.nat(12), fc.constantFrom<Stick>('R', 'L'), (run, at, stick) => {
        const input = { instrument: 'marimba-5.0', ...run } as RecipeInput
        const index = 1 + (at % (sticksOf(realise(input)).sticks.length - 1))
        const pinned = sticksOf(realise({ ...input, school: 'doubles', pins: [{ index, stick }] }))
        expect(pinned.sticks[index]).toBe(stick)
        expect(pinned.pinned).toEqual([{ index, pin: 0 }])
      }),
      { numRuns: 40 },
    )
  })

  it('fix a degree in every octave, on one leg or both, and a stretch', () => {
    const { sticks, notes } = sticksOf(marimba({ material: C, pins: [{ degree: 5, stick: 'R', leg: 'up' }] }))
    notes.forEach((note, at) => note.degree === 4 && note.leg === 'up' && expect(sticks[at]).toBe('R'))
    const run = sticksOf(marimba({ material: C, pins: [{ from: 2, sticks: ['L', 'L', 'R'] }] }))
    expect(run.sticks.slice(2, 5)).toEqual(['L', 'L', 'R'])
  })

  it('of three in a row are allowed, since the teacher asks for it', () => {
    const { sticks } = sticksOf(marimba({ material: C, pins: [{ from: 1, sticks: ['L', 'L', 'L'] }] }))
    expect(sticks.slice(1, 4)).toEqual(['L', 'L', 'L'])
  })

  const bad: [string, StickPin[], string, string][] = [
    ['a note there is not', [{ index: 40, stick: 'R' }], 'pin.note', 'pins[0].index'],
    ['a degree there is not', [{ degree: 9, stick: 'R' }], 'pin.degree', 'pins[0].degree'],
    ['a stretch beyond the end', [{ from: 28, sticks: ['R', 'L'] }], 'pin.note', 'pins[0].sticks'],
    [
      'two sticks on one note',
      [
        { index: 3, stick: 'R' },
        { index: 3, stick: 'L' },
      ],
      'pin.conflict',
      'pins[1]',
    ],
  ]
  it.each(bad)('%s', (_, pins, code, path) => {
    expect(refusal({ instrument: 'marimba-5.0', material: C, pins }).slice(0, 2)).toEqual([code, path])
  })

  it('against strict alternation name the smallest conflict and the rule', () => {
    const pins: StickPin[] = [
      { index: 2, stick: 'R' },
      { index: 5, stick: 'R' },
    ]
    const [code, path, words] = refusal({ instrument: 'marimba-5.0', material: C, school: 'strict', pins })
    expect([code, path]).toEqual(['pin.conflict', 'pins[1]'])
    expect(words).toBe('The sticks cannot take R on A (note 6) while they alternate strictly from the right.')
  })

  it('of fingers are refused, and pins where sticks are dictated', () => {
    const pins = [{ hand: 'right', index: 0, finger: 1 }] as never
    expect(refusal({ instrument: 'marimba-5.0', material: C, pins })[1]).toBe('pins[0].hand')
    const dictated = { instrument: 'marimba-5.0', material: C, pins: [{ index: 1, stick: 'R' }] } as const
    expect(refusal({ ...dictated, rudiment: 'paradiddle' })[0]).toBe('pin.dictated')
    expect(refusal({ ...dictated, roll: { manner: 'through' } })[0]).toBe('pin.dictated')
  })
})

describe('alternatives', () => {
  it('differ, say what they come to, and become pins that give them whole', () => {
    const study = marimba({ material: { tonic: 'F', kind: 'major' }, lead: 'left' })
    const { alternatives, sticks } = sticksOf(study)
    expect(alternatives.length).toBeGreaterThan(2)
    for (const other of alternatives) {
      expect(other.sticks).not.toEqual(sticks)
      expect(other.words).toMatch(/crossing.* and .*double/)
      const pins = takeAlternative(study, 'sticks', other.sticks) as StickPin[]
      expect(realise({ ...study.recipe, pins } as RecipeInput, {}, 0).sticking!.sticks).toEqual(other.sticks)
    }
  })

  it('accepted sticks stand', () => {
    const study = marimba({ material: C })
    const others = sticksOf(study).alternatives[0]!.sticks
    expect(realise(study.recipe, { sticks: others }).sticking!.sticks).toEqual(others)
    expect(() => realise(study.recipe, { sticks: ['R'] })).toThrow('The line has 29 notes, but 1 accepted sticks.')
  })
})

describe('what is written and what sounds', () => {
  it('differ on xylophone and glockenspiel', () => {
    for (const [instrument, up] of [
      ['marimba-4.3', 0],
      ['vibraphone-3.0', 0],
      ['xylophone-3.5', 12],
      ['glockenspiel-2.67', 24],
    ] as const) {
      const { pitches, midi } = realise({ instrument, material: { tonic: 'G', kind: 'major' }, octaves: 1 }).sticking!
      expect(pitches[0]).toBe('G4')
      expect(midi[0]).toBe(67 + up)
    }
  })

  it('keep to the instrument: an open start moves, open octaves give way, a given one is told what fits', () => {
    expect(
      realise({ instrument: 'marimba-4.3', material: { tonic: 'A', kind: 'major' }, octaves: 4 }).recipe.startOctave,
    ).toBe(2)
    expect(realise({ instrument: 'glockenspiel-2.5', material: { tonic: 'D', kind: 'major' } }).recipe.octaves).toBe(1)
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
    expect(study.sections!.map(({ words }) => words)).toEqual(
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
        const { notes, midi } = realise({
          ...{ instrument: 'marimba-5.0', material, octaves: 1 },
          mallets: { count: 4, figure, reach: 700 },
        }).sticking!
        for (let at = 0; at < notes.length; at += figure.length) {
          const chord = notes
            .slice(at, at + figure.length)
            .map((note, on) => ({ mallet: note.mallet!, key: midi[at + on]! }))
          for (const a of chord) for (const b of chord) if (a.mallet < b.mallet) expect(a.key).toBeLessThan(b.key)
        }
      }),
      { numRuns: 40 },
    )
  })

  it('hold what a hand can hold, measured on the bars', () => {
    const [code, path, words] = refusal({
      ...{ instrument: 'marimba-5.0', material: C, octaves: 1 },
      mallets: { count: 4, shape: [0, 9, 11, 16] },
    })
    expect([code, path]).toEqual(['mallets.reach', 'mallets.shape'])
    expect(words).toMatch(/^The left hand would hold C\d E\d \d+ mm apart; its reach is 500 mm\.$/)
    const { spans } = sticksOf(four({ figure: '1234' }))
    expect(spans).toHaveLength(8)
    expect(spans![0]!.left).toBeGreaterThan(120)
    expect(spans![0]!.left).toBeLessThan(135)
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
      { numRuns: 300 },
    )
  })

  it('is played with a stick to every note, or refused with a field that it has', () => {
    fc.assert(
      fc.property(anyMallets, (recipe) => {
        try {
          const { sticks, notes, pitches, midi, count, doubles } = realise(
            { ...recipe, pins: [] } as RecipeInput,
            {},
            0,
          ).sticking!
          expect([sticks.length, pitches.length, midi.length]).toEqual([notes.length, notes.length, notes.length])
          expect(count.hard).toBeGreaterThanOrEqual(0)
          for (const { index } of doubles) expect(index).toBeLessThan(notes.length)
        } catch (error) {
          if (!(error instanceof RecipeError)) throw error
          expect(['startOctave', 'octaves', 'mallets.shape', 'material.tonic', 'pattern']).toContain(error.path)
        }
      }),
      { numRuns: 150 },
    )
  })
})
