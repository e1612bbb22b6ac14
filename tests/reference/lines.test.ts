import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { fingered } from '../support/played'

/**
 * Lines as practitioners play them: facts of the trade, common practice without a published source. Where several
 * fingers are good, all of them are allowed.
 */
const right = (some: object): RecipeInput =>
  ({ material: { tonic: 'C', kind: 'major' }, hands: 'right', octaves: 1, ...some }) as RecipeInput

const letters = (recipe: RecipeInput): string =>
  fingered(recipe, {}, 0)
    .hands.right!.notes.map(({ pitch }) => pitch.letter)
    .join('')

describe('the interval series', () => {
  it.each([
    ['broken-seconds', 'CDDEEFFGGAABBCC'],
    ['broken-thirds', 'CEDFEGFAGBACBDC'],
    ['fourth-then-second', 'CFDEDGEFEAFGFBGAGCABADBCBECDC'],
    ['fifth-then-third', 'CGDFDAEGEBFAFCGBGDACAEBDBFCEC'],
    ['seventh-then-sixth', 'CBCADCDBEDECFEFDGFGEAGAFBABGC'],
    ['broken-triads', 'ECEGFDFAGEGBAFACBGBDCACEDBDFC'],
  ])('%s goes up so, and ends on the tonic', (figure, expected) => {
    expect(letters(right({ course: 'up', pattern: { figure } }))).toBe(expected)
  })

  it('come back upside down from the top, to the tonic', () => {
    const there = letters(right({ pattern: { figure: 'fourth-then-second' } }))
    expect(there.slice(28)).toBe('CGBABFAGAEGFGDFEFCEDEBDCDACBC')
  })

  it('a motif in figures is the same line as the figure with its name', () => {
    for (const [figure, motif] of [
      ['fourth-then-second', [1, 4, 2, 3]],
      ['fifth-then-third', [1, 5, 2, 4]],
      ['seventh-then-sixth', [1, 7, 1, 6]],
      ['broken-triads', [3, 1, 3, 5]],
      ['broken-seconds', [1, 2]],
    ] as const) {
      for (const course of ['up', 'up-down', 'down', 'down-up']) {
        expect(letters(right({ course, pattern: { motif } })), figure).toBe(
          letters(right({ course, pattern: { figure } })),
        )
      }
    }
  })

  it('broken triads have 3 1 3 5 throughout', () => {
    const { fingers } = fingered(right({ course: 'up', pattern: { figure: 'broken-triads' } })).hands.right!
    for (let at = 0; at + 4 < fingers.length; at += 4) expect(fingers.slice(at, at + 4)).toEqual([3, 1, 3, 5])
  })

  it('or 3 1 3 5, then 4 1 3 5: the first note goes on from the fifth finger by a step', () => {
    const recipe = right({ course: 'up', repeats: 'by-step', pattern: { figure: 'broken-triads' } })
    const { fingers } = fingered(recipe).hands.right!
    expect(fingers.slice(0, 12).join(' ')).toBe('3 1 3 5 4 1 3 5 4 1 3 5')
  })
})

describe('modes in one chain', () => {
  const study = fingered(right({ pattern: { journey: 'mode-chain' } }))
  const { notes, fingers } = study.hands.right!
  const starts = study.sections!.map(({ from }) => from)

  it('are two bars of eighths to a mode, led from the note above the next tonic', () => {
    expect(starts).toEqual([0, 16, 32, 48, 64, 80, 96])
    expect(starts.slice(1).map((at) => notes[at - 1]!.pitch.letter + notes[at]!.pitch.letter)).toEqual([
      ...['ED', 'FE', 'GF', 'AG', 'BA', 'CB'],
    ])
    for (const at of starts) expect(study.rhythm.notes[at]!.start % 8).toBe(0)
  })

  it('the link takes the finger that lies over it', () => {
    const good: Record<string, number[]> = { E: [3], F: [4], G: [4], A: [3], B: [4], C: [5, 1] }
    for (const at of starts.slice(1)) {
      const { letter } = notes[at - 1]!.pitch
      expect(good[letter], letter).toContain(fingers[at - 1])
    }
  })

  it('the scales keep the fingers of the parent key, in every key and hand', () => {
    for (const tonic of ['C', 'G', 'Eb', 'F#', 'Db']) {
      for (const hands of ['right', 'left'] as const) {
        const parent = fingered({ material: { tonic, kind: 'major' }, hands, octaves: 2 } as RecipeInput).hands[hands]!
        const usual = new Map(parent.notes.slice(1, 14).map(({ midi }, at) => [midi % 12, parent.fingers[at + 1]]))
        const chain = fingered({
          material: { tonic, kind: 'major' },
          ...{ hands, octaves: 2, pattern: { journey: 'mode-chain' } },
        } as RecipeInput)
        const own = chain.hands[hands]!
        const joints = [...chain.sections!.map(({ from }) => from), chain.steps]
        own.notes.forEach(({ midi, step, link }, at) => {
          // at a joint, and where a line turns, a finger may change with it
          const turn = own.notes[at - 1] && own.notes[at + 1] && own.notes[at - 1]!.midi === own.notes[at + 1]!.midi
          if (turn || link || joints.some((joint) => Math.abs(joint - step) <= 3)) return
          expect(own.fingers[at], `${tonic} ${hands} ${own.pitches[at]} ${at}`).toBe(usual.get(midi % 12))
        })
      }
    }
  })

  it('a link from below stays a choice', () => {
    const below = fingered(right({ pattern: { journey: 'mode-chain', link: 'below' } }))
    const own = below.hands.right!.notes
    expect(starts.slice(1).map((at) => own[at - 1]!.pitch.letter)).toEqual(['B', 'C', 'D', 'E', 'F', 'G'])
    const none = fingered(right({ pattern: { journey: 'mode-chain', link: 'none' } }))
    expect(none.sections!.map(({ from }) => from)).toEqual([0, 15, 30, 45, 60, 75, 90])
  })
})

