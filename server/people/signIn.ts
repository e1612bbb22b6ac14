import { getRequestHeader, type H3Event } from 'h3'
import { timingSafeEqual } from 'node:crypto'
import type { SessionState, SignedIn } from '#shared/people'
import {
  endSession,
  endSessions,
  getStudio,
  getTeacher,
  giveAll,
  hasOwner,
  insertSession,
  insertStudio,
  insertTeacher,
  inTransaction,
  invitedBy,
  isTaken,
  loginNamed,
  openStudio,
  type Pool,
  poolFor,
  setPassword,
  unownedStudio,
  useInvitation,
} from '../db'
import { placeOf } from '../http/origin'
import { HttpError } from '../httpError'
import { refuse } from '../messages'
import { giveCookie, sessionToken, takeCookie } from './cookie'
import { asksSignIn, door, teacherOf } from './identity'
import { checkLimit, countTry, forgetTries } from './limits'
import { checkPassword, hashed, isPassword } from './passwords'
import { hashOf, newToken } from './secrets'

/** Characters of a browser's name that are kept. */
const MAX_AGENT = 200

/** Who has just come in. */
interface Begun {
  readonly studio: number
  readonly teacher: string
}

/** Begins a session: a new secret each time, so that none is gone on with that was there before. */
async function begin(event: H3Event, studio: number, teacher: string): Promise<Begun> {
  const token = newToken()
  const agent = (getRequestHeader(event, 'user-agent') ?? '').slice(0, MAX_AGENT)
  await inTransaction(door(), (db) => insertSession(db, { studio, teacher, hash: hashOf(token), agent }))
  await giveCookie(event, token)
  return { studio, teacher }
}

/** Lets somebody in. @throws HttpError 401, 429 */
export async function signIn(event: H3Event, { name, password }: { name: string; password: string }): Promise<Begun> {
  const place = placeOf(event)
  await checkLimit('sign-in-name', name.toLowerCase())
  await checkLimit('sign-in-place', place)
  const login = await loginNamed(door(), name)
  if (!(await isPassword(login?.password ?? null, password))) {
    await countTry('sign-in-name', name.toLowerCase())
    await countTry('sign-in-place', place)
    throw new HttpError(401, refuse('sign-in.wrong', {}, 'password').toData())
  }
  await forgetTries('sign-in-name', name.toLowerCase())
  return begin(event, login!.studio, login!.id)
}

/** Ends the session of a request. */
export async function signOut(event: H3Event): Promise<void> {
  const token = await sessionToken(event)
  if (token) await endSession(door(), hashOf(token))
  await takeCookie(event)
}

/** What a page is told before anything else. */
export async function sessionState(event: H3Event): Promise<SessionState> {
  if (!asksSignIn()) return { signIn: false, needsOwner: false, teacher: null }
  const found = await teacherOf(event)
  if (!found) return { signIn: true, needsOwner: !(await hasOwner(door())), teacher: null }
  return sessionOfSigned(found)
}

/** The same of somebody who is in. */
export async function sessionOfSigned({ studio, teacher: id }: Begun): Promise<SessionState> {
  const office = poolFor({ who: 'office', studio })
  const { name, role } = (await getTeacher(office, studio, id))!
  const teacher: SignedIn = { id, name, role, studio: (await getStudio(office, studio)).name }
  return { signIn: true, needsOwner: false, teacher }
}

interface NewOwner {
  readonly studio: string
  readonly name: string
  readonly password: string
}

/** @throws DomainError where somebody else has the name */
async function withFreeName<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work()
  } catch (error) {
    if (isTaken(error)) throw refuse('teacher.taken', {}, 'name')
    throw error
  }
}

/**
 * Makes a studio with an owner. A studio of that name that nobody signs in to yet, and that is no demo, becomes the
 * owner's with all that is in it.
 * @param pool of one who sees every studio
 * @throws DomainError naming the field
 */
export async function makeOwner(pool: Pool, { studio: called, name, password }: NewOwner) {
  checkPassword(password, name)
  const hash = await hashed(password)
  return withFreeName(() =>
    inTransaction(pool, async (db) => {
      const studio =
        (await unownedStudio(db, called)) ?? (await insertStudio(db, { name: called, teacher: name, isDemo: false }))
      const teacher = await insertTeacher(db, studio, { name, role: 'owner', password: hash })
      await giveAll(db, studio, teacher)
      await openStudio(db, studio)
      return { studio, teacher }
    }),
  )
}

/** Whether a secret is the one that the start printed. */
function isFirstSecret(token: string): boolean {
  const wanted = Buffer.from(process.env.TACTUM_FIRST_OWNER ?? '')
  const given = Buffer.from(token)
  return wanted.length >= 16 && wanted.length === given.length && timingSafeEqual(wanted, given)
}

/** Makes the first owner, by the address that the start printed. @throws HttpError 404 where there is one already */
export async function firstOwner(event: H3Event, { token, ...owner }: NewOwner & { token: string }): Promise<Begun> {
  await countTry('link', placeOf(event))
  if (!isFirstSecret(token) || (await hasOwner(door()))) throw invitationGone()
  const { studio, teacher } = await makeOwner(poolFor({ who: 'machine' }), owner)
  return begin(event, studio, teacher)
}

const invitationGone = (): HttpError => new HttpError(404, refuse('invitation.gone', {}, 'token').toData())

/** Whom an invitation is for. @throws HttpError 404, 429 */
export async function invited(event: H3Event, token: string) {
  const found = await invitedBy(poolFor({ who: 'machine' }), hashOf(token))
  if (found) return found
  await countTry('link', placeOf(event))
  throw invitationGone()
}

/** Takes an invitation: sets a password, ends what was open under an old one, and signs in. @throws HttpError 404, DomainError */
export async function acceptInvitation(event: H3Event, token: string, password: string): Promise<Begun> {
  const { studio, teacher, name } = await invited(event, token)
  checkPassword(password, name)
  const hash = await hashed(password)
  await inTransaction(door(), async (db) => {
    if (!(await useInvitation(db, hashOf(token)))) throw invitationGone()
    await setPassword(db, studio, teacher, hash)
    await endSessions(db, studio, teacher)
  })
  return begin(event, studio, teacher)
}
