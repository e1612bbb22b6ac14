import fs from 'node:fs'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { bundle } from './bundle.mjs'
import { onDatabase } from './database.mjs'
import { ensureModules } from './packages.mjs'
import { BACKUPS, ROOT } from './places.mjs'
import { fail } from './run.mjs'
import { installationSecret } from './secret.mjs'

const MIGRATIONS = path.join(ROOT, 'server', 'db', 'migrations')

/** The numbered SQL files. */
const migrations = () =>
  fs.readdirSync(MIGRATIONS).map((name) => ({ name, sql: fs.readFileSync(path.join(MIGRATIONS, name), 'utf8') }))

/**
 * Runs a command that works on the data: `account`, `archive`, `backup`, `restore`. Prints nothing of its own to standard output.
 * @param {'account' | 'archive' | 'backup' | 'restore'} name
 * @param {(options: { replace: boolean }) => Promise<void>} [before] what is to be done before the database is looked for
 */
export async function keepingCommand(name, before = async () => undefined) {
  try {
    const args = process.argv.slice(2)
    await ensureModules()
    const { COMMANDS, wanted } = await import(
      pathToFileURL(await bundle(path.join('cli', 'keeping.ts'), 'keeping')).href
    )
    // what is wrong with the command is said before anything is started
    const options = wanted(name, args)
    if (options === null) {
      process.exitCode = 2
      return
    }
    await before(options)
    process.exitCode = await onDatabase(async ({ url, bin }) => {
      process.env.DATABASE_URL = url
      process.env.TACTUM_BACKUPS ??= BACKUPS
      process.env.TACTUM_SECRET ??= installationSecret()
      if (bin) process.env.TACTUM_POSTGRES = bin
      return COMMANDS[name](options, migrations())
    })
  } catch (error) {
    fail(error)
  }
}
