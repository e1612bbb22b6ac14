import { spawn } from 'node:child_process'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'
import { newDatabase } from './database'
import { type Asker, asPage } from './http'

export const PASSWORD = 'Seven thrushes, one gate'

/** Runs `account` as a user would. */
export async function account(databaseUrl: string, args: readonly string[], password = '') {
  const child = spawn('node', ['scripts/account.mjs', ...args], {
    env: { ...process.env, DATABASE_URL: databaseUrl, TACTUM_SECRET: 'x'.repeat(40) },
  })
  let [out, said] = ['', '']
  child.stdout.on('data', (chunk) => (out += chunk))
  child.stderr.on('data', (chunk) => (said += chunk))
  child.stdin.end(password)
  const code = await new Promise<number>((resolve) => child.on('close', (ended) => resolve(ended ?? 1)))
  return { code, answer: out ? (JSON.parse(out) as { studio: number; teacher: string; path: string }) : null, said }
}

/** A server on which people sign in, on a database of its own. */
export async function signInServer(log: string, firstOwner?: string) {
  const databaseUrl = await newDatabase('people')
  const options = { port: await freePort(), databaseUrl, demo: false, signIn: true, log }
  const server = await startServer({ ...options, ...(firstOwner ? { firstOwner } : {}) })
  return { ...server, databaseUrl, options }
}

/** What a browser would send again of an answer's cookies. */
export const cookieOf = (answer: Response): string => answer.headers.getSetCookie().at(-1)!.split(';')[0]!

export async function signIn(address: string, name: string, password = PASSWORD): Promise<Asker> {
  const answer = await asPage(address, '/api/session', 'POST', { name, password })
  if (!answer.ok) throw new Error(`${name} does not get in: ${answer.status} ${await answer.text()}`)
  return { address, cookie: cookieOf(answer) }
}

/** Invites somebody and takes the invitation. */
export async function joined(owner: Asker, name: string): Promise<Asker & { readonly id: string }> {
  const made = await asPage(owner.address, '/api/teachers', 'POST', { name, role: 'teacher' }, { cookie: owner.cookie })
  const { id, path } = (await made.json()) as { id: string; path: string }
  const body = { token: path.split('#')[1], password: PASSWORD }
  const answer = await asPage(owner.address, '/api/session/join', 'POST', body)
  if (!answer.ok) throw new Error(`${name} does not join: ${answer.status} ${await answer.text()}`)
  return { address: owner.address, cookie: cookieOf(answer), id }
}
