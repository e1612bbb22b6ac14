import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { readChecked, route } from '../../http'
import { inviteTeacher, signedIn } from '../../people'

/** Invites somebody to teach here, by a one-time address. */
export default route(
  'POST /api/teachers',
  async ({ event, db, studio, asker }) => {
    signedIn(asker)
    const invitation = await inviteTeacher(db, studio, await readChecked(event, bodies.teacher))
    setResponseStatus(event, 201)
    return invitation
  },
  'office',
)
