import pg from 'pg'
import { expect, it } from 'vitest'
import { fillStudio } from '../support/filledStudio'
import { askingAs, call } from '../support/http'
import { account, PASSWORD, signIn, signInServer } from '../support/people'
import { fuzz } from '../support/torture/fuzz'
import { minutes } from '../support/torture/bench'

const REQUESTS = 1500
const TABLES = `select table_name as name from information_schema.columns
  where column_name = 'studio_id' and table_schema = 'public'`

it(
  'two studios at once, each firing at the other’s ids: neither changes, nor sees, a row of the other',
  { timeout: minutes(15) },
  async () => {
    const server = await signInServer('test-torture-in.log')
    const pool = new pg.Pool({ connectionString: server.databaseUrl })
    try {
      const begun = async (studio: string, name: string) => {
        const args = ['owner', '--studio', studio, '--name', name, '--password-stdin']
        const { answer } = await account(server.databaseUrl, args, PASSWORD)
        const who = await signIn(server.address, name)
        const { readFileSync } = await import('node:fs')
        const syllabus = JSON.parse(readFileSync('demo/syllabi/corvane-piano.json', 'utf8'))
        await askingAs(who, () => call('/api/syllabi', 'POST', syllabus))
        return { who, studio: answer!.studio, filled: await askingAs(who, () => fillStudio(name)) }
      }
      const [north, south, still] = [
        await begun('North', 'Nora'),
        await begun('South', 'Sol'),
        await begun('Still', 'Sten'),
      ]
      const idsOf = ({ filled }: typeof north) => [filled.pupil, filled.set, ...filled.studies]
      const rowsOf = async ({ studio }: typeof north): Promise<string> => {
        const { rows: tables } = await pool.query<{ name: string }>(TABLES)
        const all = tables
          .filter(({ name }) => name !== 'session')
          .map(async ({ name }) => {
            const sql = `select coalesce(json_agg(t order by t::text), '[]')::text as rows from ${name} t where studio_id = $1`
            return (await pool.query(sql, [studio])).rows[0].rows as string
          })
        return (await Promise.all(all)).join('\n')
      }
      const before = await rowsOf(still)
      const seed = Date.now() % 1e6
      const [one, other] = await Promise.all([
        fuzz(server.address, REQUESTS, seed, { cookie: north.who.cookie, besides: [...idsOf(south), ...idsOf(still)] }),
        fuzz(server.address, REQUESTS, seed + 1, {
          cookie: south.who.cookie,
          besides: [...idsOf(north), ...idsOf(still)],
        }),
      ])
      console.log(
        `${2 * REQUESTS} requests, seed ${seed}: slowest ${one.slowest} and ${other.slowest} ms, health ${one.slowestHealth} ms`,
      )
      expect([...one.bad, ...other.bad]).toEqual([])
      expect(await rowsOf(still)).toBe(before)
      for (const each of [north, south, still]) {
        const { body } = await askingAs(each.who, () => call('/api/studios'))
        expect(body.map(({ id }: { id: number }) => id)).toEqual([each.studio])
      }
    } finally {
      await pool.end()
      await server.stop()
    }
  },
)
