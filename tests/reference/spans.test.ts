import { fingered } from '../support/played'
import { describe, expect, it } from 'vitest'
import { CONSERVATORY } from '#core/fingering'
import { isBlack, keyAt, keyDistance } from '#core/surface'
import { kindsOf, RUNS, tonicsOf } from '../support/material'

/**
 * Practical spans between right-hand fingers in semitones (left hand mirrored): least and most.
 * Source: R. Parncutt, J. A. Sloboda, E. F. Clarke, M. Raekallio, P. Desain, An ergonomic model of keyboard fingering
 * for melodic fragments, Music Perception 14(4), 1997; recalled from memory.
 */
const PRACTICAL: Record<string, [number, number]> = {
  '1-2': [-5, 10],
  '1-3': [-4, 12],
  '1-4': [-3, 14],
  '1-5': [-1, 15],
  '2-3': [1, 5],
  '2-4': [1, 7],
  '2-5': [2, 10],
  '3-4': [1, 4],
  '3-5': [1, 7],
  '4-5': [1, 5],
}

describe('against the published span table', () => {
  it.each(RUNS)('%s asks no grip beyond the practical spans', (kind) => {
    for (const tonic of tonicsOf(kind)) {
      const { hands } = fingered({ material: { tonic, kind }, octaves: 2 }, {}, 0)
      for (const [hand, part] of Object.entries(hands)) {
        const landings = new Set(part.crossings.map((crossing) => crossing.index))
        for (let at = 1; at < part.midi.length; at++) {
          if (landings.has(at)) continue
          const [a, b] = [part.fingers[at - 1]!, part.fingers[at]!]
          const outward = (part.midi[at]! - part.midi[at - 1]!) * (hand === 'right' ? 1 : -1) * (b > a ? 1 : -1)
          const [least, most] = PRACTICAL[`${Math.min(a, b)}-${Math.max(a, b)}`]!
          expect(outward).toBeGreaterThanOrEqual(least)
          expect(outward).toBeLessThanOrEqual(most)
        }
      }
    }
  })

  it.each(kindsOf('scale', 'mode'))('%s passes the thumb within its practical spans', (kind) => {
    for (const tonic of tonicsOf(kind)) {
      const { hands } = fingered({ material: { tonic, kind } }, {}, 0)
      for (const part of Object.values(hands)) {
        for (const { index, kind: way } of part.crossings) {
          const finger = part.fingers[way === 'thumb-under' ? index - 1 : index]!
          const span = -Math.abs(part.midi[index]! - part.midi[index - 1]!)
          expect(span).toBeGreaterThanOrEqual(PRACTICAL[`1-${finger}`]![0])
        }
      }
    }
  })

  it('holds the school’s reaches below the practical maximum of each pair', () => {
    const SEMITONE = 164.5 / 12
    for (const [lower, others] of Object.entries(CONSERVATORY.reach)) {
      for (const [higher, reach] of Object.entries(others)) {
        expect(reach).toBeLessThanOrEqual(PRACTICAL[`${lower}-${higher}`]![1] * SEMITONE)
      }
    }
  })
})

describe('the keyboard in millimetres (common practice, no source)', () => {
  it('has octaves of 164.5 mm, 52 white keys of 88, and black keys between their neighbours', () => {
    const keys = Array.from({ length: 88 }, (_, at) => 21 + at)
    expect(keys.filter((midi) => !isBlack(midi))).toHaveLength(52)
    for (const midi of keys.slice(0, 76)) expect(keyDistance(midi, midi + 12)).toBeCloseTo(164.5, 9)
    for (const midi of keys.slice(1)) expect(keyAt(midi).x).toBeGreaterThan(keyAt(midi - 1).x)
  })

  it('spans 1222 mm from edge to edge: 52 white keys of 23.5 mm', () => {
    const [low, high] = [keyAt(21), keyAt(108)]
    expect(high.x + high.width / 2 - (low.x - low.width / 2)).toBeCloseTo(52 * 23.5, 9)
  })
})
