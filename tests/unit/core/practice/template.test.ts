import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { completeRecipe, families, familyOf, type Recipe } from '#core/instrument'
import { preparationFor, prepare, targetOf } from '#core/practice'
import { entryOf, someStudies, TODAY } from '../../../support/practice'
import { runs } from '../../../support/runs'

/** A study of each family as it usually is. */
const DEFAULT = families().map(({ instruments: [first] }) =>
  completeRecipe({ instrument: first!.id, material: { tonic: 'D', kind: 'major' }, octaves: 2 }),
)
const NEEDED = ['tempo', 'cold']

/** A teacher's own order: some of the stages, tempo among them, cold tests last. */
const anyTemplate = (recipe: Recipe) => {
  const { usual } = familyOf(recipe).route
  const others = usual.filter(({ stage }) => !NEEDED.includes(stage))
  return fc
    .tuple(fc.shuffledSubarray([...others]), fc.nat(), fc.integer({ min: 1, max: 20 }))
    .map(([some, at, minutes]) => {
      const steps = [...some]
      steps.splice(at % (some.length + 1), 0, { stage: 'tempo', minutes })
      return [...steps, { stage: 'cold', minutes: 1 }]
    })
}

describe('a teacher’s own way through a study', () => {
  it.each(DEFAULT.map((recipe) => [familyOf(recipe).id, recipe] as const))(
    'has its stages in its order, with its minutes: %s',
    (_, recipe) => {
      fc.assert(
        fc.property(anyTemplate(recipe), (template) => {
          const { stages } = targetOf(recipe, template)
          // hands alone are two stages of one step
          const steps = stages.map(({ id }) => (id.endsWith('-alone') ? 'alone' : id))
          const order = steps.filter((id, at) => id !== steps[at - 1])
          const named = template.map(({ stage }) => stage)
          expect(named.filter((stage) => order.includes(stage))).toEqual(order)
          expect(order.at(-1)).toBe('cold')
          expect(order).toContain('tempo')
          for (const { id, minutes } of stages) {
            const step = template.find(({ stage }) => stage === (id.endsWith('-alone') ? 'alone' : id))!
            expect(minutes).toBe(step.minutes)
          }
        }),
        { numRuns: runs(60) },
      )
    },
  )

  it('is planned from the first of its stages to the last', () => {
    const [study] = someStudies(1)
    const template = [
      { stage: 'together', minutes: 6 },
      { stage: 'tempo', minutes: 5 },
      { stage: 'cold', minutes: 1 },
    ]
    const preparation = preparationFor({
      ...{ today: TODAY, exam: '2027-03-12', minutesADay: 10, days: ['mon', 'wed', 'fri'], record: [] },
      ...{ studies: [study!], templateFor: () => template },
    })
    const stages = prepare(preparation).plan.days.flatMap(({ items }) => items.map(({ stage }) => stage))
    expect([...new Set(stages)]).toEqual(['together', 'tempo', 'cold'])
  })

  it('takes up an old record where the new way has no such stage', () => {
    const [study] = someStudies(1)
    const record = [entryOf(study!, '2026-11-20', { kind: 'home', hands: 'right', octaves: 1, stage: 'right-alone' })]
    const template = [
      { stage: 'tempo', minutes: 5 },
      { stage: 'cold', minutes: 1 },
    ]
    const preparation = preparationFor({
      ...{ today: TODAY, exam: '2027-03-12', minutesADay: 10, days: ['mon'], record },
      ...{ studies: [study!], templateFor: () => template },
    })
    const { states } = prepare(preparation)
    expect(preparation.targets[0]!.stages[states[0]!.stage]!.id).toBe('tempo')
  })
})
