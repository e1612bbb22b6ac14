import { importArchive, MAX_ARCHIVE } from '../../archives'
import { readBytes, route } from '../../http'

/** Brings an archive into the studio, whole or not at all. */
export default route('POST /api/archive', async ({ event, db, studio }) =>
  importArchive(db, studio, await readBytes(event, MAX_ARCHIVE)),
)
