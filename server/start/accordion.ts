import { familyOf, movedTo, type Recipe, type RecipeInput } from '#core/instrument'
import { DomainError } from '#core/message'
import { type Db, runOnce, inTransaction, type Pool, studioIds, studiesOfPupils, updateStudy } from '../db'
import { contentOf } from '../studies'

/** A piano's study as an accordion plays it: the right hand's fingers stay where they are pinned, the left has none. */
function moved(recipe: Recipe): RecipeInput {
  const { octaves, course, tempo, articulation, touch, signature } = recipe
  const hands = recipe.hands === 'left' ? 'left' : 'right'
  return {
    ...recipe,
    ...movedTo(recipe, 'accordion'),
    ...{ hands, octaves, course, tempo, articulation, touch, signature },
  }
}

/**
 * Accordion pupils had the piano's studies before there was an accordion: theirs alone become accordion studies, once.
 * What an accordion cannot play stays as it is.
 */
export function moveAccordionStudies(pool: Pool): Promise<void> {
  return inTransaction(pool, async (db) => {
    if (!(await runOnce(db, 'accordion-studies'))) return
    for (const studio of await studioIds(db)) await moveIn(db, studio)
  })
}

async function moveIn(db: Db, studio: number): Promise<void> {
  for (const { id, recipe, version } of await studiesOfPupils(db, studio, 'accordion')) {
    if (familyOf(recipe).plays !== 'fingers') continue
    try {
      await updateStudy(db, studio, id, version, contentOf(moved(recipe)))
    } catch (error) {
      if (!(error instanceof DomainError)) throw error
    }
  }
}
