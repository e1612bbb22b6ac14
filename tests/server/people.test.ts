import { readFileSync } from 'node:fs'
import path from 'node:path'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DATA } from '../../scripts/lib/places.mjs'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'
import { newDatabase } from '../support/database'
import { type Asker, askingAs, asPage, call } from '../support/http'
import { account, cookieOf, joined, PASSWORD, signIn, signInServer } from '../support/people'

const FIRST = 'first-owner-secret-0001'
let server: Awaited<ReturnType<typeof signInServer>>
let owner: Asker
let pool: pg.Pool
beforeAll(async () => {
  server = await signInServer('test-people.log', FIRST)
  pool = new pg.Pool({ connectionString: server.databaseUrl })
})
afterAll(async () => {
  await pool.end()
  await server.stop()
})
const asked = (path: string, method = 'GET', body?: unknown, cookie = '') =>
  askingAs({ address: server.address, cookie }, () => call(path, method, body))
const asOwner = (path: string, method = 'GET', body?: unknown) => askingAs(owner, () => call(path, method, body))
const seconds = (answer: Response): number => Number(answer.headers.get('retry-after'))

describe('the first owner', () => {
  const body = { token: FIRST, studio: 'North', name: 'Nora', password: PASSWORD }

  it('is wanted where people sign in and there is none; the server is healthy all the same', async () => {
    expect((await asked('/api/session')).body).toEqual({ signIn: true, needsOwner: true, teacher: null })
    expect((await asked('/api/health')).status).toBe(200)
    expect((await asked('/api/ready')).status).toBe(200)
  })

  it('is made by the address that the start printed, once', async () => {
    expect((await asked('/api/session/owner', 'POST', { ...body, token: 'x'.repeat(22) })).status).toBe(404)
    const answer = await asPage(server.address, '/api/session/owner', 'POST', body)
    expect(answer.status).toBe(200)
    expect(await answer.json()).toMatchObject({ teacher: { name: 'Nora', role: 'owner', studio: 'North' } })
    owner = { address: server.address, cookie: cookieOf(answer) }
    const again = await asked('/api/session/owner', 'POST', { ...body, name: 'Else', studio: 'Else' })
    expect(again.status).toBe(404)
  })
})

describe('signing in', () => {
  it('gives a sealed cookie that no page reads, and takes the name in any case', async () => {
    const answer = await asPage(server.address, '/api/session', 'POST', { name: ' nora', password: PASSWORD })
    expect(answer.status).toBe(200)
    const cookie = answer.headers.getSetCookie().at(-1)!
    expect(cookie).toMatch(/^tactum=Fe26\.2\*/)
    expect(cookie).toMatch(/; HttpOnly/)
    expect(cookie).toMatch(/; SameSite=Lax/)
    // on loopback alone a cookie may go without TLS
    expect(cookie).not.toMatch(/; Secure/)
    expect((await asked('/api/studio', 'GET', undefined, cookieOf(answer))).body.name).toBe('North')
  })

  it('is secure wherever it is reached by another name', async () => {
    const port = await freePort()
    process.env.TACTUM_HOSTS = 'tactum.example'
    const other = await startServer({ ...server.options, port, log: 'test-named.log' }).finally(
      () => delete process.env.TACTUM_HOSTS,
    )
    try {
      const http = await import('node:http')
      const cookies = await new Promise<string[]>((resolve, reject) => {
        const origin = 'https://tactum.example'
        const headers = { host: 'tactum.example', origin, 'content-type': 'application/json' }
        const request = http.request({ port, method: 'POST', path: '/api/session', headers }, (answer) =>
          resolve(answer.headers['set-cookie'] ?? []),
        )
        request.on('error', reject)
        request.end(JSON.stringify({ name: 'Nora', password: PASSWORD }))
      })
      expect(cookies.at(-1)).toMatch(/^__Host-tactum=.*; HttpOnly; Secure; SameSite=Lax/)
    } finally {
      await other.stop()
    }
  })

  it('is refused by one answer for a wrong password and for nobody, and after some tries for a while', async () => {
    const wrong = await asked('/api/session', 'POST', { name: 'Nora', password: 'not this one' })
    const nobody = await asked('/api/session', 'POST', { name: 'Nemo', password: 'not this one' })
    expect([wrong.status, wrong.body]).toEqual([401, nobody.body])
    expect(wrong.body).toMatchObject({ code: 'sign-in.wrong', path: 'password' })
    for (let tries = 1; tries < 8; tries++) await asked('/api/session', 'POST', { name: 'Nemo', password: 'no' })
    const late = await asPage(server.address, '/api/session', 'POST', { name: 'Nemo', password: PASSWORD })
    expect(late.status).toBe(429)
    expect(seconds(late)).toBeGreaterThan(60)
    // nobody else is kept out by that
    await signIn(server.address, 'Nora')
  })

  it.each([
    [{ name: 'Nora' }, 'password'],
    [{ password: PASSWORD }, 'name'],
    [{ name: 'x'.repeat(81), password: PASSWORD }, 'name'],
    [{ name: 'Nora', password: 'x'.repeat(201) }, 'password'],
  ])('names the field of %j', async (body, path) => {
    expect(await asked('/api/session', 'POST', body)).toMatchObject({ status: 422, body: { path } })
  })

  it('takes no cookie that was made elsewhere', async () => {
    for (const cookie of ['tactum=', 'tactum=x', `${owner.cookie.slice(0, -4)}AAAA`])
      expect((await asked('/api/pupils', 'GET', undefined, cookie)).status).toBe(401)
  })

  it('holds on every server of one database', async () => {
    const other = await startServer({ ...server.options, port: await freePort(), log: 'test-second.log' })
    try {
      const there = { address: other.address, cookie: owner.cookie }
      expect((await askingAs(there, () => call('/api/session'))).body.teacher.name).toBe('Nora')
    } finally {
      await other.stop()
    }
  })
})

