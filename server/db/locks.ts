import type { Db } from './pool'

/**
 * Holds a pupil until the transaction ends: it may be changed meanwhile, but not moved to the trash or deleted. Whoever
 * adds to what a pupil has does this first, so that it goes to the trash with the pupil, or is refused.
 * @returns false where there is no such pupil
 */
export async function holdPupil(db: Db, studio: number, id: string): Promise<boolean> {
  const { rowCount } = await db.query('select from pupil where studio_id = $1 and id = $2 for key share', [studio, id])
  return rowCount === 1
}

/** The same of a set. */
export async function holdSet(db: Db, studio: number, id: string): Promise<boolean> {
  const { rowCount } = await db.query('select from study_set where studio_id = $1 and id = $2 for key share', [
    studio,
    id,
  ])
  return rowCount === 1
}
