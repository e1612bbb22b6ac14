import { describe, expect, it } from 'vitest'
import { completeRecipe, PLACES, type Recipe } from '#core/instrument'
import { proposedLines } from '#core/lesson'
import { dateOf, dayOf, type Entry, planned, preparationFor, readSpokenLine } from '#core/practice'
import { weekSheet } from '#shared/paper/week'
import { wordingFor } from '#shared/languages'
import { entryOf, practiceFile, someStudies, TODAY } from '../../../support/practice'
import { faces } from '../../../support/faces'

const NOW = dayOf(TODAY)!
const YESTERDAY = dateOf(NOW - 1)
const STUDIES: readonly (readonly [string, Recipe])[] = [
  ['piano', someStudies(1)[0]!],
  [
    'marimba',
    completeRecipe({ material: { tonic: 'D', kind: 'major' }, instrument: 'marimba-4.3', octaves: 2 } as never),
  ],
  [
    'accordion',
    completeRecipe({ material: { tonic: 'G', kind: 'major' }, instrument: 'accordion', octaves: 2 } as never),
  ],
]
const AIM = {
  exam: dateOf(NOW + 40),
  minutesADay: 20,
  days: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'],
} as const

/** What is planned after something was told of a study that has been played before. */
function planAfter(study: Recipe, told: Partial<Entry>) {
  const before = entryOf(study, dateOf(NOW - 5), { tempo: 100 })
  const wrong = entryOf(study, YESTERDAY, { outcome: 'wrong', tempo: 110, kind: 'lesson', ...told })
  const preparation = preparationFor({ ...AIM, today: TODAY, studies: [study], record: [before, wrong] })
  return { preparation, ...planned(preparation) }
}

describe('what was told of a lesson', () => {
  it.each(STUDIES.flatMap(([make, study]) => PLACES.map((place) => [make, place, study] as const)))(
    'on the %s wrong at the %s is worked at there the next day, after it was asked again',
    (_, place, study) => {
      const { plan } = planAfter(study, { where: { place } })
      const items = plan.days[0]!.items
      expect(items[0]).toMatchObject({ study: 0, test: true })
      expect(items[1]).toMatchObject({ study: 0, test: false, where: { place } })
    },
  )

  it.each(['right', 'left'] as const)('with the %s hand is worked at with that hand, slowly enough', (hand) => {
    const [, study] = STUDIES[0]!
    for (const told of [
      { hands: hand, where: { place: 'turn' } },
      { where: { place: 'turn', player: hand } },
      { hands: hand },
    ] as const) {
      const item = planAfter(study, told).plan.days[0]!.items.find(({ where }) => where !== undefined)!
      expect(item).toMatchObject({ hands: hand, stage: `${hand}-alone`, test: false })
      expect(item.tempo).toBeLessThanOrEqual(110)
    }
  })

  it('is over once the place or the whole was right', () => {
    const [, study] = STUDIES[0]!
    const wrong = entryOf(study, dateOf(NOW - 3), { outcome: 'wrong', hands: 'left', where: { place: 'turn' } })
    const items = (...more: Entry[]) =>
      planned(preparationFor({ ...AIM, today: TODAY, studies: [study], record: [wrong, ...more] })).plan.days[0]!.items
    expect(items().some(({ where }) => where !== undefined)).toBe(true)
    const mended = entryOf(study, YESTERDAY, { hands: 'left', kind: 'home' })
    expect(items(mended).some(({ where }) => where !== undefined)).toBe(false)
    expect(items(entryOf(study, YESTERDAY)).some(({ where }) => where !== undefined)).toBe(false)
    // the other hand says nothing of this one
    const other = entryOf(study, YESTERDAY, { hands: 'right', kind: 'home' })
    expect(items(other).some(({ where }) => where !== undefined)).toBe(true)
  })

  it('as a teacher types it stands first in the week, and on paper', () => {
    const studies = someStudies(4)
    const [heard] = readSpokenLine('C major wrong at the turn, left hand', studies)
    expect(heard).toMatchObject({ outcome: 'wrong', place: 'turn', hands: 'left' })
    const told = entryOf(studies[heard!.studies[0]!]!, YESTERDAY, {
      ...{ outcome: 'wrong', kind: 'lesson', hands: heard!.hands!, where: { place: heard!.place! } },
    })
    const preparation = preparationFor({ ...AIM, today: TODAY, studies, record: [told] })
    const { states, plan } = planned(preparation)
    const lines = proposedLines(
      { days: plan.days, targets: preparation.targets, states, ids: studies.map(() => null), fresh: new Set() },
      { from: NOW - 1, until: NOW + 6 },
      () => 'id',
    )
    expect(lines[0]).toMatchObject({ hands: 'left', where: { place: 'turn' }, because: 'wrong' })
    const file = practiceFile({ studies, record: [told], aim: { ...AIM, days: [...AIM.days], lesson: null } })
    const { pages } = weekSheet({ sheet: 'week', size: 'a4', name: 'Nina', practice: file }, faces(), wordingFor('en'))
    const texts = pages.flatMap(({ drawn }) => drawn.flatMap((one) => (one.kind === 'text' ? [one.text] : [])))
    expect(texts).toContain('left hand, around the turn')
  })
})
