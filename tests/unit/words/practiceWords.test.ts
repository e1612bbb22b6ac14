import { describe, expect, it } from 'vitest'
import { changeMessage, type Help, helpMessage, PRACTICE_STATES } from '#core/practice'
import { inEnglish } from '../../support/english'

const help = (some: object): string => inEnglish(helpMessage({ ...some, chance: 0.5, notReady: [] } as unknown as Help))
const text = (formatted: string) => ({ code: 'text', params: { text: formatted } })

describe('what would help, as its button says it', () => {
  it.each([
    [{ change: 'minutes', minutesADay: 25 }, '25 minutes a day'],
    [{ change: 'weeks', weeks: 1, exam: 0 }, 'one week later'],
    [{ change: 'weeks', weeks: 4, exam: 0 }, '4 weeks later'],
    [{ change: 'leave', studies: [3] }, 'without one study'],
    [{ change: 'leave', studies: [1, 2] }, 'without 2 studies'],
    [{ change: 'grade', grade: '2', title: 'Grade 2' }, 'Grade 2 instead'],
  ])('%j', (some, formatted) => expect(help(some)).toBe(formatted))
})

describe('what the news changed, in words', () => {
  it.each([
    ['tested', 'G major: asked again on 30 November'],
    ['further', 'G major: further on from 30 November'],
    ['back', 'G major: back a step from 30 November'],
    ['more', 'G major: more sittings'],
    ['fewer', 'G major: fewer sittings'],
  ] as const)('%s', (is, formatted) => {
    const change = { study: 0, is, day: is === 'more' || is === 'fewer' ? null : 9829 }
    expect(inEnglish(changeMessage(change, text('G major'), text('30 November')))).toBe(formatted)
  })
})

describe('how a study stands', () => {
  it('has a word of its own for each', () => {
    const words = PRACTICE_STATES.map((standing) =>
      inEnglish({ code: 'practice-state', params: { practiceState: standing } }),
    )
    expect(words).toEqual(['not played yet', 'learning', 'right once', 'held', 'ready', 'fading'])
  })
})
