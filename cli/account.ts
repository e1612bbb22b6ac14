import { text } from 'node:stream/consumers'
import { migrate, type Migration, ownerPool, teacherNamed } from '../server/db'
import { inviteAgain, makeOwner } from '../server/people'
import type { Options } from './keepingOptions'

/** The password, as it comes: a line ends it, and is no part of it. */
const passwordFrom = async (input: NodeJS.ReadableStream): Promise<string> => (await text(input)).replace(/\r?\n$/, '')

/** `account -- owner`: a studio with an owner. */
async function owner({ studio, name }: Options): Promise<object> {
  const password = await passwordFrom(process.stdin)
  return makeOwner(ownerPool(), { studio: studio!.trim(), name: name!.trim(), password })
}

/** `account -- reset`: a one-time address at which a new password is chosen. */
async function reset({ name }: Options): Promise<object> {
  const pool = ownerPool()
  const found = await teacherNamed(pool, name!.trim())
  if (!found) throw new Error(`Nobody called “${name}” signs in here.`)
  return inviteAgain(pool, found.studio, found.id)
}

/** Who may sign in. @throws DomainError naming the field */
export async function account(options: Options, migrations: readonly Migration[]): Promise<object> {
  await migrate(ownerPool(), migrations)
  return options.action === 'owner' ? owner(options) : reset(options)
}
