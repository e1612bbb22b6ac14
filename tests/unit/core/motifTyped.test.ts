import { describe, expect, it } from 'vitest'
import { keysWritten, motifWritten, typedKeys, typedMotif } from '#core/call'
import { inEnglish } from '../../support/english'

const C = { tonic: 'C', kind: 'major' } as const
const motif = (text: string, key: Parameters<typeof typedMotif>[1] = C) => {
  const read = typedMotif(text, key)
  return 'motif' in read ? read.motif : inEnglish(read.fault)
}

describe('a motif that is typed', () => {
  it('in degrees, or in notes of the key, which become degrees', () => {
    expect(motif('1 4 2 3')).toEqual([1, 4, 2, 3])
    expect(motif('C F D E')).toEqual([1, 4, 2, 3])
    expect(motif('G A B D', { tonic: 'G', kind: 'major' })).toEqual([1, 2, 3, 5])
    // by the nearest way, or by the octaves that are named
    expect(motif('C B C')).toEqual([1, 0, 1])
    expect(motif('C4 B4 C5')).toEqual([1, 7, 8])
    expect(motif('do fa re mi')).toEqual([1, 4, 2, 3])
    expect(typedMotif('C E G E | D F A F', C)).toEqual({ motif: [1, 3, 5, 3], step: 1 })
  })

  it('and says why it cannot move', () => {
    expect(motif('C F# G')).toBe('F♯ is not in C major, so it has no degree to move by.')
    expect(motif('1 4 x')).toBe('“x” is no degree and no note.')
    expect(motif(' ')).toContain('Type degrees')
  })

  it('comes back as it is written', () => {
    for (const each of [
      [1, 4, 2, 3],
      [1, null, [3, 5], { degree: 8, beats: 0.5, held: true }],
      [-1, 0, 9],
    ] as const) {
      expect(motif(motifWritten(each))).toEqual(each)
    }
  })
})

it('keys that are typed are names of notes, in any naming', () => {
  expect(typedKeys('C E♭ G flat, la')).toEqual(['C', 'Eb', 'Gb', 'A'])
  expect(typedKeys('C, A harmonic minor')).toEqual(['C', { tonic: 'A', kind: 'harmonic-minor' }])
  expect(typedKeys(keysWritten(['Eb', { tonic: 'A', kind: 'blues' }]))).toEqual(['Eb', { tonic: 'A', kind: 'blues' }])
  expect(typedKeys('C 4x')).toBeNull()
  expect(typedKeys('')).toBeNull()
})
