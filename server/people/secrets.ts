import { createCipheriv, createDecipheriv, createHash, hkdfSync, randomBytes } from 'node:crypto'

/** Bits of every secret address and of every cookie. */
const BYTES = 16

/** A secret that nobody can guess: 128 random bits, as an address takes them. */
export const newToken = (): string => randomBytes(BYTES).toString('base64url')

/** What is kept of a secret. It is random, so that one round tells nothing. */
export const hashOf = (token: string): Buffer => createHash('sha256').update(token).digest()

/** Characters of the installation's secret, at the least. */
const MIN_SECRET = 32

/**
 * The installation's secret: all its servers have the same, and it does not lie in the database (`TACTUM_SECRET`).
 * @throws Error where there is none
 */
export function installationSecret(): string {
  const secret = process.env.TACTUM_SECRET ?? ''
  if (secret.length < MIN_SECRET) throw new Error(`TACTUM_SECRET must have ${MIN_SECRET} characters at the least.`)
  return secret
}

const sealKey = (): Buffer => Buffer.from(hkdfSync('sha256', installationSecret(), '', 'addresses of pupils', 32))

/** A secret as it may lie in the database: sealed, so that only whoever has the installation's secret reads it. */
export function sealed(token: string): string {
  const nonce = randomBytes(12)
  const cipher = createCipheriv('aes-256-gcm', sealKey(), nonce)
  const text = Buffer.concat([cipher.update(token, 'utf8'), cipher.final()])
  return Buffer.concat([nonce, cipher.getAuthTag(), text]).toString('base64url')
}

/** What was sealed; null where it was with another secret. */
export function unsealed(text: string): string | null {
  const bytes = Buffer.from(text, 'base64url')
  try {
    const decipher = createDecipheriv('aes-256-gcm', sealKey(), bytes.subarray(0, 12))
    decipher.setAuthTag(bytes.subarray(12, 28))
    return Buffer.concat([decipher.update(bytes.subarray(28)), decipher.final()]).toString('utf8')
  } catch {
    return null
  }
}
