/** Copies of the whole database: made once a day, read back, kept for a time, restored. */
export { backupFolder, listBackups } from './files'
export { backUp, backUpDaily, backupState } from './keeper'
export { copyTo } from './make'
export { ProgramFailed } from './programs'
export { restoreFrom } from './restore'
