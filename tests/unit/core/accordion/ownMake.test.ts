import { describe, expect, it } from 'vitest'
import { parseCall, writeCall } from '#core/call'
import { altered, broughtUp, completeRecipe, narrowed, type PlayerSettings, type RecipeInput } from '#core/instrument'
import { DomainError } from '#core/message'
import { realise } from '#core/realise'
import { BASS_ROWS, BASSES, boardOf, boardSize, buttonsOn, isUsualMake, usualMake } from '#core/surface'
import { accordion, buttonsOf, TWELVE } from '../../../support/accordion'
import { someOf } from '../../../support/night'

const row = (bass: (typeof BASSES)[number]) => usualMake(bass)
const spot = (text: string) => text.split(' ')

describe('a board of one’s own make', () => {
  it('has as many buttons as its rows and columns, but for those that are missing', () => {
    for (const bass of BASSES) {
      expect([boardSize(row(bass)), isUsualMake(row(bass))]).toEqual([bass, true])
      const missing = [
        { row: 'fundamental', column: 0 },
        { row: 'counterbass', column: 99 },
      ] as const
      const make = { ...row(bass), missing }
      expect([boardSize(make), isUsualMake(make)]).toEqual([bass - 1, false])
      const wide = { bass, columns: { from: -12, to: 12 }, rows: BASS_ROWS }
      expect([boardSize(wide), isUsualMake(wide)]).toEqual([150, false])
    }
  })

  it('is played on the buttons that it has, whichever is missing', () => {
    const { from, to, rows } = boardOf(row(48))
    for (let column = from; column <= to; column++) {
      for (const each of rows) {
        const make = { bass: 48, missing: [{ row: each, column }] } as const
        for (const tonic of someOf(TWELVE, 3, column - from + rows.indexOf(each))) {
          try {
            const study = accordion(tonic, 'major', { ...make, left: { part: 'scale' } }, { hands: 'left', octaves: 1 })
            expect(buttonsOn(boardOf(study.recipe.accordion))).toHaveLength(47)
            const played = study.bass!.buttons.map((button) => [button.row, button.column])
            expect(played).not.toContainEqual([each, column])
          } catch (error) {
            if (!(error instanceof DomainError)) throw error
            expect(error.code).toBe('bass.lacks')
          }
        }
      }
    }
  })

  it('finds another way where the counterbass is missing, and says what a smaller board has not', () => {
    const plain = accordion('C', 'major', { left: { part: 'scale' } }, { hands: 'left' })
    expect(spot(buttonsOf(plain))).toContain('c0')
    const without = { row: 'counterbass', column: 0 } as const
    const own = accordion('C', 'major', { missing: [without], left: { part: 'scale' } }, { hands: 'left' })
    expect(spot(buttonsOf(own))).not.toContain('c0')
    expect(spot(buttonsOf(own))).toContain('f4')
    const narrow = { bass: 48, columns: { from: -1, to: 2 }, rows: ['fundamental', 'major'] } as const
    expect(() => accordion('E', 'major', { ...narrow, left: { part: 'chords' } }, { hands: 'left' })).toThrowError(
      expect.objectContaining({ code: 'bass.lacks', params: expect.objectContaining({ bass: 8 }) }),
    )
  })

  it('is whole again with another size, whoever says it: a study, a pupil, a call', () => {
    const own: PlayerSettings = { instrument: 'accordion', accordion: { bass: 48, columns: { from: -2, to: 3 } } }
    const study = { ...own, material: { tonic: 'C', kind: 'major' } } as RecipeInput
    const columnsAfter = (next: RecipeInput) => (completeRecipe(next) as { accordion?: object }).accordion
    for (const bass of BASSES) {
      const usual = bass === 48 ? { columns: { from: -2, to: 3 } } : usualMake(bass)
      expect(columnsAfter(altered(study, { accordion: { bass } }))).toMatchObject(usual)
      expect(columnsAfter(altered(completeRecipe(study) as RecipeInput, { accordion: { bass } }))).toMatchObject(usual)
      const taken = narrowed(own, { ...study, accordion: { bass } } as RecipeInput)
      expect(columnsAfter(taken)).toMatchObject(usual)
    }
  })

  it('is told on a line and read again, and brought up where it was stored before', () => {
    const make = {
      bass: 72,
      rows: ['counterbass', 'fundamental', 'major', 'seventh'],
      columns: { from: -4, to: 5 },
      missing: [
        { row: 'counterbass', column: -4 },
        { row: 'seventh', column: 5 },
      ],
    } as const
    const recipe = completeRecipe({
      ...{ instrument: 'accordion', material: { tonic: 'D', kind: 'major' }, hands: 'left', accordion: make },
    } as RecipeInput)
    const [again] = parseCall(writeCall(recipe)).studies
    expect(completeRecipe(again!)).toEqual(recipe)
    const { columns: _, missing: __, ...before } = (recipe as unknown as { accordion: typeof make }).accordion
    const stored = { ...recipe, accordion: { ...before, rows: row(72).rows } }
    const up = broughtUp(stored).recipe as RecipeInput
    expect((up as { accordion: object }).accordion).toMatchObject({ columns: row(72).columns, missing: [] })
    expect(realise(up).recipe).toEqual(up)
  })
})
