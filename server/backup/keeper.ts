import { isSameDay, parseISO } from 'date-fns'
import type { Backup, BackupState } from '#shared/api'
import { backupFolder, listBackups } from './files'
import { makeBackup } from './make'

/** Why the last copy failed. */
let failed: string | null = null
let making: Promise<Backup> | undefined

/** Makes a copy; whoever asks meanwhile gets the same. @throws as `makeBackup` */
export function backUp(folder: string, reason: Backup['reason']): Promise<Backup> {
  making ??= makeBackup(folder, reason)
    .then((made) => {
      failed = null
      return made
    })
    .catch((error: Error) => {
      failed = error.message
      throw error
    })
    .finally(() => {
      making = undefined
    })
  return making
}

export async function backupState(): Promise<BackupState> {
  const folder = backupFolder()
  return { on: Boolean(folder), folder: folder ?? null, backups: folder ? await listBackups(folder) : [], failed }
}

/** Makes the day's copy, unless there is one. A failure is told on the page, and tried again. */
export async function backUpDaily(folder: string): Promise<void> {
  const [latest] = await listBackups(folder)
  if (latest && isSameDay(parseISO(latest.made), new Date())) return
  await backUp(folder, 'daily').catch((error: Error) => console.error(`Backup: ${error.message}`))
}
