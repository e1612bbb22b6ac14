import { idParam, route } from '../../../http'
import { peopleOf, signedIn } from '../../../people'

/** Whose a pupil is, and who else sees the pupil. */
export default route('GET /api/pupils/:id/people', ({ event, db, asker }) =>
  peopleOf(db, signedIn(asker), idParam(event, 'pupil')),
)
