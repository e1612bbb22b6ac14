/**
 * People: who may come in, how, and what of a studio is theirs. Secrets are kept as hashes; passwords as scrypt leaves
 * them; the walls themselves are the database's (migration 012).
 */
export { asksSignIn, asPupil, type Identity, pupilBy, pupilOf, scopeOf, signedIn, teacherOf } from './identity'
export { linkOf, renewLink, withdrawLink } from './links'
export { countTry } from './limits'
export { handPupilOver, peopleOf, refuseShared, sharePupil } from './pupils'
export {
  acceptInvitation,
  firstOwner,
  invited,
  makeOwner,
  sessionOfSigned,
  sessionState,
  signIn,
  signOut,
} from './signIn'
export { changePassword, inviteAgain, inviteTeacher, teacherLeaves } from './teachers'
