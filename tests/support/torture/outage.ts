import net from 'node:net'

/** A stand-in for the way to the database: it can be cut, and it can fall silent. */
export async function wayTo(databaseUrl: string) {
  const target = new URL(databaseUrl)
  let state: 'open' | 'cut' | 'silent' = 'open'
  const pairs = new Set<readonly [net.Socket, net.Socket]>()
  const server = net.createServer((near) => {
    if (state === 'cut') return void near.destroy()
    const far = net.connect(Number(target.port), target.hostname)
    const pair = [near, far] as const
    pairs.add(pair)
    for (const [from, to] of [pair, [far, near] as const]) {
      from.on('data', (data) => to.write(data))
      from.on('error', () => undefined)
      from.on('close', () => {
        to.destroy()
        pairs.delete(pair)
      })
      if (state === 'silent') from.pause()
    }
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const own = new URL(databaseUrl)
  own.port = String((server.address() as net.AddressInfo).port)
  return {
    url: own.href,
    cut() {
      state = 'cut'
      for (const [near] of [...pairs]) near.destroy()
    },
    silence() {
      state = 'silent'
      for (const pair of pairs) for (const end of pair) end.pause()
    },
    open() {
      state = 'open'
      for (const pair of pairs) for (const end of pair) end.resume()
    },
    async close() {
      for (const [near] of [...pairs]) near.destroy()
      await new Promise((resolve) => server.close(resolve))
    },
  }
}
