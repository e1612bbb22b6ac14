import { idParam, route } from '../../../http'
import { inviteAgain } from '../../../people'

/** A new one-time address: for whoever was invited, or has forgotten the password. */
export default route(
  'POST /api/teachers/:id/invitation',
  ({ event, db, studio }) => inviteAgain(db, studio, idParam(event, 'teacher')),
  'office',
)