describe('sessions', () => {
  it('are listed, ended one by one, and everywhere else', async () => {
    const [one, two] = [await signIn(server.address, 'Nora'), await signIn(server.address, 'Nora')]
    const { body } = await askingAs(two, () => call('/api/account'))
    expect(body.sessions.filter(({ here }: { here: boolean }) => here)).toHaveLength(1)
    const { body: first } = await askingAs(one, () => call('/api/account'))
    const { id } = first.sessions.find(({ here }: { here: boolean }) => here)
    expect((await askingAs(two, () => call(`/api/account/sessions/${id}`, 'DELETE'))).status).toBe(200)
    expect((await askingAs(one, () => call('/api/pupils'))).status).toBe(401)
    await askingAs(two, () => call('/api/account/sessions', 'DELETE'))
    expect((await askingAs(owner, () => call('/api/pupils'))).status).toBe(401)
    owner = two
  })

  it('end by signing out, and the cookie opens nothing any more', async () => {
    const one = await signIn(server.address, 'Nora')
    expect((await askingAs(one, () => call('/api/session', 'DELETE'))).status).toBe(200)
    expect((await askingAs(one, () => call('/api/pupils'))).status).toBe(401)
  })

  it('are over after two weeks without a visit, and after ninety days', async () => {
    for (const column of ['seen_at', 'made_at']) {
      const one = await signIn(server.address, 'Nora')
      const days = column === 'seen_at' ? 15 : 91
      await pool.query(
        `update session set ${column} = now() - interval '${days} days'
         where id = (select id from session order by made_at desc limit 1)`,
      )
      expect((await askingAs(one, () => call('/api/pupils'))).status).toBe(401)
    }
  })

  it('are only known by a hash, as are passwords', async () => {
    const { rows } = await pool.query('select password, session::text as session from teacher, session')
    for (const { password, session } of rows) {
      expect(password ?? '$scrypt$').toMatch(/^\$scrypt\$/)
      expect(session).toMatch(/\\\\?x[0-9a-f]{64}/)
    }
  })
})

describe('a password', () => {
  const change = (current: string, password: string) => asOwner('/api/account/password', 'PUT', { current, password })

  it('is not one that is tried first, nor short, nor one’s name', async () => {
    for (const bad of ['password', 'Password123!', 'iloveyou1', 'short', 'nora-nora', 'qwertyuiop']) {
      expect([bad, await change(PASSWORD, bad)]).toMatchObject([bad, { status: 422, body: { path: 'password' } }])
    }
    expect(await change('not mine', 'Another gate entirely')).toMatchObject({ status: 422, body: { path: 'current' } })
  })

  it('is changed, and everywhere else one is signed out', async () => {
    const elsewhere = await signIn(server.address, 'Nora')
    expect((await change(PASSWORD, 'Ænother gate, 7 thrushes')).status).toBe(200)
    expect((await askingAs(elsewhere, () => call('/api/pupils'))).status).toBe(401)
    expect((await asOwner('/api/pupils')).status).toBe(200)
    // typed in another way, the same letters are the same password
    await signIn(server.address, 'Nora', 'Ænother gate, 7 thrushes'.normalize('NFKD'))
    await change('Ænother gate, 7 thrushes', PASSWORD)
  })
})

