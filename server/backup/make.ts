import fs from 'node:fs/promises'
import path from 'node:path'
import type { Backup, BackupReason } from '#shared/api'
import { backupName, listBackups, outdated } from './files'
import { ADDRESS, ProgramFailed, run } from './programs'

/** What is ours in the database; it may hold more. */
export const OURS = '--schema=public'

/** Reads a copy from its first byte to its last. @throws ProgramFailed where it is not whole */
export const readBack = (file: string): Promise<void> => run('pg_restore', [OURS, '--file=/dev/null', file])

/**
 * Copies the whole database into a file (PostgreSQL's custom format), which bears its name only when it was read back
 * whole.
 * @param file where it is to lie
 * @throws ProgramFailed, or what the file system says
 */
export async function copyTo(file: string): Promise<void> {
  // what is in it is nobody else's business
  await fs.mkdir(path.dirname(file), { recursive: true, mode: 0o700 })
  const unfinished = `${file}.part`
  try {
    await fs.writeFile(unfinished, '', { mode: 0o600 })
    await run('pg_dump', ['--format=custom', OURS, '--no-owner', '--no-privileges', `--file=${unfinished}`, ADDRESS])
    await readBack(unfinished)
    const written = await fs.open(unfinished, 'r')
    await written.sync().finally(() => written.close())
    await fs.rename(unfinished, file)
  } catch (error) {
    await fs.rm(unfinished, { force: true })
    throw error
  }
}

/** Makes a copy among the others, and removes those that nobody needs any more. @throws as `copyTo` */
export async function makeBackup(folder: string, reason: BackupReason): Promise<Backup> {
  const name = backupName(new Date(), reason)
  await copyTo(path.join(folder, name))
  const backups = await listBackups(folder)
  for (const each of outdated(backups)) await fs.rm(path.join(folder, each.name), { force: true })
  const made = backups.find((each) => each.name === name)
  if (!made) throw new ProgramFailed(`${name} is not there any more.`)
  return made
}
