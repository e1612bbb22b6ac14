import { spawn } from 'node:child_process'
import path from 'node:path'

/** A program of PostgreSQL: from where the start command found them, or wherever the system looks. */
const programAt = (name: string): string =>
  process.env.TACTUM_POSTGRES ? path.join(process.env.TACTUM_POSTGRES, name) : name

/** The database's address without its password, which is nothing for a command line that others can read. */
function addressed(): { address: string; env: NodeJS.ProcessEnv } {
  const url = new URL(process.env.DATABASE_URL ?? '')
  const { password } = url
  url.password = ''
  return {
    address: url.href,
    env: { ...process.env, ...(password ? { PGPASSWORD: decodeURIComponent(password) } : {}) },
  }
}

/** What a program of PostgreSQL could not do, as it says. */
export class ProgramFailed extends Error {}

/** So much of what a program complains of is kept. */
const MAX_COMPLAINT = 4000

function started(name: string, args: readonly string[], stdio: ['ignore' | 'pipe', 'ignore' | 'pipe', 'pipe']) {
  const { address, env } = addressed()
  const child = spawn(
    programAt(name),
    args.map((arg) => (arg === ADDRESS ? `--dbname=${address}` : arg)),
    { env, stdio },
  )
  let complaint = ''
  child.stderr!.on('data', (chunk: Buffer) => (complaint = (complaint + String(chunk)).slice(-MAX_COMPLAINT)))
  const done = new Promise<void>((resolve, reject) => {
    child.once('error', (error) => reject(new ProgramFailed(`${name}: ${error.message}`)))
    child.once('close', (code) =>
      code === 0
        ? resolve()
        : reject(new ProgramFailed(complaint.trim().split('\n')[0] || `${name} ended with ${code}`)),
    )
  })
  return { child, done }
}

/** Stands for the database's address among a program's arguments. */
export const ADDRESS = Symbol('address') as unknown as string

/** Runs a program to its end. @throws ProgramFailed */
export const run = (name: string, args: readonly string[]): Promise<void> =>
  started(name, args, ['ignore', 'ignore', 'pipe']).done

/** Runs a program to its end. @returns what it printed @throws ProgramFailed */
export async function read(name: string, args: readonly string[]): Promise<string> {
  const { child, done } = started(name, args, ['ignore', 'pipe', 'pipe'])
  let output = ''
  child.stdout!.on('data', (chunk: Buffer) => (output += String(chunk)))
  await done
  return output
}

/** Runs two programs, the second on what the first writes. @throws ProgramFailed of the first that failed */
export async function runInto(
  [from, fromArgs]: readonly [string, readonly string[]],
  [to, toArgs]: readonly [string, readonly string[]],
): Promise<void> {
  const writer = started(from, fromArgs, ['ignore', 'pipe', 'pipe'])
  const reader = started(to, toArgs, ['pipe', 'ignore', 'pipe'])
  // whoever reads may end first: then its own complaint says why
  reader.child.stdin!.on('error', () => undefined)
  // what was not written to its end must not look as if it were: the reader is ended before it can commit
  writer.done.catch(() => reader.child.kill('SIGKILL'))
  writer.child.stdout!.pipe(reader.child.stdin!, { end: false })
  const written = writer.done.then(() => reader.child.stdin!.end())
  const results = await Promise.allSettled([written, reader.done])
  const failed = results.find((result) => result.status === 'rejected')
  if (failed) throw failed.reason as Error
}
