import { getRouterParam } from 'h3'
import { restoreBackup } from '../../../backups'
import { route } from '../../../http'

/** Puts a copy in place of all that there is. */
export default route(
  'POST /api/backups/:id/restore',
  async ({ event }) => {
    await restoreBackup(getRouterParam(event, 'id') ?? '')
    return { ok: true }
  },
  'machine',
)
