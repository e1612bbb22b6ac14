import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import {
  isAbout,
  dateOf,
  dayOf,
  dueAfter,
  type Entry,
  recallOn,
  practiceStateOn,
  statesOf,
  targetOf,
} from '#core/practice'
import { remembered, recallAfter } from '../../../../core/practice/memory'
import { entryOf, someStudies, TODAY } from '../../../support/practice'

const NOW = dayOf(TODAY)!
const [STUDY] = someStudies(1)
const TARGET = targetOf(STUDY!)
const KINDS = { l: 'lesson', h: 'home', c: 'cold-test', m: 'mock-exam', t: 'take' } as const
const OUTCOMES = { r: 'right', h: 'hesitated', w: 'wrong' } as const

/** `9 l r 96 right 1`: nine days ago, lesson, right, at 96 notes a minute, right hand, one octave. */
const shown = (line: string): Entry[] =>
  line
    .split(', ')
    .filter(Boolean)
    .map((each) => {
      const [ago, kind, outcome, tempo, hands = 'together', octaves = '2'] = each.split(' ')
      return entryOf(STUDY!, dateOf(NOW - Number(ago)), {
        kind: KINDS[kind as 'l'],
        outcome: OUTCOMES[outcome as 'r'],
        tempo: Number(tempo),
        hands: hands as Entry['hands'],
        octaves: Number(octaves),
      })
    })

/**
 * C major, hands together, two octaves, 144 notes a minute asked. The first stability is the scheduler's published weight
 * for the outcome: wrong 0.21, hesitated 1.29, right 2.31 days; so a first right one is asked again after two days, a
 * first hesitation after one, and what was wrong the day after, whatever memory says.
 */
const STORIES: readonly [
  name: string,
  record: string,
  stage: string,
  clean: number,
  practiceState: string,
  due: number | null,
][] = [
  ['nothing was played', '', 'right-alone', 0, 'untried', null],
  ['the right hand alone, clean', '3 h r 94 right 1', 'left-alone', 0, 'learning', null],
  ['the left hand first: the right is still to come', '3 h r 94 left 1', 'right-alone', 0, 'learning', null],
  ['both alone', '4 h r 94 right 1, 3 h r 94 left 1', 'crossings', 0, 'learning', null],
  ['both alone in two octaves count as well', '4 h r 94 right, 3 h r 94 left', 'crossings', 0, 'learning', null],
  ['together in one octave: the hands alone are behind', '3 h r 94 together 1', 'rhythms', 0, 'learning', null],
  ['together in both octaves at home: on to the tempo', '2 h r 94', 'tempo', 94, 'learning', -1],
  ['the same in a lesson, right at once', '1 l r 94', 'tempo', 94, 'right-once', 1],
  ['hesitated: no stage passed', '1 l h 94', 'right-alone', 0, 'learning', 0],
  ['right at the tempo asked, once', '1 c r 144', 'above', 144, 'right-once', 1],
  ['a day above it', '2 c r 144, 1 h r 152', 'cold', 152, 'right-once', 4],
  ['wrong: asked again tomorrow', '0 c w 144', 'right-alone', 0, 'learning', 1],
  ['two days right at the tempo: ready', '3 c r 144, 1 c r 144', 'above', 144, 'ready', 9],
  ['two days right below it: held', '3 c r 120, 1 c r 126', 'tempo', 126, 'held', 9],
  ['one of two below it: held', '3 c r 126, 1 c r 144', 'above', 144, 'held', 9],
  ['twice on one day is one day', '1 c r 144, 1 c r 144', 'above', 144, 'right-once', 1],
  ['ready once, and not asked for weeks: fading', '33 c r 144, 31 c r 144', 'above', 144, 'fading', -21],
  ['right twice, then wrong: from the beginning', '5 c r 144, 3 c r 144, 1 c w 144', 'above', 144, 'learning', 0],
  [
    'wrong twice running: back by a tenth, and to the tempo',
    '5 c r 144, 2 c w 144, 1 c w 144',
    'tempo',
    130,
    'learning',
    0,
  ],
  [
    'a mock exam counts as cold; at 150 it was above the tempo already',
    '4 m r 144, 2 m r 150',
    'cold',
    150,
    'ready',
    8,
  ],
  ['a take counts as cold, home does not', '4 t r 144, 2 h r 144', 'above', 144, 'right-once', 6],
  [
    'wrong at home above what was clean tells of the tempo alone',
    '4 l r 120, 1 h w 126',
    'tempo',
    120,
    'right-once',
    -2,
  ],
]

