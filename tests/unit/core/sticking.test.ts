import { sticked } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { solve } from '#core/solver'
import { takeAlternative } from '#core/realise'
import { pairOf, severityOf, stickProblem, stickTask, type MalletRecipe, type StickPin } from '#core/sticking'
import type { Line, Stick } from '#core/study'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { anyNamed, RUNS } from '../../support/material'
import { C, marimba, refusal, sticksOf } from '../../support/mallets'
import { inEnglish, messageOf } from '../../support/english'
import { runs } from '../../support/runs'

const SPEED = { bpm: 120, notesPerBeat: 4 } as const

const anyRun = fc.record({
  material: anyNamed(RUNS),
  octaves: fc.integer({ min: 1, max: 2 }),
  course: fc.constantFrom('up', 'down', 'up-down', 'down-up'),
  lead: fc.constantFrom('right', 'left'),
})

describe('schools', () => {
  it('strict never doubles, and begins with the lead', () => {
    fc.assert(
      fc.property(anyRun, (run) => {
        const { sticks, doubles } = sticksOf(
          sticked({ instrument: 'marimba-5.0', school: 'strict', ...run } as RecipeInput),
        )
        expect(doubles).toEqual([])
        expect(sticks[0]).toBe(run.lead === 'right' ? 'R' : 'L')
        sticks.forEach((stick, at) => expect(stick).not.toBe(sticks[at + 1]))
      }),
      { numRuns: runs(60) },
    )
  })

  it('none has three strokes in a row with one hand', () => {
    fc.assert(
      fc.property(anyRun, fc.constantFrom('doubles', 'restore-lead', 'least-effort'), (run, school) => {
        const { sticks } = sticksOf(sticked({ instrument: 'marimba-5.0', school, tempo: SPEED, ...run } as RecipeInput))
        expect(/RRR|LLL/.test(sticks.join(''))).toBe(false)
      }),
      { numRuns: runs(100) },
    )
  })

  it('restore-lead has the lead on every tonic, by one double to each octave of seven notes', () => {
    fc.assert(
      fc.property(anyRun, (run) => {
        const { sticks, notes, doubles } = sticksOf(
          sticked({ instrument: 'marimba-5.0', school: 'restore-lead', ...run } as RecipeInput),
        )
        const lead = run.lead === 'right' ? 'R' : 'L'
        notes.forEach((note, at) => note.degree === 0 && expect(sticks[at]).toBe(lead))
        const degrees = new Set(notes.map((note) => note.degree)).size
        const legs = run.course.includes('-') ? 2 : 1
        expect(doubles).toHaveLength(degrees % 2 === 1 ? legs * run.octaves : 0)
      }),
      { numRuns: runs(60) },
    )
  })

  it('restore-lead of two octaves is told as such', () => {
    const { doubles } = sticksOf(marimba({ material: C, school: 'restore-lead', course: 'up' }))
    expect(inEnglish(doubles[0]!.reason)).toMatch(
      /^double \S+ \S+ in the (right|left) hand, so that C falls to the right again$/,
    )
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
    const shown = sticksOf(marimba({ material: C, school: 'strict' })).reasons.map((reason) =>
      inEnglish(reason.message),
    )
    expect(shown.join()).toContain('swaps the lead from octave to octave')
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
      { numRuns: runs(60) },
    )
  })

  it('gives the k best in order, each once', () => {
    const recipe = completeRecipe({ instrument: 'marimba-5.0', material: C, octaves: 1 }) as MalletRecipe
    const notes = sticked(recipe).sticking.notes
    const line: Line = { hand: 'right', notes }
    const task = stickTask(recipe, line, { degrees: 7 })
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
      { numRuns: runs(60) },
    )
  })
})

describe('pins', () => {
  it('are kept, and the rest is stuck around them', () => {
    fc.assert(
      fc.property(anyRun, fc.nat(12), fc.constantFrom<Stick>('R', 'L'), (run, at, stick) => {
        const input = { instrument: 'marimba-5.0', ...run } as RecipeInput
        const index = 1 + (at % (sticksOf(sticked(input)).sticks.length - 1))
        const pinned = sticksOf(sticked({ ...input, school: 'doubles', pins: [{ index, stick }] }))
        expect(pinned.sticks[index]).toBe(stick)
        expect(pinned.pinned).toEqual([{ index, pin: 0 }])
      }),
      { numRuns: runs(40) },
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

  it('on a double stop may only say what is so: the left below', () => {
    const thirds = {
      instrument: 'marimba-5.0',
      material: { tonic: 'C', kind: 'double-thirds-major' },
      octaves: 1,
    } as const
    expect(sticksOf(sticked({ ...thirds, pins: [{ index: 0, stick: 'L' }] })).sticks[0]).toBe('L')
    expect(refusal({ ...thirds, pins: [{ index: 2, stick: 'R' }] }).slice(0, 2)).toEqual(['pin.conflict', 'pins[0]'])
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
      expect(inEnglish(other.message)).toMatch(/crossing.* and .*double/)
      const pins = takeAlternative(study, 'sticks', other.sticks) as StickPin[]
      expect(sticked({ ...study.recipe, pins } as RecipeInput, {}, 0).sticking.sticks).toEqual(other.sticks)
    }
  })

  it('accepted sticks stand', () => {
    const study = marimba({ material: C })
    const others = sticksOf(study).alternatives[0]!.sticks
    expect(sticked(study.recipe, { sticks: others }).sticking.sticks).toEqual(others)
    expect(messageOf(() => sticked(study.recipe, { sticks: ['R'] }))).toBe(
      'The line has 29 notes, but 1 accepted sticks.',
    )
  })
})