describe('teachers', () => {
  it('come by an invitation that works once', async () => {
    const made = await asOwner('/api/teachers', 'POST', { name: 'Tam', role: 'teacher' })
    expect(made.status).toBe(201)
    const token = made.body.path.split('#')[1]
    expect((await asked('/api/session/invitation', 'POST', { token })).body).toEqual({ name: 'Tam', studio: 'North' })
    const join = () => asked('/api/session/join', 'POST', { token, password: PASSWORD })
    // a password that is refused leaves the invitation open
    expect((await asked('/api/session/join', 'POST', { token, password: 'short' })).status).toBe(422)
    expect((await join()).body.teacher).toMatchObject({ name: 'Tam', role: 'teacher' })
    expect(await join()).toMatchObject({ status: 404, body: { code: 'invitation.gone' } })
  })

  it('have a name that nobody else has in the whole installation, in any case', async () => {
    for (const name of ['tam', 'NORA'])
      expect(await asOwner('/api/teachers', 'POST', { name, role: 'teacher' })).toMatchObject({
        status: 422,
        body: { code: 'teacher.taken', path: 'name' },
      })
    const other = await account(
      server.databaseUrl,
      ['owner', '--studio', 'South', '--name', 'Tam', '--password-stdin'],
      PASSWORD,
    )
    expect(other.code).toBe(1)
    expect(other.said).toMatch(/signs in here already/)
  })

  it('choose a new password by a one-time address of the owner, or of the terminal', async () => {
    const tam = await signIn(server.address, 'Tam')
    const { rows } = await pool.query("select id from teacher where name = 'Tam'")
    const { path } = (await asOwner(`/api/teachers/${rows[0].id}/invitation`, 'POST', {})).body
    const { answer } = await account(server.databaseUrl, ['reset', '--name', 'tam'])
    // the later one stands
    const use = (address: string) =>
      asked('/api/session/join', 'POST', { token: address.split('#')[1], password: 'Two herons, no bridge' })
    expect((await use(path)).status).toBe(404)
    expect((await use(answer!.path)).status).toBe(200)
    expect((await askingAs(tam, () => call('/api/pupils'))).status).toBe(401)
    await signIn(server.address, 'Tam', 'Two herons, no bridge')
  })

  it('may not do what is the owner’s', async () => {
    const una = await joined(owner, 'Una')
    const refused = async (path: string, method: string, body?: unknown) =>
      expect(await askingAs(una, () => call(path, method, body))).toMatchObject({
        status: 403,
        body: { code: 'owner.only' },
      })
    await refused('/api/teachers', 'GET')
    await refused('/api/teachers', 'POST', { name: 'Vic', role: 'teacher' })
    await refused('/api/studio', 'PUT', { name: 'Una’s' })
    // what is of the whole machine is at no address here
    for (const path of ['/api/backups', '/api/studios/demo'])
      expect((await askingAs(owner, () => call(path, 'POST', {}))).status).toBe(404)
  })

  it('leave, are signed out, and hand their pupils over', async () => {
    const wim = await joined(owner, 'Wim')
    const { id } = (await askingAs(wim, () => call('/api/pupils', 'POST', { name: 'Pip', instrument: 'piano' }))).body
    expect((await asOwner(`/api/pupils/${id}/record`)).status).toBe(404)
    const { rows } = await pool.query("select id from teacher where name = 'Nora'")
    const leave = (who: string, teacherId: string) => asOwner(`/api/teachers/${who}/leave`, 'POST', { teacherId })
    expect((await leave(rows[0].id, wim.id)).status).toBe(422)
    const { body: here } = await asOwner('/api/teachers')
    expect(here.find(({ name }: { name: string }) => name === 'Wim')).toMatchObject({ pupils: 1, exams: 0, quiet: 1 })
    expect((await leave(wim.id, rows[0].id)).body).toEqual({ pupils: 1 })
    expect((await askingAs(wim, () => call('/api/pupils'))).status).toBe(401)
    expect((await asked('/api/session', 'POST', { name: 'Wim', password: PASSWORD })).status).toBe(401)
    expect((await asOwner(`/api/pupils/${id}/record`)).status).toBe(200)
    // the name is free for another
    await joined(owner, 'Wim')
  })

  it('who stand in come until their last day', async () => {
    const body = { name: 'Sub', role: 'substitute', until: '2020-01-01' }
    expect((await asOwner('/api/teachers', 'POST', { ...body, until: '2026-02-30' })).body.path).toBe('until')
    expect((await asOwner('/api/teachers', 'POST', { name: 'Sub', role: 'substitute' })).body.path).toBe('until')
    const { path } = (await asOwner('/api/teachers', 'POST', body)).body
    await asked('/api/session/join', 'POST', { token: path.split('#')[1], password: PASSWORD })
    expect((await asked('/api/session', 'POST', { name: 'Sub', password: PASSWORD })).status).toBe(401)
    await pool.query("update teacher set until = current_date where name = 'Sub'")
    await signIn(server.address, 'Sub')
  })
})

