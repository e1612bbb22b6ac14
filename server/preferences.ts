import type { Preferences } from '#shared/api'
import { type Db, preferPupil } from './db'
import { notFound } from './httpError'
import { refuse } from './messages'

/** Choices that are remembered of one pupil: more than all lists together leave open. */
const MAX_CHOICES = 600

/**
 * Remembers how a pupil plays, and what was chosen for them. Run it in a transaction: what is one too many undoes it.
 * @throws HttpError 404, DomainError
 */
export async function rememberPreferences(
  db: Db,
  studio: number,
  id: string,
  some: Partial<Preferences>,
): Promise<void> {
  const choices = await preferPupil(db, studio, id, some)
  if (choices === null) throw notFound('pupil')
  if (choices > MAX_CHOICES) throw refuse('choices.most', { most: MAX_CHOICES }, 'choices')
}
