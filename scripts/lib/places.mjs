import { createHash } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('../..', import.meta.url)).replace(/\/$/, '')
/** Marks of what was installed and built, and bundles; git ignores it. */
export const KEPT = path.join(ROOT, '.tactum')
/** Where a running Tactum keeps its database and logs; `TACTUM_DATA` puts it elsewhere. */
export const DATA = process.env.TACTUM_DATA ? path.resolve(process.env.TACTUM_DATA) : KEPT

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