describe('what the record says', () => {
  it.each(STORIES)('%s', (_, record, stage, clean, practiceState, due) => {
    const [state] = statesOf([TARGET], shown(record))
    expect(TARGET.stages[state!.stage]!.id).toBe(stage)
    expect(state!.cleanTempo).toBe(clean)
    expect(practiceStateOn(TARGET, state!, NOW)).toBe(practiceState)
    const required = dueAfter(state!)
    expect(required === null ? null : required - NOW).toBe(due)
    expect(recallOn(state!, NOW) > 0).toBe(due !== null)
  })

  it('is about a line, whatever its name, fingers, tempo or length; another touch, form or motion is another', () => {
    const of = (some: object) => completeRecipe({ ...STUDY!, ...some } as never)
    const same = [of({ tempo: { bpm: 60, notesPerBeat: 4 } }), of({ octaves: 4 }), of({ handSize: 'small' })]
    const others = [
      of({ articulation: 'staccato' }),
      of({ motion: 'contrary' }),
      of({ material: { tonic: 'C', kind: 'dorian' } }),
    ]
    const played = (study: typeof STUDY) => statesOf([TARGET], [entryOf(study!, TODAY)])[0]!.entries
    expect(same.map(played)).toEqual([1, 1, 1])
    expect(others.map(played)).toEqual([0, 0, 0])
    const marimba = { instrument: 'marimba-5.0', material: { tonic: 'C', kind: 'major' }, octaves: 2 } as const
    const [right, left] = (['right', 'left'] as const).map((lead) => completeRecipe({ ...marimba, lead }))
    expect(statesOf([targetOf(right!)], [entryOf(left!, TODAY)])[0]!.entries).toBe(0)
    const [sharp, flat] = ['F#', 'Gb'].map((tonic) => of({ material: { tonic, kind: 'major' } }))
    expect(statesOf([targetOf(flat!)], [entryOf(sharp!, TODAY)])[0]!.entries).toBe(1)
  })

  it('is of a hand alone another study than of the other hand; both together have a part in either', () => {
    const of = (hands: 'together' | 'right' | 'left') =>
      completeRecipe({ material: { tonic: 'C', kind: 'minor-arpeggio' }, hands })
    const about = (study: 'together' | 'right' | 'left', played: 'together' | 'right' | 'left') =>
      isAbout(of(study), entryOf(of(played), TODAY))
    expect(['right', 'left', 'together'].map((played) => about('right', played as 'right'))).toEqual([
      ...[true, false, false],
    ])
    expect(['right', 'left', 'together'].map((played) => about('together', played as 'right'))).toEqual([
      ...[true, true, true],
    ])
    expect(isAbout(of('right'), entryOf(STUDY!, TODAY, { hands: 'right' }))).toBe(false)
  })

  it('is corrected by an entry, never by erasing: the last word counts', () => {
    const first = entryOf(STUDY!, TODAY, { id: 'a', outcome: 'wrong' })
    const second = entryOf(STUDY!, TODAY, { id: 'b', corrects: 'a', outcome: 'right' })
    const third = entryOf(STUDY!, TODAY, { id: 'c', corrects: 'b', withdrawn: true })
    const stood = (record: readonly Entry[]) => statesOf([TARGET], record)[0]!.tries.map(({ outcome }) => outcome)
    expect(stood([first])).toEqual(['wrong'])
    expect(stood([first, second])).toEqual(['right'])
    expect(stood([first, second, third])).toEqual([])
  })

  it('folds ten thousand entries, each of its own study', () => {
    const studies = someStudies(40)
    const record = Array.from({ length: 10_000 }, (_, at) =>
      entryOf(studies[at % 40]!, dateOf(NOW - Math.floor((10_000 - at) / 12)), {
        outcome: at % 5 ? 'right' : 'hesitated',
      }),
    )
    const states = statesOf(
      studies.map((study) => targetOf(study)),
      record,
    )
    expect(states.every(({ entries }) => entries === 250)).toBe(true)
  })
})

/** FSRS-6 as it is published (open-spaced-repetition, “The Algorithm”), with its default weights; from memory. */
const W = [
  ...[0.212, 1.2931, 2.3065, 8.2956, 6.4133, 0.8334, 3.0194, 0.001, 1.8722, 0.1666, 0.796],
  ...[1.4835, 0.0614, 0.2629, 1.6483, 0.6014, 1.8729, 0.5425, 0.0912, 0.0658, 0.1542],
]
const recall = (days: number, stability: number): number =>
  (1 + (0.9 ** (-1 / W[20]!) - 1) * (days / stability)) ** -W[20]!

describe('memory', () => {
  it('is what the published formulas say: first stabilities, recall, and growth after a right one', () => {
    const [wrong, hesitated, right] = (['wrong', 'hesitated', 'right'] as const).map((outcome) =>
      remembered(null, 0, outcome),
    )
    expect([wrong, hesitated, right].map((each) => each!.stability)).toEqual([W[0], W[1], W[2]])
    for (const days of [0, 1, 5, 30]) expect(recallAfter(right!, days)).toBeCloseTo(recall(days, W[2]!), 3)
    // stability is where recall has fallen to nine in ten
    expect(recallAfter(right!, right!.stability)).toBeCloseTo(0.9, 6)
    const r = recall(3, W[2]!)
    const grown =
      W[2]! * (1 + Math.exp(W[8]!) * (11 - right!.difficulty) * W[2]! ** -W[9]! * (Math.exp(W[10]! * (1 - r)) - 1))
    expect(remembered(right!, 3, 'right').stability).toBeCloseTo(grown, 2)
  })

  it('grows with right ones, less with hesitation, and falls with wrong ones', () => {
    const known = remembered(remembered(null, 0, 'right'), 3, 'right')
    const after = (outcome: 'right' | 'hesitated' | 'wrong') => remembered(known, 7, outcome).stability
    expect(after('right')).toBeGreaterThan(after('hesitated'))
    expect(after('hesitated')).toBeGreaterThan(known.stability)
    expect(after('wrong')).toBeLessThan(known.stability)
  })
})
