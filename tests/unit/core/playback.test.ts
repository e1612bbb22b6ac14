import { fingered } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  beatsOver,
  clicksInBar,
  clicksOver,
  countIn,
  crossingSteps,
  METRONOMES,
  type Practice,
  playedNotes,
  roundsOf,
  SILENCES,
  swung,
  unswung,
} from '#core/playback'
import { realise } from '#core/realise'
import { NOTES_PER_BEAT } from '#core/study'
import { anyShaped } from '../../support/recipes'
import { runs } from '../../support/runs'

const C = { material: { tonic: 'C', kind: 'major' } } as const
const practice = (some: Partial<Practice> = {}): Practice => ({
  loop: 'once',
  bpm: 60,
  selection: null,
  rounds: 0,
  faster: 5,
  most: 240,
  ...some,
})
const both = ['right', 'left'] as const
function taken<T>(rounds: Generator<T>, most: number): T[] {
  const found: T[] = []
  for (const round of rounds) if (found.push(round) === most) break
  return found
}

describe('swing', () => {
  const anyBeat = fc.double({ min: 0, max: 64, noNaN: true })
  const anyShare = fc.integer({ min: 50, max: 75 })

  it('is undone by its inverse, and never turns time round', () => {
    fc.assert(
      fc.property(anyBeat, anyBeat, fc.constantFrom(...NOTES_PER_BEAT), anyShare, (one, other, perBeat, share) => {
        expect(unswung(swung(one, perBeat, share), perBeat, share)).toBeCloseTo(one, 6)
        const [early, late] = one < other ? [one, other] : [other, one]
        expect(swung(early, perBeat, share)).toBeLessThanOrEqual(swung(late, perBeat, share) + 1e-9)
      }),
    )
  })

  // common practice: 67 per cent is a triplet's long and short; no source
  it('gives the first of two eighths its share of the beat', () => {
    expect(swung(0.5, 2, 67)).toBeCloseTo(0.67)
    expect(swung(0.25, 4, 60)).toBeCloseTo(0.3)
    expect(swung(1, 2, 75)).toBe(1)
    for (const threes of [3, 6] as const) expect(swung(1 / 3, threes, 70)).toBe(1 / 3)
  })
})

describe('what is heard', () => {
  it('is every note, once, in time, for as long as it is written', () => {
    fc.assert(
      fc.property(anyShaped, (recipe) => {
        const study = fingered({ ...recipe, rhythm: { ...recipe.rhythm, swing: 50 } }, {}, 0)
        const played = playedNotes(study)
        const written = Object.entries(study.hands).flatMap(([hand, part]) =>
          part.notes.map((_, at) => `${hand} ${at}`),
        )
        expect(played.map(({ hand, index }) => `${hand} ${index}`).sort()).toEqual(written.sort())
        expect(played.map(({ start }) => start)).toEqual(played.map(({ start }) => start).toSorted((a, b) => a - b))
        for (const { step, start, beats, hand, index } of played) {
          expect(start).toBeCloseTo(study.rhythm.notes[step]!.start, 9)
          if (study.hands[hand]!.notes[index]!.holds === undefined) {
            expect(beats).toBeCloseTo(study.rhythm.notes[step]!.beats, 9)
          } else expect(beats).toBeGreaterThan(0)
        }
      }),
      { numRuns: runs(25) },
    )
  })

  it('is accented where it is marked, and shorter where it is detached', () => {
    const plain = playedNotes(fingered({ ...C, hands: 'right' }))
    const accented = playedNotes(fingered({ ...C, hands: 'right', rhythm: { accents: 3 }, articulation: 'staccato' }))
    accented.forEach((note, at) => {
      if (at % 3 === 0) expect(note.strength).toBeGreaterThan(plain[at]!.strength)
      expect(note.beats).toBeCloseTo(plain[at]!.beats / 2)
    })
  })

  it('lets a held note of a motif ring under what follows, to the end of the motif', () => {
    const pattern = { motif: [{ degree: 1, held: true }, 3, 5, 3], sequence: { step: 7 } }
    const study = fingered({ ...C, octaves: 1, hands: 'right', course: 'up', pattern } as never)
    const [held, next] = playedNotes(study)
    expect(held!.beats / next!.beats).toBeCloseTo(4)
  })

  it('holds a tonic in the left hand to the bar line', () => {
    const study = fingered({ ...C, octaves: 1, pattern: { accompaniment: 'held-tonic' } })
    const held = playedNotes(study).filter(({ hand }) => hand === 'left')
    expect(held.length).toBeGreaterThan(0)
    for (const { start, beats } of held) expect((start + beats) % 4).toBeCloseTo(0)
  })
})

