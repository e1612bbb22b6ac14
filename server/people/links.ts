import type { PupilLink } from '#shared/people'
import { deleteLink, getLink, getPupil, holdPupil, inTransaction, type Pool, writeLink } from '../db'
import { notFound } from '../httpError'
import { hashOf, newToken, sealed, unsealed } from './secrets'

const pathOf = (token: string): string => `/p/${token}`

/** A pupil's own page; null where there is none. @throws HttpError 404 */
export async function linkOf(pool: Pool, studio: number, pupil: string): Promise<PupilLink | null> {
  if (!(await getPupil(pool, studio, pupil))) throw notFound('pupil')
  const stored = await getLink(pool, studio, pupil)
  if (!stored) return null
  const { sealed: text, ...link } = stored
  const token = unsealed(text)
  return { ...link, path: token === null ? null : pathOf(token) }
}

/** Opens a page for a pupil; an earlier address is withdrawn by that. @throws HttpError 404 */
export async function renewLink(pool: Pool, studio: number, pupil: string): Promise<{ path: string }> {
  const token = newToken()
  await inTransaction(pool, async (db) => {
    if (!(await holdPupil(db, studio, pupil))) throw notFound('pupil')
    await writeLink(db, studio, pupil, { hash: hashOf(token), sealed: sealed(token) })
  })
  return { path: pathOf(token) }
}

/** Closes a pupil's page. @throws HttpError 404 */
export async function withdrawLink(pool: Pool, studio: number, pupil: string): Promise<void> {
  if (!(await getPupil(pool, studio, pupil))) throw notFound('pupil')
  await deleteLink(pool, studio, pupil)
}
