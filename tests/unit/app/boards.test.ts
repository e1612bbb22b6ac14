import { describe, expect, it } from 'vitest'
import { boardWords, trebleWords } from '../../../app/components/instrument/accordion/make'
import { boardMarks, buttonMarks, keyMarks, laneOf, nameOf } from '#pictures'
import { words } from '../../../app/components/instrument/accordion/words'
import { layoutOf } from '#engraving'
import type { RecipeInput } from '#core/instrument'
import { BASSES, boardOf, rowsOn, TREBLES } from '#core/surface'
import { accordion } from '../../support/accordion'

const own = accordion('C', 'major', {}, { octaves: 2 })
const onButtons = accordion('C', 'major', { treble: 'c-5' }, { octaves: 1 })
const scale = accordion('G', 'major', {}, { hands: 'left', octaves: 1 })

describe('what lies on the map of an accordion', () => {
  it('is each key of the way up once, with the finger that it has there', () => {
    const marks = keyMarks(own, null)
    expect(marks.map(({ spot }) => spot)).toEqual(own.hands.right!.midi.slice(0, 15))
    expect(marks.map(({ finger }) => finger)).toEqual(own.hands.right!.fingers.slice(0, 15))
    expect(marks.some(({ here }) => here)).toBe(false)
  })

  it('is the way down once that is played, and what sounds now before all', () => {
    const { notes, fingers, midi } = own.hands.right!
    const going = notes.findIndex(({ leg }) => leg === 'down') + 3
    const marks = keyMarks(own, notes[going]!.step)
    const sounding = marks.filter(({ here }) => here)
    expect(sounding.map(({ spot, finger }) => [spot, finger])).toEqual([[midi[going], fingers[going]]])
    for (const { index } of marks) expect(notes[index]!.leg).toBe('down')
  })

  it('is a button by its row and place on buttons, and nothing on keys', () => {
    const marks = buttonMarks(onButtons, 0)
    expect(marks.map(({ spot }) => spot)).toEqual(onButtons.hands.right!.buttons!.slice(0, 8))
    expect(marks.filter(({ here }) => here)).toHaveLength(1)
    expect(buttonMarks(own, null)).toEqual([])
    expect(keyMarks(scale, null)).toEqual([])
  })

  it('is each button of the board once, however often it is struck', () => {
    const marks = boardMarks(own, null)
    expect(marks.map(({ spot }) => nameOf(spot))).toEqual(['fundamental 0', 'major 0', 'fundamental 1'])
    expect(marks.map(({ finger }) => finger)).toEqual([4, 3, 2])
    expect(boardMarks(accordion('C', 'major', {}, { hands: 'right' }), null)).toEqual([])
  })

  it('strikes bass and chord at once where the bar has both', () => {
    const cadence = accordion('C', 'major', { left: { part: 'cadence' } }, { hands: 'left' })
    const sounding = boardMarks(cadence, cadence.bass!.notes[0]!.step).filter(({ here }) => here)
    expect(sounding.map(({ spot }) => spot.row).sort()).toEqual(['fundamental', 'major'])
  })
})

describe('the lane of the left hand', () => {
  it('stands in its room, whatever is played, and marks what is pinned', () => {
    const pins = [{ hand: 'left', index: 3, finger: 5 }] as unknown as RecipeInput['pins']
    const studies = [
      ...(['alternating', 'waltz', 'chords', 'cadence', 'scale'] as const).map((part) =>
        accordion('E', 'major', { left: { part } }, { octaves: 1 }),
      ),
      accordion('E', 'major', {}, { hands: 'left', octaves: 1, pins } as never),
    ]
    for (const study of studies) {
      for (const system of layoutOf(study, 700)) {
        const marks = laneOf(study, system, 100, 90)
        for (const { x, y } of marks) {
          expect(y).toBeGreaterThan(100)
          expect(y).toBeLessThan(190)
          expect(x).toBeGreaterThan(0)
        }
      }
    }
    const pinned = studies.at(-1)!
    const marks = layoutOf(pinned, 1000).flatMap((system) => laneOf(pinned, system, 0, 90))
    expect(marks.filter((mark) => mark.pinned).map(({ index }) => index)).toEqual([3])
  })
})

describe('what an accordion is called', () => {
  it.each(TREBLES)('on its right side: %s, and no other so', (treble) => {
    const formatted = trebleWords(treble)
    expect(formatted).toMatch(/^(\d\d keys|[BC]-system, [345] rows)$/)
    expect(TREBLES.filter((other) => trebleWords(other) === formatted)).toEqual([treble])
  })

  it.each(BASSES)('on its left side, with %i buttons', (bass) => {
    const { from, to } = boardOf({ bass })
    const columns = to - from + 1
    expect(boardWords(bass)).toContain(`${rowsOn(bass)} × ${columns},`)
    expect(rowsOn(bass) * columns).toBe(bass)
  })

  it('tells of a note its crossing, its row, its button, and where the bellows turn', () => {
    const { crossings } = own.hands.right!
    expect(words.special(own, 'right', crossings[0]!.index)).toEqual(['thumb under'])
    const turn = own.bellows[1]!.step
    expect(words.special(own, 'right', turn).join()).toMatch(/clos/)
    expect(words.special(onButtons, 'right', 0)[0]).toMatch(/1/)
    expect(words.special(scale, 'left', 0)[0]).toContain('G')
    expect(words.special(own, 'left', 1)[0]).toMatch(/C/)
  })
})
