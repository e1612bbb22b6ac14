import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { KIND_IDS, KINDS, usualTonics } from '#core/material'
import { noteName } from '#core/pitch'
import { realise } from '#core/realise'
import { meetingWords } from '#core/together'

describe('hands together', () => {
  it('meet where both play the finger, and cross where both cross', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...KIND_IDS),
        fc.nat(14),
        fc.constantFrom('similar', 'contrary'),
        (kind, at, motion) => {
          const tonic = noteName(usualTonics(KINDS[kind])[at]!)
          const { hands, together, steps } = realise({ material: { tonic, kind }, motion })
          const { right, left } = hands
          for (let step = 0; step < steps; step++) {
            expect(together!.thumbs.includes(step)).toBe(right!.fingers[step] === 1 && left!.fingers[step] === 1)
            expect(together!.thirds.includes(step)).toBe(right!.fingers[step] === 3 && left!.fingers[step] === 3)
            const both = together!.crossings.right.includes(step) && together!.crossings.left.includes(step)
            expect(together!.crossings.both.includes(step)).toBe(both)
          }
        },
      ),
    )
  })

  it('is absent where one hand plays', () => {
    expect(realise({ material: { tonic: 'C', kind: 'major' }, hands: 'left' }).together).toBeUndefined()
  })

  it('speaks of anchors by name', () => {
    const { hands, together } = realise({ material: { tonic: 'B', kind: 'major' } })
    const notes = (hand: 'right' | 'left') => hands[hand]!.notes.map((note) => note.pitch)
    const [thumbs, thirds] = meetingWords(together!, notes('right'), notes('left'))
    expect(thumbs).toMatch(/^Thumbs meet on E and B/)
    expect(thirds).toMatch(/^Third fingers meet on G♯/)
  })

  it('crosses at once in contrary motion from the unison in C (common practice, derived)', () => {
    const { together, hands } = realise({ material: { tonic: 'C', kind: 'major' }, motion: 'contrary' })
    expect(hands.right!.fingers).toEqual(hands.left!.fingers)
    expect(together!.crossings.both).toEqual(together!.crossings.right)
  })
})
