import { listed } from '#core/message'
import type { RecipeInput } from '#core/instrument'
import type { Shelf, Study } from '#shared/api'
import { insertStudy, inTransaction, setsHolding, shelveStudies, type Pool } from './db'
import { quoted, refuse } from './messages'
import { notFound, HttpError } from './httpError'
import { contentsIn } from './work'

/** Stores several studies, all or none. @throws DomainError naming the recipe that cannot be realised */
export async function storeStudies(pool: Pool, studio: number, recipes: readonly RecipeInput[]): Promise<Study[]> {
  const contents = await contentsIn(recipes)
  return inTransaction(pool, async (db) => {
    const studies: Study[] = []
    for (const content of contents) studies.push(await insertStudy(db, studio, content))
    return studies
  })
}

/** A study that a pupil's set holds is not thrown away under it. */
export const inSets = (titles: readonly string[], path: string): HttpError =>
  new HttpError(409, refuse('study.in-set', { titles: listed(titles.map(quoted), 'comma') }, path).toData())

/** Moves studies to a shelf, all or none. @throws HttpError 404, or 409 where a set holds one that is thrown away */
export function moveStudies(pool: Pool, studio: number, ids: readonly string[], shelf: Shelf): Promise<void> {
  return inTransaction(pool, async (db) => {
    const moved = await shelveStudies(db, studio, ids, shelf)
    if (moved.length < ids.length) throw notFound('study')
    // asked once the studies are this transaction's: no set can take one in any more
    const held = shelf === 'bin' ? await setsHolding(db, studio, ids) : []
    if (held.length > 0) throw inSets(held, 'ids')
  })
}