describe('the log', () => {
  it('says which route, how it went and how long it took; never who, nor what', async () => {
    await asOwner('/api/pupils', 'POST', { name: 'Wilhelmina Unmistakable', instrument: 'piano' })
    const { body: pupils } = await asOwner('/api/pupils')
    const { id } = pupils.at(-1)
    const { path: page } = (await asOwner(`/api/pupils/${id}/link`, 'POST')).body
    await asPage(server.address, `${page}?lang=en`)
    await asPage(server.address, `/api/pupils/${id}`, 'PUT', 'not JSON', { cookie: owner.cookie })
    const text = readFileSync(path.join(DATA, 'test-people.log'), 'utf8')
    const lines = text
      .split('\n')
      .filter((line) => line.startsWith('{'))
      .map((line) => JSON.parse(line))
    expect(lines.find(({ route }) => route === '/api/pupils/:id/link')).toMatchObject({ method: 'POST', status: 200 })
    for (const { ms } of lines) expect(ms).toBeGreaterThanOrEqual(0)
    expect(lines.length).toBeGreaterThan(50)
    for (const secret of [
      'Wilhelmina',
      'Nora',
      PASSWORD,
      id,
      page.split('/').at(-1),
      owner.cookie.slice(10, 60),
      FIRST,
    ])
      expect([secret, text.includes(secret)]).toEqual([secret, false])
  })
})

describe('the account command', () => {
  it.each([
    [[], /is called as/],
    [['owner', '--name', 'A', '--password-stdin'], /--studio/],
    [['owner', '--studio', 'A', '--password-stdin'], /--name/],
    [['owner', '--studio', 'A', '--name', 'x'.repeat(81), '--password-stdin'], /--name/],
    [['owner', '--studio', 'A', '--name', 'B'], /--password-stdin/],
  ])('says what is wrong with %j before anything is started', async (args, said) => {
    const done = await account('postgres://nobody:x@127.0.0.1:1/none', args)
    expect([done.code, done.answer]).toEqual([2, null])
    expect(done.said).toMatch(said)
  })

  it('gives a studio that was one’s own machine’s to its owner, with all that is in it', async () => {
    const databaseUrl = await newDatabase('became')
    const options = { databaseUrl, demo: false, log: 'test-became.log' }
    const before = await startServer({ ...options, port: await freePort() })
    await asPage(before.address, '/api/studio', 'PUT', { name: 'Mill Row', teacher: '' })
    await asPage(before.address, '/api/pupils', 'POST', { name: 'Ida', instrument: 'piano' })
    await before.stop()
    const args = ['owner', '--studio', 'Mill Row', '--name', 'Mo', '--password-stdin']
    const { answer } = await account(databaseUrl, args, `${PASSWORD}\n`)
    const after = await startServer({ ...options, port: await freePort(), signIn: true })
    try {
      const mo = await signIn(after.address, 'Mo')
      const { body } = await askingAs(mo, () => call('/api/pupils'))
      expect(body.map(({ name }: { name: string }) => name)).toEqual(['Ida'])
      expect((await askingAs(mo, () => call('/api/studio'))).body.id).toBe(answer!.studio)
    } finally {
      await after.stop()
    }
  })
})
