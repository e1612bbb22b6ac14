import { listStudios, poolFor } from '../../db'
import { route } from '../../http'

/** Studios on one's own machine; where people sign in, the one that they work in. */
export default route('GET /api/studios', ({ db, asker }) =>
  listStudios(asker.kind === 'machine' ? poolFor({ who: 'machine' }) : db),
)
