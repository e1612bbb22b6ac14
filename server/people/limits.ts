import { createHash } from 'node:crypto'
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { servicePool } from '../db'
import { HttpError } from '../httpError'
import { refuse } from '../messages'

interface Limit {
  readonly points: number
  /** Seconds. */
  readonly within: number
}

/** How often something may be tried, by whoever the key names. */
const LIMITS = {
  /** Wrong passwords for one name, and from one place. */
  'sign-in-name': { points: 8, within: 15 * 60 },
  'sign-in-place': { points: 40, within: 15 * 60 },
  /** Addresses that open nothing, from one place. */
  link: { points: 60, within: 15 * 60 },
} as const satisfies Record<string, Limit>
type LimitName = keyof typeof LIMITS

const limiters = new Map<LimitName, RateLimiterPostgres>()

/** Counted in the database, so that all servers count together. */
function limiterOf(name: LimitName): RateLimiterPostgres {
  const there = limiters.get(name)
  if (there) return there
  const { points, within } = LIMITS[name]
  const made = new RateLimiterPostgres({
    storeClient: servicePool(),
    storeType: 'pool',
    tableName: 'rate_limit',
    tableCreated: true,
    keyPrefix: name,
    points,
    duration: within,
  })
  limiters.set(name, made)
  return made
}

/** Who is counted is not written down. */
const keyOf = (who: string): string => createHash('sha256').update(who).digest('base64url')

const tooOften = ({ msBeforeNext }: RateLimiterRes): HttpError => {
  const seconds = Math.ceil(msBeforeNext / 1000)
  return new HttpError(429, refuse('too-often', { minutes: Math.ceil(seconds / 60) }, '').toData(), seconds)
}

/** @throws HttpError 429 where it was tried too often already */
export async function checkLimit(name: LimitName, who: string): Promise<void> {
  const found = await limiterOf(name).get(keyOf(who))
  if (found && found.consumedPoints >= LIMITS[name].points) throw tooOften(found)
}

/** Counts one try. @throws HttpError 429 where it is one too many */
export async function countTry(name: LimitName, who: string): Promise<void> {
  try {
    await limiterOf(name).consume(keyOf(who))
  } catch (error) {
    throw error instanceof RateLimiterRes ? tooOften(error) : error
  }
}

export const forgetTries = (name: LimitName, who: string): Promise<boolean> => limiterOf(name).delete(keyOf(who))
