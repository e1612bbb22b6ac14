import fs from 'node:fs'
import path from 'node:path'
import { DomainError } from '#core/message'
import { wordingFor } from '#shared/languages'
import { backUp, backupFolder, copyTo, ProgramFailed, restoreFrom } from '../server/backup'
import { closePool, ownerPool, holdsStudio, migrate, type Migration } from '../server/db'
import { account } from './account'
import { archiveIn, archiveOut } from './archive'
import { type Options, wanted } from './keepingOptions'
import { type Terminal, writeLine } from './terminal'

export { wanted }

const terminalFor = ({ lang }: Options): Terminal => ({
  input: process.stdin,
  output: process.stdout,
  words: wordingFor(lang),
})

/** What went wrong, in one sentence. */
function sentenceOf(error: unknown, terminal: Terminal): string {
  if (error instanceof DomainError) return terminal.words.worded(error.toData()).message
  if (error instanceof ProgramFailed) return `This could not be done: ${error.message}. Everything is as it was.`
  const { code, path: place, message } = error as NodeJS.ErrnoException
  return code === 'ENOENT' && place ? `There is no file ${place}.` : message
}

/** Does what a command asks of the database; its one line of JSON is its answer. @returns its exit status */
const command =
  (work: (options: Options, migrations: readonly Migration[]) => Promise<object>) =>
  async (options: Options, migrations: readonly Migration[]): Promise<number> => {
    const terminal = terminalFor(options)
    try {
      await writeLine(terminal, await work(options, migrations))
      return 0
    } catch (error) {
      process.stderr.write(`Tactum: ${sentenceOf(error, terminal)}\n`)
      return 1
    } finally {
      await closePool()
    }
  }

async function backup({ file }: Options): Promise<object> {
  if (file) {
    const whole = path.resolve(file)
    if (fs.existsSync(whole)) throw new Error(`${whole} is there already; it is not overwritten.`)
    await copyTo(whole)
    return { file: whole, bytes: fs.statSync(whole).size }
  }
  const folder = backupFolder()!
  const { name, bytes } = await backUp(folder, 'manual')
  return { file: path.join(folder, name), bytes }
}

async function restore({ file, replace }: Options, migrations: readonly Migration[]): Promise<object> {
  const folder = backupFolder()!
  const place = [path.resolve(file), path.join(folder, file)].find((each) => fs.existsSync(each))
  if (!place) throw new Error(`There is no file ${path.resolve(file)}, nor ${path.join(folder, file)}.`)
  const holds = await holdsStudio(ownerPool())
  if (holds && !replace)
    throw new Error(
      'The database holds a studio. To put the backup in its place: --replace (a copy of it is made first).',
    )
  const before = holds ? await backUp(folder, 'before-restore') : null
  await restoreFrom(
    place,
    migrations.map(({ name }) => name),
  )
  await migrate(ownerPool(), migrations)
  return { restored: place, before: before && path.join(folder, before.name) }
}

export const COMMANDS = {
  archive: command((options, migrations) =>
    options.action === 'out'
      ? archiveOut(options, migrations, terminalFor(options).words)
      : archiveIn(options, migrations),
  ),
  account: command(account),
  backup: command(backup),
  restore: command(restore),
}
