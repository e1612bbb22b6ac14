import { MAX_ARCHIVE, previewArchive } from '../../archives'
import { readBytes, route } from '../../http'

/** What an archive would bring in; nothing is stored. */
export default route('POST /api/archive/preview', async ({ event }) =>
  previewArchive(await readBytes(event, MAX_ARCHIVE)),
)
