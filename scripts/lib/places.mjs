import { createHash } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('../..', import.meta.url)).replace(/\/$/, '')
/** Marks of what was installed and built, and bundles; git ignores it. */
export const KEPT = path.join(ROOT, '.tactum')

/** What `--data` says on the command line; commands that know no such option refuse it themselves. */
function dataOption(args = process.argv.slice(2)) {
  const at = args.findIndex((arg) => arg === '--data' || arg.startsWith('--data='))
  const option = args[at]
  if (option === undefined) return undefined
  return option.includes('=') ? option.slice('--data='.length) : args[at + 1]
}

const chosen = dataOption() || process.env.TACTUM_DATA
/** Where a running Tactum keeps its database, backups and logs; `--data` or `TACTUM_DATA` puts it elsewhere. */
export const DATA = chosen ? path.resolve(chosen) : KEPT
/** Copies of the database, beside it. */
export const BACKUPS = path.join(DATA, 'backups')

function* filesIn(place) {
  const stat = fs.statSync(place, { throwIfNoEntry: false })
  if (!stat) return
  if (stat.isFile()) {
    yield place
    return
  }
  for (const entry of fs.readdirSync(place).sort()) yield* filesIn(path.join(place, entry))
}

/** A hash over the contents of files and folders, to tell whether something made from them is still good. */
export function hashOf(places) {
  const hash = createHash('sha256')
  for (const place of places) {
    for (const file of filesIn(path.join(ROOT, place))) {
      hash.update(path.relative(ROOT, file)).update('\0').update(fs.readFileSync(file)).update('\0')
    }
  }
  return hash.digest('hex')
}

export function readSaved(name) {
  try {
    return fs.readFileSync(path.join(KEPT, name), 'utf8').trim()
  } catch {
    return ''
  }
}

export function keep(name, text, mode = 0o644) {
  fs.mkdirSync(KEPT, { recursive: true })
  fs.writeFileSync(path.join(KEPT, name), text, { mode })
}
