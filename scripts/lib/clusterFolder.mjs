import fs from 'node:fs'
import path from 'node:path'
import { BACKUPS } from './places.mjs'
import { commandWords, pause, say, Stop } from './run.mjs'

/** What an interrupted first start leaves, and nothing else: it begins again. */
const UNFINISHED = new Set(['password', 'data.new'])
/** What a database has, besides everything else, to be one. */
const NEEDED = [path.join('data', 'PG_VERSION'), path.join('data', 'global', 'pg_control'), 'password']

const entriesOf = (folder) => (fs.existsSync(folder) ? fs.readdirSync(folder) : [])

/**
 * Whether a folder holds a database (`whole`), or nothing that anybody could miss (`new`).
 * @throws Stop for anything else: it is left as it is, and named
 */
export function stateOf(home) {
  const entries = entriesOf(home)
  if (entries.every((name) => UNFINISHED.has(name))) return 'new'
  const lacking = NEEDED.filter((name) => !fs.existsSync(path.join(home, name)))
  if (lacking.length === 0) return 'whole'
  throw new Stop(
    `${home} is not empty, and is no whole database: ${lacking.join(', ')} ${lacking.length > 1 ? 'are' : 'is'} missing.\n` +
      'Nothing in it was touched. You can\n' +
      '  start on another folder:       npm start -- --data FOLDER\n' +
      '  or go back to a backup:        npm run restore -- FILE --replace   (what is there is moved aside, not deleted)\n' +
      `Backups lie in ${BACKUPS}.`,
  )
}

/** The version of PostgreSQL that wrote a database. */
export const versionOf = (home) => fs.readFileSync(path.join(home, 'data', 'PG_VERSION'), 'utf8').trim()

/** Moves what is no whole database out of the way, under a name that says so. @returns where it lies */
export function moveAside(home) {
  const stamp = new Date().toISOString().slice(0, 19).replaceAll(/[-:]/g, '')
  const aside = `${home}.damaged-${stamp}`
  fs.renameSync(home, aside)
  return aside
}

const pidFile = (home) => path.join(home, 'data', 'postmaster.pid')

/** The database server that runs on a folder, and its port; null where none does. */
export function runningOn(home) {
  const file = pidFile(home)
  if (!fs.existsSync(file)) return null
  const lines = fs.readFileSync(file, 'utf8').split('\n')
  const [pid, port] = [Number(lines[0]), Number(lines[3])]
  return commandWords(pid).includes(path.join(home, 'data')) ? { pid, port } : null
}

/** After a hard end a server may still run, or its pid file may name another process; look before touching either. */
export async function clearLeftover(home) {
  const left = runningOn(home)
  if (left) {
    say('• stopping a database left over from an earlier run …')
    process.kill(left.pid, 'SIGINT')
    for (let tries = 0; tries < 100 && runningOn(home); tries++) await pause(100)
  }
  fs.rmSync(pidFile(home), { force: true })
}
