import { syllabusOf } from '#shared/schemas'
import { allSyllabi, runOnce, inTransaction, type Pool, reshapeSyllabus, studioIds } from '../db'

/** Each time that lists came to say more. */
const RESHAPED = ['syllabi-say-who-chooses', 'syllabi-say-bass-and-bellows'] as const

/** Lists that were stored when a list said less get the fields of today, once; what they say stays. */
export function reshapeSyllabi(pool: Pool): Promise<void> {
  return inTransaction(pool, async (db) => {
    const fresh: boolean[] = []
    for (const name of RESHAPED) fresh.push(await runOnce(db, name))
    if (!fresh.some(Boolean)) return
    for (const studio of await studioIds(db)) {
      for (const { document } of await allSyllabi(db, studio)) await reshapeSyllabus(db, studio, syllabusOf(document))
    }
  })
}
