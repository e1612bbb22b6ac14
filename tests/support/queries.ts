import net from 'node:net'

/** Reads what a client of PostgreSQL sends: how many statements it asks, by the messages of the protocol (version 3). */
function statementCounter(found: () => void) {
  let rest = Buffer.alloc(0)
  let started = false
  return (data: Buffer): void => {
    rest = Buffer.concat([rest, data])
    for (;;) {
      // the first message bears no type
      const head = started ? 1 : 0
      if (rest.length < head + 4) return
      const end = head + rest.readInt32BE(head)
      if (rest.length < end) return
      // Parse, or a simple query; that the database answers at all is asked by the clock
      const type = String.fromCharCode(rest[0]!)
      if (started && ['P', 'Q'].includes(type) && !rest.subarray(head + 4, end).includes('select 1\0')) found()
      started = true
      rest = rest.subarray(end)
    }
  }
}

/** A way to the database that counts what is asked on it. */
export async function countedWay(databaseUrl: string) {
  const target = new URL(databaseUrl)
  let count = 0
  const server = net.createServer((near) => {
    const far = net.connect(Number(target.port), target.hostname)
    const counted = statementCounter(() => count++)
    near.on('data', counted)
    near.pipe(far).on('error', () => near.destroy())
    far.pipe(near).on('error', () => far.destroy())
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const own = new URL(databaseUrl)
  own.port = String((server.address() as net.AddressInfo).port)
  return {
    url: own.href,
    /** Statements that were asked during some work. */
    async during(work: () => Promise<unknown>): Promise<number> {
      const before = count
      await work()
      return count - before
    },
    close: () => server.close(),
  }
}
