import { backupState } from '../../backup'
import { route } from '../../http'

/** How the data is kept safe: copies that there are, and why the last one failed. */
export default route('GET /api/backups', () => backupState(), 'machine')
