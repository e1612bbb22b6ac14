import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  fifthsOf,
  LETTERS,
  midiOf,
  noteName,
  parseNote,
  parsePitch,
  pitchAbove,
  pitchClass,
  pitchName,
  printedName,
  signatureAlteration,
  signatureLetters,
} from '#core/pitch'
import { DomainError } from '#core/message'

const anyPitch = fc.record({
  letter: fc.constantFrom(...LETTERS),
  alteration: fc.integer({ min: -2, max: 2 }),
  octave: fc.integer({ min: 0, max: 8 }),
})

describe('note names', () => {
  it('reads and writes what it has read', () => {
    fc.assert(
      fc.property(anyPitch, (pitch) => {
        expect(parsePitch(pitchName(pitch))).toEqual(pitch)
        expect(parseNote(noteName(pitch))).toEqual({ letter: pitch.letter, alteration: pitch.alteration })
      }),
    )
  })

  it('keeps the octave with the letter, as scientific pitch has it', () => {
    expect(midiOf(parsePitch('C4'))).toBe(60)
    expect(midiOf(parsePitch('B#3'))).toBe(60)
    expect(midiOf(parsePitch('Cb4'))).toBe(59)
    expect(midiOf(parsePitch('F##5'))).toBe(79)
    expect(midiOf(parsePitch('A0'))).toBe(21)
  })

  it('prints proper signs', () => {
    expect(['Bb', 'F#', 'F##', 'Bbb', 'C'].map((name) => printedName(parseNote(name)))).toEqual([
      'B♭',
      'F♯',
      'F×',
      'B♭♭',
      'C',
    ])
  })

  it.each(['H', 'c', 'C#b', '', 'C####', 'Do', '<b>', "C'; drop table study; --"])(
    'refuses %j and names the field',
    (text) => {
      try {
        parseNote(text, 'material.tonic')
        expect.unreachable()
      } catch (error) {
        expect(error).toBeInstanceOf(DomainError)
        expect((error as DomainError).path).toBe('material.tonic')
      }
    },
  )
})

describe('intervals', () => {
  it('move by letters and semitones at once, and back again', () => {
    fc.assert(
      fc.property(
        anyPitch,
        fc.integer({ min: -14, max: 14 }),
        fc.integer({ min: -24, max: 24 }),
        (pitch, steps, semitones) => {
          const there = pitchAbove(pitch, { steps, semitones })
          expect(midiOf(there)).toBe(midiOf(pitch) + semitones)
          expect(pitchAbove(there, { steps: -steps, semitones: -semitones })).toEqual(pitch)
        },
      ),
    )
  })
})

describe('key signatures', () => {
  it('come in the printed order', () => {
    expect(signatureLetters(4)).toEqual(['F', 'C', 'G', 'D'])
    expect(signatureLetters(-3)).toEqual(['B', 'E', 'A'])
    expect(signatureAlteration(-3, 'E')).toBe(-1)
    expect(signatureAlteration(2, 'G')).toBe(0)
  })

  it('count fifths: each fifth up is seven semitones', () => {
    fc.assert(
      fc.property(anyPitch, (pitch) => {
        expect((7 * fifthsOf(pitch) - pitchClass(pitch)) % 12 === 0).toBe(true)
      }),
    )
  })
})
