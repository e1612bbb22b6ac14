import { randomBytes } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import { DATA } from './places.mjs'

/**
 * The secret of this installation, with which cookies and the addresses of pupils are sealed: `TACTUM_SECRET`, or a file
 * in the data folder that nobody else reads, made once.
 */
export function installationSecret() {
  if (process.env.TACTUM_SECRET) return process.env.TACTUM_SECRET
  const file = path.join(DATA, 'secret')
  fs.mkdirSync(DATA, { recursive: true })
  try {
    // whoever comes second reads what the first wrote
    fs.writeFileSync(file, randomBytes(32).toString('hex'), { mode: 0o600, flag: 'wx' })
  } catch (error) {
    if (/** @type {NodeJS.ErrnoException} */ (error).code !== 'EEXIST') throw error
  }
  return fs.readFileSync(file, 'utf8').trim()
}
