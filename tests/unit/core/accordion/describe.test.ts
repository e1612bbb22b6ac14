import { describe, expect, it } from 'vitest'
import { familyOf, type RecipeInput } from '#core/instrument'
import { othersOf, realise, takeAlternative } from '#core/realise'
import { BASSES, boardOf } from '#core/surface'
import {
  accordion,
  type AccordionStudy,
  buttonsOf,
  leftFingers,
  rightFingers,
  TWELVE,
} from '../../../support/accordion'
import { inEnglish } from '../../../support/english'

const reasonsOf = ({ bass }: AccordionStudy): string[] => bass!.reasons.map(({ message }) => inEnglish(message))
const rightReasons = ({ hands }: AccordionStudy): string[] =>
  hands.right!.reasons.map(({ message }) => inEnglish(message))
const meets = (study: AccordionStudy): string[] =>
  familyOf(study.recipe)
    .meetings(study)
    .map((message) => inEnglish(message))
const LEFT = { hands: 'left', octaves: 1 } as const

describe('reasons of the left hand', () => {
  it.each(TWELVE)('name the counterbasses of %s where, and only where, they are played', (tonic) => {
    const study = accordion(tonic, 'major', {}, LEFT)
    const counter = study.bass!.buttons.flatMap(({ row }, at) => (row === 'counterbass' ? [at] : []))
    const reason = study.bass!.reasons.find(({ kind }) => kind === 'counterbass')
    expect(reason?.indices ?? []).toEqual(counter)
  })

  it('say which finger has the alternate bass, and by which school', () => {
    const message = reasonsOf(accordion('D', 'major', {}, { octaves: 1 }))
    expect(message).toEqual([expect.stringMatching(/4 on D and 2 on A.*School: four and three/)])
    const other = reasonsOf(accordion('D', 'major', { left: { school: 'three-two' } }, { octaves: 1 }))
    expect(other.join()).toMatch(/School: three and two/)
  })

  it('say where a board has one button only, which a larger one would not need', () => {
    const onSmall = reasonsOf(accordion('G', 'major', { bass: 48 }, LEFT))
    const onLarge = reasonsOf(accordion('G', 'major', { bass: 120 }, LEFT))
    expect(onSmall.join()).not.toBe('')
    expect(onLarge.join()).not.toContain('only')
  })

  it('tell a pin as a pin, with its button', () => {
    const pins = [{ hand: 'left', index: 2, button: { row: 'fundamental', column: 4 } }] as const
    const study = accordion('C', 'major', {}, { ...LEFT, pins } as unknown as Partial<RecipeInput>)
    expect(buttonsOf(study).split(' ')[2]).toBe('f4')
    expect(study.bass!.reasons.find(({ kind }) => kind === 'pin')!.indices).toEqual([2])
  })

  it('leap where the hand moves two columns or more between notes, and nowhere else', () => {
    const study = accordion('C', 'chromatic', {}, { hands: 'left', octaves: 1 })
    for (const at of study.bass!.leaps) {
      const [before, after] = [study.bass!.buttons[at - 1]!, study.bass!.buttons[at]!]
      expect(Math.abs(before.column - after.column)).toBeGreaterThanOrEqual(2)
    }
  })
})

describe('reasons of the right hand on buttons', () => {
  it('say that five rows have one shape for every key, and three rows have not', () => {
    expect(rightReasons(accordion('E', 'major', { treble: 'c-5' })).join()).toContain('serves every key')
    expect(rightReasons(accordion('E', 'major', { treble: 'c-3' })).join()).not.toContain('serves every key')
  })

  it('never speak of a thumb crossing where the thumb is not used', () => {
    for (const tonic of TWELVE) {
      const message = rightReasons(accordion(tonic, 'major', { treble: 'b-5' })).join(' ')
      expect(message).not.toMatch(/thumb/)
      expect(rightFingers(accordion(tonic, 'major', { treble: 'b-5' }))).not.toContain('1')
    }
  })
})

