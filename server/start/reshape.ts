import { syllabusOf } from '#shared/schemas'
import { allSyllabi, claim, inTransaction, type Pool, reshapeSyllabus } from '../db'

/** Lists that were stored when a list said less get the fields of today, once; what they say stays. */
export function reshapeSyllabi(pool: Pool, studio: number): Promise<void> {
  return inTransaction(pool, async (db) => {
    if (!(await claim(db, 'syllabi-say-who-chooses'))) return
    for (const { document } of await allSyllabi(db, studio)) await reshapeSyllabus(db, studio, syllabusOf(document))
  })
}
