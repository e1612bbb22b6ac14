import {
  clearSession,
  getCookie,
  getRequestHeader,
  type H3Event,
  type SessionConfig,
  unsealSession,
  updateSession,
} from 'h3'
import { installationSecret } from './secrets'

const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/i

/** Whether a request came to this machine itself: there alone a cookie may go without TLS. */
const isLoopback = (event: H3Event): boolean => LOOPBACK.test(getRequestHeader(event, 'host') ?? '')

/** Days that a browser keeps it; the database ends it earlier (sessions.ts). */
const DAYS = 90

function configFor(event: H3Event): SessionConfig {
  const secure = !isLoopback(event)
  return {
    password: installationSecret(),
    // a browser takes this prefix only from TLS, and for this host alone
    name: secure ? '__Host-tactum' : 'tactum',
    maxAge: DAYS * 86_400,
    sessionHeader: false,
    cookie: { httpOnly: true, sameSite: 'lax', secure, path: '/' },
  }
}

/** The secret of a session, from its sealed cookie; null where there is none, or it is not ours. */
export async function sessionToken(event: H3Event): Promise<string | null> {
  const config = configFor(event)
  const cookie = getCookie(event, config.name!)
  if (!cookie) return null
  try {
    const { data } = await unsealSession(event, config, cookie)
    return typeof data?.token === 'string' ? data.token : null
  } catch {
    return null
  }
}

export const giveCookie = async (event: H3Event, token: string): Promise<void> => {
  // whatever was there before is forgotten: nobody else's session is gone on with
  await clearSession(event, configFor(event))
  await updateSession(event, configFor(event), { token })
}

export const takeCookie = (event: H3Event): Promise<void> => clearSession(event, configFor(event))