describe('rounds', () => {
  const study = fingered({ ...C, octaves: 2 })
  const [, end] = beatsOver(study, [0, study.steps - 1])

  it('plays once, or again and again, faster after so many times but never beyond the most', () => {
    expect(taken(roundsOf(study, practice(), both), 9)).toEqual([
      { from: 0, to: end, bpm: 60, sounds: true, steps: [0, study.steps - 1] },
    ])
    const all = taken(roundsOf(study, practice({ loop: 'all', rounds: 2, faster: 10, most: 75 }), both), 8)
    expect(all.map(({ bpm }) => bpm)).toEqual([60, 60, 70, 70, 75, 75, 75, 75])
  })

  it('loops the beats that a selection lies in', () => {
    const [round] = taken(roundsOf(study, practice({ loop: 'selection', selection: [3, 4] }), both), 1)
    expect(round).toMatchObject({ from: 1, to: 3, steps: [2, 5] })
  })

  it('goes around each crossing of the hands that sound, in turn', () => {
    const steps = crossingSteps(study, ['right'])
    expect(steps.slice(0, 3)).toEqual([3, 7, 10])
    const rounds = taken(roundsOf(study, practice({ loop: 'crossings', rounds: 2, faster: 6 }), ['right']), 40)
    for (const { from, to, steps: within } of rounds) {
      expect(steps.some((step) => within[0] <= step && step <= within[1])).toBe(true)
      // five steps around it in whole beats, the long last note at the most with them
      expect(to - from).toBeLessThanOrEqual(6)
      expect(Number.isInteger(from) && Number.isInteger(to)).toBe(true)
    }
    const turn = rounds.findIndex(({ bpm }) => bpm === 66)
    expect(turn % 2).toBe(0)
    expect(new Set(rounds.slice(0, turn).map(({ from }) => from)).size).toBe(turn / 2)
  })

  it('leaves every bar to the pupil after it was played', () => {
    const rounds = taken(roundsOf(study, practice({ loop: 'echo' }), both), 99)
    expect(rounds).toHaveLength(2 * (end / 4))
    rounds.forEach(({ sounds, from, to }, at) => {
      expect(sounds).toBe(at % 2 === 0)
      expect([from, to]).toEqual([4 * Math.floor(at / 2), 4 * Math.floor(at / 2) + 4])
    })
  })
})

describe('the metronome', () => {
  const four = { beatsPerBar: 4 as const }

  it('counts so many clicks to the beat, the bar’s first the heaviest', () => {
    const counts = METRONOMES.map((metronome) => clicksOver(0, 4, metronome, four).length)
    expect(counts).toEqual([0, 4, 8, 12, 16])
    expect(clicksOver(3, 6, 'halves', four).map(({ weight }) => weight)).toEqual([
      ...['beat', 'between', 'bar', 'between', 'beat', 'between'],
    ])
  })

  it('counts whole bars in', () => {
    expect(countIn(2, four).map(({ beat }) => beat)).toEqual([0, 1, 2, 3, 4, 5, 6, 7])
    expect(countIn(0, four)).toEqual([])
  })
})

describe('bars that are silent', () => {
  it('come after those that click, again and again', () => {
    const bars = (silence: (typeof SILENCES)[number]): string =>
      Array.from({ length: 8 }, (_, bar) => (clicksInBar(bar, silence) ? 'x' : '.')).join('')
    expect(SILENCES.map(bars)).toEqual(['xxxxxxxx', 'x.x.x.x.', 'xx..xx..', 'x...x...'])
  })
})

describe('one bar', () => {
  it('is played again and again, faster after so many rounds, whichever note of it was meant', () => {
    fc.assert(
      fc.property(anyShaped, fc.nat(), (recipe, some) => {
        let study: ReturnType<typeof realise>
        try {
          study = realise(recipe)
        } catch {
          return
        }
        const step = some % study.steps
        const loop = practice({ loop: 'bar', selection: [step, step], rounds: 2, faster: 10 })
        const rounds = taken(roundsOf(study, loop, both), 4)
        const { beatsPerBar, notes } = study.rhythm
        expect(rounds.map(({ bpm }) => bpm)).toEqual([60, 60, 70, 70])
        for (const { from, to, steps } of rounds) {
          expect(to - from).toBe(beatsPerBar)
          expect(from % beatsPerBar).toBe(0)
          expect(notes[step]!.start).toBeGreaterThanOrEqual(from - 1e-6)
          expect(notes[step]!.start).toBeLessThan(to)
          expect(step >= steps[0] && step <= steps[1]).toBe(true)
        }
      }),
    )
  })
})
