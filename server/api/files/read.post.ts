import { readBytes, route } from '../../http'
import { thread } from '../../work'

/** Files of music are larger than what else is sent. */
const MAX_BYTES = 10_000_000

export default route('POST /api/files/read', async ({ event }) =>
  thread('open', { bytes: await readBytes(event, MAX_BYTES) }),
)