describe('other ways', () => {
  it.each(['keys-41', 'c-5', 'c-3', 'b-4'] as const)('of the right hand on %s each differ, and cost more', (treble) => {
    const { right } = accordion('A', 'harmonic-minor', { treble }, { hands: 'right' }).hands
    expect(right!.alternatives.length).toBeGreaterThan(1)
    for (const { fingers, buttons, price } of right!.alternatives) {
      expect(price).toBeGreaterThanOrEqual(0)
      expect([fingers, buttons]).not.toEqual([right!.fingers, right!.buttons])
    }
  })

  it.each([120, 72, 48] as const)('of the left hand on %i each differ, and cost no less', (bass) => {
    const study = accordion('D', 'major', { bass }, LEFT)
    expect(study.bass!.alternatives.length).toBeGreaterThan(0)
    for (const { fingers, buttons, price } of study.bass!.alternatives) {
      expect(price).toBeGreaterThanOrEqual(0)
      expect([fingers, buttons]).not.toEqual([study.bass!.fingers, study.bass!.buttons])
    }
  })

  it('once taken stand, each of them, and leave the other hand as it was', () => {
    const study = accordion('C', 'major', { treble: 'c-5' }, { octaves: 1 })
    for (const player of ['right', 'left'] as const) {
      const others = othersOf(study, player)
      expect(others.length, player).toBeGreaterThan(0)
      for (const { marks, pins } of others) {
        const all = takeAlternative(study, player, marks, pins as never)
        const taken = realise({ ...study.recipe, pins: all } as RecipeInput) as AccordionStudy
        const [own, other] = player === 'left' ? [leftFingers, rightFingers] : [rightFingers, leftFingers]
        expect(own(taken)).toBe(marks.join(' '))
        expect(other(taken)).toBe(other(study))
      }
    }
  })
})

describe('hands together', () => {
  it('counts the notes to a stroke', () => {
    const per = (notesPerBeat: 1 | 2 | 3, every: 1 | 2 = 1) =>
      meets(accordion('C', 'major', { left: { every } }, { tempo: { bpm: 60, notesPerBeat } }))[0]
    expect(per(1)).toBe('Note against stroke: one of the right hand to each of the left.')
    expect(per(2)).toBe('2 notes of the right hand to each stroke of the left.')
    expect(per(2, 2)).toBe('4 notes of the right hand to each stroke of the left.')
    expect(per(3)).toBe('3 notes of the right hand to each stroke of the left.')
  })

  it('names third fingers that meet by the note of the right hand, as the fingers have it', () => {
    const study = accordion('C', 'major', {}, { octaves: 2 })
    const left = new Map(study.bass!.notes.map(({ step }, at) => [step, study.bass!.fingers[at]]))
    const met = study.hands.right!.notes.flatMap(({ step }, at) =>
      study.hands.right!.fingers[at] === 3 && left.get(step) === 3 ? [study.hands.right!.pitches[at]![0]] : [],
    )
    expect(met.length).toBeGreaterThan(0)
    expect(meets(study).at(-1)).toBe(`Third fingers meet on ${[...new Set(met)].join(' and ')}.`)
  })
})

describe('how hard it is', () => {
  const total = (...input: Parameters<typeof accordion>) => accordion(...input).difficulty.total
  it('grows with the tempo, the octaves and the left hand’s leaps, and is less for one hand', () => {
    const tempo = (bpm: number) => ({ tempo: { bpm, notesPerBeat: 2 as const } })
    expect(total('C', 'major', {}, tempo(80))).toBeGreaterThan(total('C', 'major', {}, tempo(60)))
    expect(total('C', 'major', {}, { octaves: 2 })).toBeGreaterThan(total('C', 'major', {}, { octaves: 1 }))
    expect(total('C', 'major', {}, { hands: 'right' })).toBeLessThan(total('C', 'major', {}, { hands: 'together' }))
    const left = (kind: 'major' | 'chromatic') => accordion('C', kind, {}, LEFT).bass!.leaps.length
    expect(total('C', 'chromatic', {}, LEFT) > total('C', 'major', {}, LEFT)).toBe(true)
    expect(left('chromatic')).toBeGreaterThanOrEqual(left('major'))
  })
})

describe('boards', () => {
  it.each(BASSES)('of %i have the dimpled C, and no column beyond their ends', (bass) => {
    const { from, to } = boardOf({ bass })
    expect(from).toBeLessThanOrEqual(0)
    expect(to).toBeGreaterThanOrEqual(0)
    const study = accordion(
      'C',
      'major',
      { bass },
      {
        ...{ hands: bass > 24 ? 'left' : 'together', octaves: 1 },
      },
    )
    for (const { column } of study.bass!.buttons) {
      expect(column).toBeGreaterThanOrEqual(from)
      expect(column).toBeLessThanOrEqual(to)
    }
  })
})
