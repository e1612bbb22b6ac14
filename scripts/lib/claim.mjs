import fs from 'node:fs'
import path from 'node:path'
import { believed, claimMark } from './marks.mjs'
import { DATA } from './places.mjs'
import { Stop } from './run.mjs'

const CLAIM = path.join(DATA, 'start.pid')

/** Programs that work on a data folder alone. */
const PROGRAMS = ['start.mjs', 'archive.mjs', 'backup.mjs', 'restore.mjs']

/** The process that works on this data folder, if one does. */
export const claimant = () => PROGRAMS.map((program) => believed(CLAIM, program)).find(Boolean) ?? null

/**
 * Takes the data folder: two programs on one would fight over the database.
 * @param {number} [port] on which it will be served
 * @throws Stop where another has it
 */
export function claimFolder(port) {
  fs.mkdirSync(DATA, { recursive: true })
  while (!claimMark(CLAIM, { pid: process.pid, port })) {
    const other = claimant()
    if (other) {
      const where = other.port ? `, http://127.0.0.1:${other.port}` : ''
      throw new Stop(`Tactum is already running from this folder (process ${other.pid}${where}).`)
    }
    // nobody stands behind it any more
    fs.rmSync(CLAIM, { force: true })
  }
  return { stop: async () => fs.rmSync(CLAIM, { force: true }) }
}
