import type { Studio } from '#shared/api'
import type { StudioSettings } from '#shared/studio'
import { deleteDemo, getStudio, inTransaction, insertStudio, listStudios, openStudio, type Pool } from './db'
import { restoreDemo } from './demo'
import { notFound } from './httpError'
import { refuse } from './messages'

/** Makes an empty studio, with nothing of the demo in it, and opens it. */
export const startStudio = (
  pool: Pool,
  called: Pick<Studio, 'name' | 'teacher'> & { readonly settings?: Partial<StudioSettings> },
): Promise<Studio> =>
  inTransaction(pool, async (db) => {
    const id = await insertStudio(db, { ...called, isDemo: false })
    await openStudio(db, id)
    return getStudio(db, id)
  })

/** Opens a studio. @throws HttpError 404 */
export async function switchStudio(pool: Pool, id: number): Promise<Studio> {
  if (!(await openStudio(pool, id))) throw notFound('studio')
  return getStudio(pool, id)
}

/** Deletes the demo, so that a studio of one's own is open. @throws DomainError where there is no other */
export const dropDemo = (pool: Pool): Promise<Studio> =>
  inTransaction(pool, async (db) => {
    const own = (await listStudios(db)).find(({ isDemo }) => !isDemo)
    if (!own) throw refuse('studio.only', {}, '')
    await deleteDemo(db)
    await openStudio(db, own.id)
    return getStudio(db, own.id)
  })

let laying: Promise<number> | undefined

/** The demo as on the first day, opened; a teacher's own studios stay as they are. Asked twice at once, it is made once. */
export async function openDemo(pool: Pool): Promise<Studio> {
  laying ??= restoreDemo(pool).finally(() => {
    laying = undefined
  })
  return switchStudio(pool, await laying)
}
