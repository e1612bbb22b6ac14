import { fingered } from '../../support/played'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { DomainError } from '#core/message'
import { pinnedNotes } from '#core/realise'
import type { Finger } from '#core/study'
import type { Pin } from '#core/fingering'
import type { RecipeInput } from '#core/instrument'
import { anyNamed, PRINTED, RUNS } from '../../support/material'
import { errorText, messageOf } from '../../support/english'
import { runs } from '../../support/runs'

const C: RecipeInput = { material: { tonic: 'C', kind: 'major' }, hands: 'right' }
const fingersWith = (pins: Pin[], base = C) => fingered({ ...base, pins }, {}, 0).hands.right!.fingers
const refusal = (work: () => unknown): DomainError => {
  try {
    work()
  } catch (error) {
    return error as DomainError
  }
  throw new Error('Nothing was refused.')
}

describe('a pin on a grip', () => {
  it('fixes its fingers note by note', () => {
    expect(
      fingersWith([{ hand: 'right', from: 3, fingers: [4, 1, 2, 3, 4] }])
        .slice(0, 8)
        .join(''),
    ).toBe('12341234')
  })

  it('names its own end where the notes run out', () => {
    const beyond = (from: number, count: number) =>
      refusal(() => fingersWith([{ hand: 'right', from, fingers: Array<Finger>(count).fill(1) }]))
    expect(beyond(27, 3)).toMatchObject({ code: 'pin.note', path: 'pins[0].fingers' })
    expect(beyond(40, 1)).toMatchObject({ code: 'pin.note', path: 'pins[0].from' })
  })
})

describe('a pin on a degree', () => {
  it('changes the pattern of every octave, so that the rest agrees with it', () => {
    const fingers = fingersWith([{ hand: 'right', degree: 4, finger: 4 }])
    expect(fingers.slice(0, 15).join('')).toBe('123412312341234')
    expect(fingers.slice(1, 7)).toEqual(fingers.slice(8, 14))
  })

  it('holds on its own leg only, if it says so', () => {
    const base: RecipeInput = { material: { tonic: 'A', kind: 'melodic-minor' }, hands: 'right' }
    const study = fingered({ ...base, pins: [{ hand: 'right', degree: 6, finger: 4, leg: 'up' }] })
    const { notes, fingers, pinned } = study.hands.right!
    expect(pinned.map(({ index }) => notes[index]!.leg)).toEqual(['up', 'up'])
    for (const { index } of pinned) expect(fingers[index]).toBe(4)
    expect(pinnedNotes(study)).toHaveLength(2)
  })

  it('is fixed wherever the degree comes, in any run', () => {
    fc.assert(
      fc.property(anyNamed(RUNS), fc.nat(11), fc.integer({ min: 1, max: 4 }), (material, at, finger) => {
        const notes = fingered({ material, hands: 'right' }, {}, 0).hands.right!.notes
        const degree = (at % Math.max(...notes.map((note) => note.degree + 1))) + 1
        try {
          const fingers = fingersWith([{ hand: 'right', degree, finger: finger as Finger }], {
            material,
            hands: 'right',
          })
          notes.forEach((note, index) => note.degree === degree - 1 && expect(fingers[index]).toBe(finger))
        } catch (error) {
          expect((error as DomainError).code).toBe('pin.conflict')
        }
      }),
      { numRuns: runs(80) },
    )
  })

  it('that does not exist is named', () => {
    expect(refusal(() => fingersWith([{ hand: 'right', degree: 9, finger: 1 }]))).toMatchObject({
      code: 'pin.degree',
      path: 'pins[0].degree',
    })
    const free: RecipeInput = { material: { pitches: ['C4', 'D4'] }, hands: 'right' }
    expect(messageOf(() => fingersWith([{ hand: 'right', degree: 1, finger: 1 }], free))).toMatch(/no degrees/)
  })
})

describe('pins that cannot stand together', () => {
  it('are named as they were set: notes, grips, degrees; and only those in conflict', () => {
    const error = refusal(() =>
      fingersWith([
        { hand: 'right', index: 20, finger: 2 },
        { hand: 'right', degree: 3, finger: 3 },
        { hand: 'right', from: 3, fingers: [3, 4] },
      ]),
    )
    expect(error.code).toBe('pin.conflict')
    expect(errorText(error)).toMatch(/3 on degree 3 in every octave and 3 4 from F \(note 4\) together/)
    expect(error.details.pins).toHaveLength(2)
  })

  it('are a smallest set: without any one of them the rest can be played', () => {
    const pin = fc.record({
      hand: fc.constant('right' as const),
      index: fc.nat(14),
      finger: fc.integer({ min: 1, max: 5 }).map((finger) => finger as Finger),
    })
    fc.assert(
      fc.property(
        anyNamed(PRINTED),
        fc.uniqueArray(pin, { maxLength: 6, selector: ({ index }) => index }),
        (material, pins) => {
          const base: RecipeInput = { material, hands: 'right', octaves: 1 }
          const within = pins.filter(({ index }) => index < fingered(base, {}, 0).steps)
          try {
            const fingers = fingersWith(within, base)
            for (const { index, finger } of within) expect(fingers[index]).toBe(finger)
          } catch (error) {
            const core = (error as DomainError).details.pins as Pin[]
            expect(messageOf(() => fingersWith(core, base))).toMatch(/cannot play/)
            for (const one of core)
              expect(() =>
                fingersWith(
                  core.filter((other) => other !== one),
                  base,
                ),
              ).not.toThrow()
          }
        },
      ),
      { numRuns: runs(120) },
    )
  })
})
