import fs from 'node:fs/promises'
import path from 'node:path'
import type { Backup, BackupReason } from '#shared/api'

/** Where copies lie; undefined where none are made. */
export const backupFolder = (): string | undefined => process.env.TACTUM_BACKUPS || undefined

const REASONS = ['daily', 'manual', 'before-migration', 'before-restore'] as const satisfies readonly BackupReason[]
const NAME = new RegExp(
  `^tactum-(\\d{4}-\\d{2}-\\d{2})T(\\d{2})-(\\d{2})-(\\d{2})-(\\d{3})Z\\.(${REASONS.join('|')})\\.dump$`,
)

/** `tactum-2026-11-30T09-12-00-000Z.daily.dump` */
export const backupName = (at: Date, reason: BackupReason): string =>
  `tactum-${at.toISOString().replaceAll(/[:.]/g, '-')}.${reason}.dump`

/** Copies that there are, the latest first. */
export async function listBackups(folder: string): Promise<Backup[]> {
  const names = await fs.readdir(folder).catch(() => [])
  const found = names.flatMap((name) => {
    const [, day, hours, minutes, seconds, milliseconds, reason] = NAME.exec(name) ?? []
    const made = `${day}T${hours}:${minutes}:${seconds}.${milliseconds}Z`
    return day ? [{ name, made, reason: reason as BackupReason }] : []
  })
  const backups = await Promise.all(
    found.map(async (each) => ({ ...each, bytes: (await fs.stat(path.join(folder, each.name))).size })),
  )
  return backups.sort((a, b) => b.made.localeCompare(a.made))
}

/** So many of those that are made by themselves stay: two weeks of days, and the first of each month for a year. */
const MAX_DAILY = 14
const MAX_MONTHLY = 12
/** And so many of those from before something. */
const MAX_BEFORE = 6

/** Those that nobody needs any more. What was made by hand is never among them. @param backups the latest first */
export function outdated(backups: readonly Backup[]): Backup[] {
  const daily = backups.filter(({ reason }) => reason === 'daily')
  const months = new Map(daily.map((each) => [each.made.slice(0, 7), each]))
  const monthly = new Set([...months.values()].slice(0, MAX_MONTHLY))
  const before = backups.filter(({ reason }) => reason.startsWith('before-'))
  return [...daily.slice(MAX_DAILY).filter((each) => !monthly.has(each)), ...before.slice(MAX_BEFORE)]
}
