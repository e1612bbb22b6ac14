import { getRequestHeader, type H3Event } from 'h3'
import { linkedPupil, poolFor, type Scope, type SessionHolder, sessionHolder } from '../db'
import { notFound } from '../httpError'
import { sessionToken } from './cookie'
import { hashOf } from './secrets'

/** Who asks. */
export type Identity =
  /** Whoever sits at the machine: nobody signs in there. */
  | { readonly kind: 'machine' }
  | ({ readonly kind: 'teacher' } & SessionHolder)
  /** Whoever has a pupil's address: reached under `/api/home` alone. */
  | { readonly kind: 'pupil'; readonly studio: number; readonly pupil: string; readonly hash: Buffer }

/** Whether this installation asks who one is: anywhere but on one's own machine. */
export const asksSignIn = (): boolean => process.env.TACTUM_SIGN_IN === '1'

/** Rows that only say who may come in. */
export const door = () => poolFor({ who: 'door' })

/** The pupil whose address a request bears (`Authorization: Bearer …`); null where it opens nothing. */
export async function pupilOf(event: H3Event): Promise<Identity | null> {
  const token = /^Bearer ([\w-]{22})$/.exec(getRequestHeader(event, 'authorization') ?? '')?.[1]
  return token ? pupilBy(token) : null
}

export async function pupilBy(token: string): Promise<Extract<Identity, { kind: 'pupil' }> | null> {
  const hash = hashOf(token)
  const found = await linkedPupil(door(), hash)
  return found && { kind: 'pupil', ...found, hash }
}

/** Who is signed in; null where nobody is. */
export async function teacherOf(event: H3Event): Promise<Extract<Identity, { kind: 'teacher' }> | null> {
  const token = await sessionToken(event)
  const holder = token ? await sessionHolder(door(), hashOf(token)) : null
  return holder && { kind: 'teacher', ...holder }
}

/** In whose name a request is answered, in a studio. */
export function scopeOf(identity: Identity, studio: number): Scope {
  if (identity.kind === 'teacher') return { who: 'teacher', studio, teacher: identity.teacher }
  if (identity.kind === 'pupil') return { who: 'pupil', studio, pupil: identity.pupil }
  return { who: 'office', studio }
}

/** Whoever is signed in. @throws HttpError 404 on one's own machine, where nobody is */
export function signedIn(asker: Identity): Extract<Identity, { kind: 'teacher' }> {
  if (asker.kind === 'teacher') return asker
  throw notFound('address')
}

/** Whoever has a pupil's address; the walls of the route let nobody else through. */
export function asPupil(asker: Identity): Extract<Identity, { kind: 'pupil' }> {
  if (asker.kind === 'pupil') return asker
  throw notFound('address')
}
