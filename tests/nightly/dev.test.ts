import { spawn } from 'node:child_process'
import { expect, it } from 'vitest'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { ownService } from '../support/service'

const get = (url: string) => fetch(url).catch(() => null)

it('the development command serves the pages and the API with hot reload', async () => {
  const port = await freePort()
  const child = spawn('node', ['scripts/dev.mjs', '--port', String(port)], {
    env: { ...process.env, NODE_ENV: '', DATABASE_URL: ownService().databaseUrl },
    stdio: 'ignore',
  })
  const ended = new Promise((resolve) => child.once('exit', resolve))
  const address = `http://127.0.0.1:${port}`
  try {
    await expect.poll(async () => (await get(`${address}/api/health`))?.status, { timeout: 60_000 }).toBe(200)
    const page = await (await get(`${address}/desk`))!.text()
    expect(page).toMatch(/<div id="__nuxt">/)
    const entry = /src="([^"]*entry[^"]*)"/.exec(page)![1]!
    expect(await (await get(address + entry))!.text()).toMatch(/vite|import/)
  } finally {
    child.kill('SIGTERM')
    await ended
  }
  expect(await get(`${address}/api/health`)).toBeNull()
})
