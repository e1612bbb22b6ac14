import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { compareStudies, differenceMessage } from '#core/compare'
import { DomainError, type Message } from '#core/message'
import type { RecipeInput } from '#core/instrument'
import { lineFor, playersIn, realise, type RealisedStudy } from '#core/realise'
import { COMPARED_PAIRS } from '../support/compared'
import { inEnglish } from '../support/english'
import { anyNamed, RUNS } from '../support/material'
import { runs } from '../support/runs'
import { anyPair, type Held, holds } from '../support/compared/holds'

/** Null where a key has no such name. */
function realisedOrNot(recipe: RecipeInput): RealisedStudy | null {
  try {
    return realise(recipe, {}, 0)
  } catch (error) {
    if (error instanceof DomainError) return null
    throw error
  }
}

const sentences = (a: RealisedStudy, b: RealisedStudy): Message[] => differenceMessage(a, b, compareStudies(a, b))

describe('what is said of two studies', () => {
  it.each(COMPARED_PAIRS.map(([a, b, words]) => [JSON.stringify([a, b]), a, b, words] as const))(
    '%s',
    (_, a, b, words) => {
      const said = sentences(realise(a, {}, 0), realise(b, {}, 0)).map(inEnglish)
      expect(said.map((each) => each.replace(/: \d+ against \d+$/, ''))).toEqual(
        words.map((each) => each.replace(/: \d+ against \d+$/, '')),
      )
    },
  )

  it('has sixty pairs and more, checked by hand', () => {
    expect(COMPARED_PAIRS.length).toBeGreaterThanOrEqual(60)
  })

  it('is found in the studies, sentence by sentence', () => {
    const checked = new Map<string, number>()
    fc.assert(
      fc.property(anyPair, ([one, other]) => {
        const [a, b] = [realisedOrNot(one), realisedOrNot(other)]
        fc.pre(a !== null && b !== null)
        for (const message of sentences(a, b)) {
          const held: Held = holds(message, a, b)
          expect(held.why, `${inEnglish(a.title)} | ${inEnglish(b.title)} | ${inEnglish(message)}`).toBe('')
          if (held.checked) checked.set(message.code, (checked.get(message.code) ?? 0) + 1)
        }
      }),
      { numRuns: runs(250) },
    )
    // which sentences come depends on what is drawn; that many of several sorts do does not
    expect(checked.size).toBeGreaterThanOrEqual(3)
    expect([...checked.values()].reduce((sum, each) => sum + each, 0)).toBeGreaterThan(runs(250))
  })

  it('is that nothing differs where a study is laid beside itself', () => {
    fc.assert(
      fc.property(anyNamed(RUNS), (material) => {
        const own = realise({ material } as RecipeInput, {}, 0)
        const codes = sentences(own, own).map(({ code }) => code)
        expect(new Set(codes)).toEqual(new Set(['diff.same-notes', 'diff.same-marks', 'diff.harder']))
        for (const player of playersIn(own)) expect(lineFor(own, player).notes.length).toBeGreaterThan(0)
      }),
    )
  })
})
