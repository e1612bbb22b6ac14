import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { addressOf } from '#shared/routes'

/** Method and address of a route's file, as its place says. */
function placeOf(file: string): string {
  const [, path, method] = /^server(\/api\/.*?)(?:\/index)?\.(get|post|put|delete)\.ts$/.exec(file)!
  return `${method!.toUpperCase()} ${path!.replace('[id]', ':id')}`
}
const files = readdirSync('server/api', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.(get|post|put|delete)\.ts$/.test(file))
  .map((file) => `server/api/${file}`)
const routes = files
  .map((file) => ({ place: placeOf(file), declared: /[rR]oute\(\s*'([^']+)'/.exec(readFileSync(file, 'utf8'))?.[1] }))
  .filter(({ declared }) => declared !== undefined)
const answers = [...readFileSync('shared/routes.ts', 'utf8').matchAll(/^ {2}'([A-Z]+ \/api[^']*)':/gm)].map(
  ([, route]) => route,
)

describe('routes of the API', () => {
  it('are named by their place, so that their answer has the type of their address', () => {
    expect(routes.length).toBeGreaterThan(50)
    for (const { place, declared } of routes) expect(declared).toBe(place)
  })

  it('have each a type of answer, and no type stands for none', () => {
    expect(answers.sort()).toEqual(routes.map(({ declared }) => declared).sort())
  })

  it('take the id into the address and the rest into the query', () => {
    expect(addressOf('GET /api/sets/:id/report', { id: 'a b', syllabus: 'x y', grade: undefined })).toEqual({
      method: 'GET',
      address: '/api/sets/a%20b/report?syllabus=x+y',
    })
    expect(addressOf('POST /api/sets')).toEqual({ method: 'POST', address: '/api/sets' })
  })
})