describe('the relay by half steps', () => {
  const study = fingered(right({ pattern: { journey: 'relay-half-step' } }))
  const { notes, fingers, lifts } = study.hands.right!
  const first = (key: number): number => study.sections![key]!.from

  it('goes through its joints with the thumb or the neighbouring finger', () => {
    // first note of each key on its way down, then on its way up: a practitioner's, and those that keep the keys' own
    const down: Record<string, number[]> = { Db: [2], Eb: [3, 2], F: [2, 4], G: [3, 5, 1], A: [4, 5, 1], B: [5] }
    const up: Record<string, number[]> = { D: [1], E: [1], Gb: [2], Ab: [3, 4], Bb: [2] }
    study.sections!.slice(1).forEach((_, at) => {
      const index = first(at + 1)
      const { letter, alteration } = notes[index]!.pitch
      const name = letter + (alteration < 0 ? 'b' : '')
      expect([...(down[name] ?? []), ...(up[name] ?? [])], name).toContain(fingers[index])
      const apart = Math.abs(fingers[index]! - fingers[index - 1]!)
      expect(apart <= 1 || [fingers[index], fingers[index - 1]].includes(1), name).toBe(true)
    })
    // the thumb on C before D flat
    expect(fingers[first(1) - 1]).toBe(1)
    expect(lifts).toEqual([])
  })

  it('bends at the most five notes beside a joint; the rest of each key keeps its own fingers', () => {
    study.sections!.forEach(({ from }, key) => {
      const to = study.sections![key + 1]?.from ?? notes.length
      const { pitch } = notes[key % 2 === 0 ? from : to - 1]!
      const tonic = pitch.letter + (pitch.alteration < 0 ? 'b' : pitch.alteration > 0 ? '#' : '')
      const plain = fingered(right({ material: { tonic, kind: 'major' }, octaves: 2, course: 'up' })).hands.right!
      const usual = new Map(plain.notes.slice(1, 14).map(({ midi }, at) => [midi % 12, plain.fingers[at + 1]]))
      const bent = notes.slice(from, to).filter(({ midi }, at) => fingers[from + at] !== usual.get(midi % 12))
      expect(bent.length, tonic).toBeLessThanOrEqual(5)
    })
  })
})

describe('scales up in one key and down in another', () => {
  it('within one compass: A to A, up with three sharps, down with two, up with one, down with none', () => {
    const study = fingered(
      right({
        material: { tonic: 'A', kind: 'major' },
        ...{ octaves: 2, pattern: { journey: { by: 'one-fewer', legs: 'alternate' } } },
      }),
    )
    const { pitches } = study.hands.right!
    const legs = study.sections!.map(({ from }, at) => pitches.slice(from, study.sections![at + 1]?.from))
    const sharps = (leg: readonly string[]) =>
      new Set(leg.filter((name) => name.includes('#')).map((name) => name[0])).size
    expect(legs.map(sharps)).toEqual([3, 2, 1, 0])
    expect(legs.map((leg) => [leg[0], leg.at(-1)])).toEqual([
      ...[
        ['A3', 'A5'],
        ['A5', 'A3'],
        ['A3', 'A5'],
        ['A5', 'A3'],
      ],
    ])
    // two bars of eighths a leg
    for (const { from } of study.sections!) expect(study.rhythm.notes[from]!.start % 8).toBe(0)
  })

  it('to a new tonic: up in A, down in A flat', () => {
    const study = fingered(
      right({
        material: { tonic: 'A', kind: 'major' },
        pattern: { journey: { keys: ['A', 'Ab'], legs: 'alternate' } },
      }),
    )
    expect(study.hands.right!.pitches.join(' ')).toBe('A3 B3 C#4 D4 E4 F#4 G#4 A4 Ab4 G4 F4 Eb4 Db4 C4 Bb3 Ab3')
  })
})

describe('loops one way', () => {
  it('straight up, down in loops of eight down and four up', () => {
    const { midi } = fingered(right({ octaves: 2, pattern: { walk: 'straight-then-loops' } })).hands.right!
    const degrees = midi.map((key) => [0, 2, 4, 5, 7, 9, 11].indexOf(key % 12) + 7 * Math.floor((key - midi[0]!) / 12))
    expect(degrees.slice(0, 15)).toEqual(Array.from({ length: 15 }, (_, at) => at))
    expect(degrees.slice(14, 27)).toEqual([14, 13, 12, 11, 10, 9, 8, 7, 8, 9, 10, 11, 10])
    expect(degrees.at(-1)).toBe(0)
  })
})
