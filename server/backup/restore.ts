import { OURS, readBack } from './make'
import { ADDRESS, ProgramFailed, read, runInto } from './programs'

/** Migrations that had run when a copy was made. @throws ProgramFailed where it is no copy of ours */
async function migrationsIn(file: string): Promise<string[]> {
  const data = await read('pg_restore', ['--data-only', '--table=schema_migration', '--file=-', file])
  const rows = /^COPY .*\n([\s\S]*?)^\\\.$/m.exec(data)?.[1] ?? ''
  const names = rows.split('\n').flatMap((line) => line.split('\t')[0] || [])
  if (names.length === 0) throw new ProgramFailed('this file is no backup of Tactum')
  return names
}

/** Seconds that a restore waits for what others do in the database. */
const PATIENCE = 20

/**
 * Puts a copy in place of all that the database holds, in one transaction: whole or not at all. Bring the schema up to
 * date afterwards.
 * @param known names of the program's migrations: a copy that is newer than it is refused
 * @throws ProgramFailed; then everything is as it was
 */
export async function restoreFrom(file: string, known: readonly string[]): Promise<void> {
  const newer = (await migrationsIn(file)).filter((name) => !known.includes(name))
  if (newer.length > 0) throw new ProgramFailed(`this backup was made by a newer Tactum, which has ${newer.join(', ')}`)
  await readBack(file)
  const quiet = ['--no-psqlrc', '--quiet', '--single-transaction', '--set=ON_ERROR_STOP=1']
  const anew = [`set lock_timeout = '${PATIENCE}s'`, 'drop schema public cascade', 'create schema public']
  await runInto(
    ['pg_restore', [OURS, '--no-owner', '--no-privileges', '--file=-', file]],
    ['psql', [...quiet, ...anew.map((sql) => `--command=${sql}`), '--file=-', ADDRESS]],
  )
}
