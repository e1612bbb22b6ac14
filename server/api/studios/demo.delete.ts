import { route } from '../../http'
import { dropDemo } from '../../studios'

/** Deletes the demo and what was changed in it; a studio of one's own is opened. */
export default route('DELETE /api/studios/demo', ({ db }) => dropDemo(db), 'machine')
