import pg from 'pg'

/** The database cannot be reached, or does not answer. What was on its way may have been written all the same. */
export class DatabaseUnavailable extends Error {
  constructor(cause?: unknown) {
    super('The database does not answer.', { cause })
  }
}

/** Nothing can be written: the disk of the database, or of the server, is full. What was on its way was not. */
export class DiskFull extends Error {
  constructor(cause?: unknown) {
    super('The disk is full.', { cause })
  }
}

/** Milliseconds after a write found no room in which nobody is told that all is well again. */
const FULL_FOR = 8000
let foundFull = -Infinity

/** Whether a write found no room a moment ago. */
export const isDiskFull = (): boolean => performance.now() - foundFull < FULL_FOR

/** Milliseconds that something waits before anybody asks whether the database answers at all. */
const PATIENCE = 300
/** Milliseconds in which it answers so little a question; missed twice, it is gone. */
const HEARTBEAT = 600
/** Milliseconds between questions, while it is gone or somebody waits. */
const PAUSE = 500

let connection: pg.Client | undefined
let gone = false
/** Why it did not answer last. */
let why: unknown
let isBeating = false
const waiting = new Set<(error: DatabaseUnavailable) => void>()

async function request(): Promise<void> {
  if (!connection) {
    connection = new pg.Client({ connectionString: process.env.DATABASE_URL, keepAlive: true })
    // what is lost between questions shows at the next
    connection.on('error', () => undefined)
    await connection.connect()
  }
  await connection.query('select 1')
}

const pause = (milliseconds: number) => new Promise<void>((resolve) => setTimeout(resolve, milliseconds).unref())

/** A beat is counted in slices: one that took much longer was this server's own work, and says nothing of the database. */
const SLICE = 50

/** Rejects when a beat is over. A server that was busy itself reads first what has come in meanwhile. */
async function missed(): Promise<never> {
  for (let waited = 0; waited < HEARTBEAT; waited += SLICE) await pause(SLICE)
  for (let turn = 0; turn < 3; turn++) await new Promise((resolve) => setImmediate(resolve))
  throw new Error('The database did not answer in time.')
}

async function answers(): Promise<boolean> {
  const question = request()
  question.catch(() => undefined)
  try {
    await Promise.race([question, missed()])
    return true
  } catch (error) {
    why = error
    const lost = connection
    connection = undefined
    lost?.end().catch(() => undefined)
    return false
  }
}

/** Asks again and again, as long as somebody waits or it is gone. A thread that was busy may miss one beat, not two. */
async function heartbeat(): Promise<void> {
  if (isBeating) return
  isBeating = true
  await pause(PATIENCE)
  while (waiting.size > 0 || gone) {
    gone = !((await answers()) || (await answers()))
    if (gone) for (const giveUp of [...waiting]) giveUp(new DatabaseUnavailable(why))
    await pause(PAUSE)
  }
  isBeating = false
}

/**
 * Does what needs the database, and gives up within two seconds where that does not answer.
 * @throws DatabaseUnavailable: what was begun may go on, and be written; DiskFull: nothing of it is
 */
export async function withDatabase<T>(work: () => Promise<T>): Promise<T> {
  if (gone) throw new DatabaseUnavailable(why)
  let giveUp: (error: DatabaseUnavailable) => void = () => undefined
  const trouble = new Promise<never>((_, reject) => {
    giveUp = reject
  })
  waiting.add(giveUp)
  void heartbeat()
  try {
    return await Promise.race([work(), trouble])
  } catch (error) {
    if (findsNoRoom(error)) {
      foundFull = performance.now()
      throw new DiskFull(error)
    }
    throw isLost(error) ? new DatabaseUnavailable(error) : error
  } finally {
    waiting.delete(giveUp)
  }
}

export async function closeDbHealth(): Promise<void> {
  const last = connection
  connection = undefined
  await last?.end().catch(() => undefined)
}

/** No room left (SQLSTATE 53100), or none to be had (53200, 58030), and what the file system says of it. */
const NO_ROOM = new Set(['53100', '53200', '58030', 'ENOSPC', 'EDQUOT'])
const findsNoRoom = (error: unknown): boolean => NO_ROOM.has(String((error as { code?: unknown } | null)?.code))

/** Classes of SQLSTATE that say that the connection or the server is gone: 08, 57P01 to 57P03, 53300. */
const LOST = /^(08...|57P0[123]|53300)$/
const SYSTEM = new Set(['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ETIMEDOUT', 'ENOENT', 'EHOSTUNREACH', 'ENOTFOUND'])
/** What the driver says without a code. */
const SAID =
  /^(Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error)/

function isLost(error: unknown): boolean {
  if (!(error instanceof Error)) return false
  const { code } = error as { code?: unknown }
  return (typeof code === 'string' && (LOST.test(code) || SYSTEM.has(code))) || SAID.test(error.message)
}
