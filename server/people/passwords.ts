import { Scrypt } from '@adonisjs/hash/drivers/scrypt'
import { dictionary } from '@zxcvbn-ts/language-common'
import { MAX_PASSWORD, MIN_PASSWORD } from '#shared/people'
import { refuse } from '../messages'

/** Costs of one guess: 32 MB and about 0.2 s of this kind of machine (OWASP Password Storage: N=2^15, r=8, p=3). */
const scrypt = new Scrypt({ cost: 2 ** 15, blockSize: 8, parallelization: 3, maxMemory: 64 * 2 ** 20 })

const common = new Set(dictionary.passwords)

/** The same letters may be typed in several ways (NIST SP 800-63B, 5.1.1.2). */
const whole = (password: string): string => password.normalize('NFKC')

/** @throws DomainError for one that is too short, or that is tried first */
export function checkPassword(password: string, name: string): void {
  const text = whole(password)
  const length = [...text].length
  if (length < MIN_PASSWORD || length > MAX_PASSWORD)
    throw refuse('password.length', { least: MIN_PASSWORD, most: MAX_PASSWORD }, 'password')
  const plain = text.toLowerCase()
  // a word with a number or a sign behind it is tried as early as the word
  const bare = plain.replace(/[\d\W_]+$/, '')
  if ([plain, bare].some((each) => common.has(each)) || plain.includes(name.toLowerCase()))
    throw refuse('password.common', {}, 'password')
}

export const hashed = (password: string): Promise<string> => scrypt.make(whole(password))

/** A hash that no password has: whoever does not exist takes as long as whoever does. */
let nobody: Promise<string> | undefined

/** Whether a password is the one that was hashed; false where there is none, and as late. */
export async function isPassword(hash: string | null, password: string): Promise<boolean> {
  nobody ??= scrypt.make(Math.random().toString())
  const right = await scrypt.verify(hash ?? (await nobody), whole(password))
  return right && hash !== null
}
