import { describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { DomainError } from '#core/message'
import { realise } from '#core/realise'
import { isBlack } from '#core/surface'
import { english } from '../support/english'
import { someOf } from '../support/night'
import type { FingerStudy } from '../support/played'

/** Facts of the trade about figures and chords: common practice, no source. */
const TONICS = [
  ['C'],
  ['C#', 'Db'],
  ['D'],
  ['D#', 'Eb'],
  ['E'],
  ['F'],
  ['F#', 'Gb'],
  ['G'],
  ['G#', 'Ab'],
  ['A'],
  ['A#', 'Bb'],
  ['B'],
] as const
const HANDS = ['right', 'left'] as const

/** One hand of a study on a key, under whichever of its names is usual. */
function handOf(tonics: readonly string[], kind: string, hand: 'right' | 'left', more: object = {}, others = 0) {
  const { inversion, ...rest } = more as { inversion?: number }
  for (const tonic of tonics) {
    try {
      const material = { tonic, kind, ...(inversion ? { inversion } : {}) }
      const study = realise({ material, hands: hand, octaves: 1, ...rest } as RecipeInput, {}, others)
      return (study as FingerStudy).hands[hand]!
    } catch (error) {
      if (!(error instanceof DomainError)) throw error
    }
  }
  throw new Error(`${String(tonics)} ${kind} is called nothing`)
}
type Hand = ReturnType<typeof handOf>

/** Notes of each repeat, by their places. */
function repeatsIn({ notes }: Hand): number[][] {
  const found = new Map<number, number[]>()
  notes.forEach(({ repeat }, at) => found.set(repeat!, [...(found.get(repeat!) ?? []), at]))
  return [...found.values()]
}

describe('figures in every key and length', () => {
  it.each(['broken-seconds', 'broken-thirds', 'broken-fourths'])(
    '%s: at most one repeat of a white and a black key has its thumb on the black one',
    (figure) => {
      for (const tonics of TONICS) {
        for (const kind of ['major', 'natural-minor', 'harmonic-minor']) {
          for (const hand of HANDS) {
            for (const octaves of [1, 2, 3]) {
              const own = handOf(tonics, kind, hand, { octaves, pattern: { figure } })
              const onBlack = repeatsIn(own).filter((places) => {
                const mixed = places.some((at) => !isBlack(own.midi[at]!))
                return mixed && places.some((at) => own.fingers[at] === 1 && isBlack(own.midi[at]!))
              })
              expect(onBlack.length, `${tonics[0]} ${kind} ${hand} ${octaves}`).toBeLessThanOrEqual(1)
            }
          }
        }
      }
    },
  )

  it('are fingered alike in every octave, and in one octave as in more', () => {
    for (const tonics of TONICS) {
      for (const figure of ['broken-thirds', 'broken-fourths', 'broken-sixths', 'groups-of-three']) {
        for (const hand of HANDS) {
          const rows = [1, 2, 3].map((octaves) => {
            const own = handOf(tonics, 'major', hand, { octaves, course: 'up', pattern: { figure } })
            return repeatsIn(own)
              .slice(0, 7 * octaves)
              .slice(0, -1)
              .map((places) => places.map((at) => own.fingers[at]).join(''))
          })
          const octave = rows[1]!.slice(0, 7)
          expect(rows[0]!.slice(0, 5), `${tonics[0]} ${figure} ${hand}`).toEqual(octave.slice(0, 5))
          expect(rows[1]!.slice(7, 12)).toEqual(octave.slice(0, 5))
          expect(rows[2]!.slice(7, 14)).toEqual(octave)
        }
      }
    }
  })

  it('are offered in other shapes of all repeats, never of the last one alone', () => {
    for (const tonics of TONICS) {
      for (const hand of HANDS) {
        const own = handOf(tonics, 'major', hand, { octaves: 2, pattern: { figure: 'broken-thirds' } }, 5)
        for (const { fingers } of own.alternatives) {
          const others = repeatsIn(own).filter((places) => places.some((at) => fingers[at] !== own.fingers[at]))
          expect(others.length, `${tonics[0]} ${hand}`).toBeGreaterThan(3)
        }
      }
    }
  })
})

describe('other shapes of a figure', () => {
  const SHAPED = ['groups-of-three', 'groups-of-four', 'fifth-then-third', 'broken-triads'] as const

  it.each(SHAPED)('%s: say of every repeat on the way up what it has', (figure) => {
    let told = 0
    for (const tonics of someOf(TONICS, 4, SHAPED.indexOf(figure))) {
      for (const kind of ['major', 'harmonic-minor', 'major-arpeggio', 'dominant-seventh-arpeggio']) {
        if (kind.includes('arpeggio') && !figure.startsWith('groups')) continue
        for (const hand of HANDS) {
          const own = handOf(tonics, kind, hand, { octaves: 2, course: 'up', pattern: { figure } }, 5)
          const repeats = repeatsIn(own)
          for (const { fingers, kind: sort, message } of own.alternatives) {
            if (sort !== 'shape') continue
            const rows = repeats
              .filter((places) => places.length === repeats[0]!.length)
              .map((places) => places.map((at) => fingers[at]).join(' '))
            const said = english(message) as string
            told++
            const named = [...said.matchAll(/\d(?: \d)+/g)].map(([row]) => row)
            expect([...new Set(named)].sort(), `${tonics[0]} ${kind} ${hand}: ${said}`).toEqual(
              [...new Set(rows)].sort(),
            )
            expect(said.includes('in every repeat')).toBe(new Set(rows).size === 1)
          }
        }
      }
    }
    expect(told).toBeGreaterThan(20)
  })
})

describe('loops around a crossing', () => {
  it('contain it on every side: both ways, first and last', () => {
    for (const tonics of TONICS) {
      for (const hand of HANDS) {
        const own = handOf(tonics, 'major', hand, { octaves: 2, pattern: { walk: 'crossing-loops' } })
        const starts = own.notes.flatMap(({ fresh }, at) => (at === 0 || fresh ? [at] : []))
        starts.forEach((from, at) => {
          const to = starts[at + 1] ?? own.notes.length
          const own4 = own.crossings.filter(({ index }) => index >= from && index < to)
          expect(to - from).toBe(17)
          // twice there, twice back, in each of both rounds at least once
          expect(own4.length, `${tonics[0]} ${hand} ${from}`).toBeGreaterThanOrEqual(4)
          expect(own.midi[from]).toBe(own.midi[to - 1])
        })
      }
    }
  })
})

describe('a line that grows note by note', () => {
  it('takes on every note but the outermost the finger of the whole line', () => {
    for (const tonics of TONICS) {
      for (const kind of ['major', 'natural-minor', 'harmonic-minor']) {
        for (const hand of HANDS) {
          for (const octaves of [1, 2]) {
            const grown = handOf(tonics, kind, hand, { octaves, pattern: { walk: 'add-a-note' } })
            const whole = handOf(tonics, kind, hand, { octaves })
            const [low, high] = [Math.min(...whole.midi), Math.max(...whole.midi)]
            const finger = new Map(whole.midi.map((midi, at) => [midi, whole.fingers[at]]))
            grown.midi.forEach((midi, at) => {
              if (midi === low || midi === high) return
              expect(grown.fingers[at], `${tonics[0]} ${kind} ${hand} ${grown.pitches[at]}`).toBe(finger.get(midi))
            })
          }
        }
      }
    }
  })

  it('may be fingered as it lies: in C the fourth finger comes before the thumb is needed', () => {
    const own = handOf(['C'], 'major', 'right', { repeats: 'as-it-lies', pattern: { walk: 'add-a-note' } })
    const first = own.pitches.indexOf('F4')
    expect(own.fingers[first]).toBe(4)
    expect(handOf(['C'], 'major', 'right', { pattern: { walk: 'add-a-note' } }).fingers[first]).toBe(1)
  })
})

describe('triads by span', () => {
  const QUALITIES = ['major', 'minor', 'diminished', 'augmented']

  it('never have 3 and 4 on a minor third, and are alike in all octaves: 864 studies', () => {
    let count = 0
    for (const tonics of TONICS)
      for (const quality of QUALITIES)
        for (const inversion of [0, 1, 2])
          for (const hand of HANDS)
            for (const octaves of [1, 2, 3]) {
              count++
              const own = handOf(tonics, `${quality}-arpeggio`, hand, { inversion, octaves })
              const says = `${tonics[0]} ${quality} ${inversion} ${hand} ${octaves}: ${own.fingers.join('')}`
              const byKey = new Map<number, Set<number>>()
              const outer = [Math.min(...own.midi), Math.max(...own.midi)]
              own.midi.forEach((midi, at) => {
                const pair = [own.fingers[at - 1], own.fingers[at]].sort().join('')
                if (at > 0 && pair === '34') expect(Math.abs(midi - own.midi[at - 1]!), says).toBeLessThan(3)
                if (outer.includes(midi)) return
                byKey.set(midi % 12, (byKey.get(midi % 12) ?? new Set<number>()).add(own.fingers[at]!))
              })
              for (const fingers of byKey.values()) expect(fingers.size, says).toBe(1)
            }
    expect(count).toBe(864)
  })

  it.each([
    ['right', 0, '123'],
    ['right', 1, '124'],
    ['right', 2, '124'],
    ['left', 0, '542'],
    ['left', 1, '542'],
    ['left', 2, '532'],
  ] as const)('diminished from a white key, %s hand, inversion %i: %s', (hand, inversion, row) => {
    for (const tonics of TONICS) {
      for (const handSize of ['small', 'average']) {
        const own = handOf(tonics, 'diminished-arpeggio', hand, { inversion, octaves: 2, handSize })
        if (isBlack(own.midi[0]!)) continue
        expect(own.fingers.slice(0, 3).join(''), `${tonics[0]} ${handSize}`).toBe(row)
      }
    }
  })
})

describe('chromatic minor thirds', () => {
  it('have two fingers for each key wherever one starts, and no thumb on a black key', () => {
    for (const hand of HANDS) {
      const byKey = new Map<number, Set<string>>()
      for (const tonics of TONICS) {
        for (const octaves of [1, 2]) {
          const own = handOf(tonics, 'double-thirds-chromatic-minor', hand, { octaves })
          own.fingers.forEach((finger, at) => {
            if (finger === 1) expect(isBlack(own.midi[at]!), `${tonics[0]} ${hand} ${own.pitches[at]}`).toBe(false)
          })
          const lows = own.midi.filter((_, at) => at % 2 === 0)
          const outer = [Math.min(...lows), Math.max(...lows)]
          lows.forEach((midi, pair) => {
            if (outer.includes(midi)) return
            const fingers = `${own.fingers[2 * pair]}/${own.fingers[2 * pair + 1]}`
            byKey.set(midi % 12, (byKey.get(midi % 12) ?? new Set<string>()).add(fingers))
          })
        }
      }
      expect(byKey.size).toBe(12)
      for (const [key, fingers] of byKey) expect([...fingers], `${hand} ${key}`).toHaveLength(1)
    }
  })
})
