import { getStudio, inTransaction, insertPupil, type Pool, preferPupil } from './db'

/** Adds a pupil; one who plays what is taught here plays it on the make that is taught. @returns the id */
export const newPupil = (pool: Pool, studio: number, pupil: Parameters<typeof insertPupil>[2]): Promise<string> =>
  inTransaction(pool, async (db) => {
    const id = await insertPupil(db, studio, pupil)
    const { instrument, make } = (await getStudio(db, studio)).settings
    if (instrument === pupil.instrument && Object.keys(make).length > 0)
      await preferPupil(db, studio, id, { settings: make })
    return id
  })
