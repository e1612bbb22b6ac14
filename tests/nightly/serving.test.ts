import { execFileSync, spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import http from 'node:http'
import https from 'node:https'
import { tmpdir } from 'node:os'
import { setTimeout as pause } from 'node:timers/promises'
import path from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { installDebian } from '../../scripts/lib/packages.mjs'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'
import { newDatabase } from '../support/database'
import { account, PASSWORD } from '../support/people'

const NAME = 'tactum.example'
const folder = mkdtempSync(path.join(tmpdir(), 'serving-'))
const at = (file: string): string => path.join(folder, file)

/** The proxy's settings as docs/serving.md has them, with the ports of this machine. */
function settingsOf(ports: { tls: number; plain: number; tactum: number }): string {
  const [, block] = /```nginx\n([\s\S]*?)```/.exec(readFileSync('docs/serving.md', 'utf8'))!
  const own = block!
    .replace('listen 443 ssl', `listen 127.0.0.1:${ports.tls} ssl`)
    .replace('listen 80', `listen 127.0.0.1:${ports.plain}`)
    .replace('/etc/ssl/tactum.crt', at('own.crt'))
    .replace('/etc/ssl/tactum.key', at('own.key'))
    .replace('127.0.0.1:3000', `127.0.0.1:${ports.tactum}`)
  const places = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi'].map((each) => `${each}_temp_path ${at(each)};`)
  return `daemon off; pid ${at('pid')}; error_log ${at('error.log')}; events {} http { ${places.join(' ')} ${own} }`
}

interface Got {
  readonly status: number
  readonly headers: http.IncomingHttpHeaders
  readonly body: string
}
let ports: { tls: number; plain: number; tactum: number }
let server: Awaited<ReturnType<typeof startServer>>
let options: Parameters<typeof startServer>[0]
let proxy: ReturnType<typeof spawn>

/** Asks as a browser does that knows the server by its name. */
const ask = (
  { port, tls = true }: { port: number; tls?: boolean },
  place: string,
  { method = 'GET', headers = {}, body }: { method?: string; headers?: http.OutgoingHttpHeaders; body?: object } = {},
) =>
  new Promise<Got>((resolve, reject) => {
    const sent = body === undefined ? undefined : JSON.stringify(body)
    const own = { host: NAME, origin: `https://${NAME}`, ...(sent ? { 'content-type': 'application/json' } : {}) }
    const secure = tls ? { servername: NAME, ca: readFileSync(at('own.crt')) } : {}
    const wanted = { ...secure, host: '127.0.0.1', port, path: place, method, headers: { ...own, ...headers } }
    const request = (tls ? https : http).request(wanted, (answer) => {
      let text = ''
      answer.on('data', (chunk) => (text += chunk))
      answer.on('end', () => resolve({ status: answer.statusCode!, headers: answer.headers, body: text }))
    })
    request.on('error', reject)
    request.end(sent)
  })

beforeAll(async () => {
  await installDebian('nginx', 'The test of serving needs a proxy.')
  const own = ['-newkey', 'rsa:2048', '-nodes', '-days', '2', '-subj', `/CN=${NAME}`]
  const names = ['-addext', `subjectAltName=DNS:${NAME}`, '-keyout', at('own.key'), '-out', at('own.crt')]
  execFileSync('openssl', ['req', '-x509', ...own, ...names], { stdio: 'ignore' })
  ports = { tls: await freePort(), plain: await freePort(), tactum: await freePort() }
  options = {
    databaseUrl: await newDatabase('served'),
    port: ports.tactum,
    demo: false,
    signIn: true,
    log: 'test-served.log',
  }
  process.env.TACTUM_HOSTS = NAME
  process.env.TACTUM_PROXY = '127.0.0.1'
  server = await startServer(options)
  writeFileSync(at('nginx.conf'), settingsOf(ports))
  proxy = spawn('/usr/sbin/nginx', ['-p', folder, '-c', at('nginx.conf')], { stdio: 'ignore' })
  const answers = () =>
    ask({ port: ports.tls }, '/api/health').then(
      ({ status }) => status === 200,
      () => false,
    )
  while (!(await answers())) await pause(100)
  const args = ['owner', '--studio', 'Served', '--name', 'Nora', '--password-stdin']
  await account(options.databaseUrl, args, PASSWORD)
})
afterAll(async () => {
  delete process.env.TACTUM_HOSTS
  delete process.env.TACTUM_PROXY
  proxy.kill()
  await server.stop()
  rmSync(folder, { recursive: true, force: true })
})

describe('behind the proxy of docs/serving.md', () => {
  const signIn = (headers: http.OutgoingHttpHeaders = {}, password = PASSWORD) =>
    ask({ port: ports.tls }, '/api/session', { method: 'POST', headers, body: { name: 'Nora', password } })

  it('is reached over TLS alone, from then on', async () => {
    const plain = await ask({ port: ports.plain, tls: false }, '/today')
    expect([plain.status, plain.headers.location]).toEqual([301, `https://${NAME}/today`])
    const { headers } = await ask({ port: ports.tls }, '/')
    expect(headers['strict-transport-security']).toMatch(/^max-age=31536000/)
    expect((await ask({ port: ports.tls }, '/', { headers: { host: 'elsewhere.example' } })).status).not.toBe(200)
  })

  it('signs people in by a cookie that goes over TLS to this host alone', async () => {
    const { status, headers } = await signIn()
    expect(status).toBe(200)
    const cookie = headers['set-cookie']!.at(-1)!
    expect(cookie).toMatch(/^__Host-tactum=/)
    expect(cookie).toMatch(/; Secure/)
    const asked = await ask({ port: ports.tls }, '/api/studio', { headers: { cookie: cookie.split(';')[0]! } })
    expect(JSON.parse(asked.body).name).toBe('Served')
  })

  it('counts wrong tries by the address that the proxy saw, whatever somebody says of themselves', async () => {
    let last = 0
    for (let tries = 0; tries <= 40 && last !== 429; tries++) {
      const headers = { 'x-forwarded-for': `10.0.0.${tries}` }
      const body = { name: `Nobody ${tries}`, password: 'not this one' }
      last = (await ask({ port: ports.tls }, '/api/session', { method: 'POST', headers, body })).status
    }
    expect(last).toBe(429)
  })

  it('believes no proxy that was not named', async () => {
    process.env.TACTUM_PROXY = '127.0.0.9'
    const other = await startServer({ ...options, port: await freePort(), log: 'test-served-other.log' })
    try {
      const port = Number(new URL(other.address).port)
      const { headers } = await ask({ port, tls: false }, '/', { headers: { 'x-forwarded-proto': 'https' } })
      expect(headers['strict-transport-security']).toBeUndefined()
    } finally {
      process.env.TACTUM_PROXY = '127.0.0.1'
      await other.stop()
    }
  })
})
