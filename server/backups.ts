import path from 'node:path'
import type { BackupState } from '#shared/api'
import { backUp, backupFolder, backupState, listBackups, ProgramFailed, restoreFrom } from './backup'
import { HttpError, notFound } from './httpError'
import { refuse } from './messages'
import { shippedMigrations } from './start/migrations'
import { whileStopped } from './start/ready'

function folderOrRefuse(): string {
  const folder = backupFolder()
  if (!folder) throw new HttpError(409, refuse('backup.off', {}, '').toData())
  return folder
}

/** What a program of the database could not do, as the page is told. */
async function told<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work()
  } catch (error) {
    if (error instanceof ProgramFailed) throw refuse('backup.failed', { why: error.message }, '')
    throw error
  }
}

/** Makes a copy now. @throws HttpError 409 where none are made here; DomainError with what went wrong */
export async function backUpNow(): Promise<BackupState> {
  const folder = folderOrRefuse()
  await told(() => backUp(folder, 'manual'))
  return backupState()
}

/**
 * Puts a copy in place of all that there is, after a copy of that was made. Whoever asks meanwhile waits.
 * @throws HttpError 404, 409; DomainError: then everything is as it was
 */
export async function restoreBackup(name: string): Promise<void> {
  const folder = folderOrRefuse()
  const backup = (await listBackups(folder)).find((each) => each.name === name)
  if (!backup) throw notFound('backup')
  const known = (await shippedMigrations()).map((each) => each.name)
  await told(async () => {
    await backUp(folder, 'before-restore')
    await whileStopped(() => restoreFrom(path.join(folder, backup.name), known))
  })
}
