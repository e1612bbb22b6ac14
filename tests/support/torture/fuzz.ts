import { readdirSync, readFileSync } from 'node:fs'
import type { Description, Schema } from 'joi'
import fc from 'fast-check'
import { bodies } from '../../../shared/schemas'
import { STUDIO_HEADER } from '../../../shared/routes'
import { asPage } from '../http'

/** A request that may be anything: what its route takes, bent out of shape here and there. */
interface Shot {
  readonly method: string
  readonly path: string
  readonly body: unknown
}

interface Route {
  readonly method: string
  readonly path: string
  readonly schema: Schema | null
}

const FOLDER = 'server/api/'

/** Every route there is, with the schema that its file names. */
export function routes(): Route[] {
  const files = readdirSync(FOLDER, { recursive: true }).map(String)
  return files.flatMap((file): Route[] => {
    const [, path, method] = /^(.*)\.(get|post|put|delete)\.ts$/.exec(file) ?? []
    if (path === undefined) return []
    const name = /bodies\.(\w+)/.exec(readFileSync(FOLDER + file, 'utf8'))?.[1]
    const schema = name ? (bodies as Record<string, Schema>)[name]! : null
    return [{ method: method!.toUpperCase(), path: `/api/${path.replace(/\/?index$/, '')}`, schema }]
  })
}

const ODD_TEXTS = [
  '',
  ' ',
  '\0',
  'a\0b',
  '\uD800',
  '=1+1',
  '<script>alert(1)</script>',
  "'; drop table study; --",
  '💥',
  'x'.repeat(3000),
]
const ODD_NUMBERS = [0, -1, 1.5, 1e300, 2_147_483_647, 2_147_483_648, Number.MAX_SAFE_INTEGER + 1, -0]
const deep = (levels: number): unknown => {
  let value: unknown = 1
  for (let level = 0; level < levels; level++) value = [value]
  return value
}
const odd: fc.Arbitrary<unknown> = fc.oneof(
  fc.constantFrom<unknown>(...ODD_TEXTS, ...ODD_NUMBERS, null, true, [], {}, deep(100), { __proto__: null, a: 1 }),
  fc.jsonValue({ maxDepth: 3 }),
)

const rule = (of: Description, name: string): number | undefined =>
  (of.rules as { name: string; args?: { limit?: number } }[] | undefined)?.find((each) => each.name === name)?.args
    ?.limit

/** A value as a schema describes it; about one in twelve is anything else. */
function valueOf(of: Description): fc.Arbitrary<unknown> {
  return fc.oneof({ weight: 11, arbitrary: proper(of) }, { weight: 1, arbitrary: odd })
}

function proper(of: Description): fc.Arbitrary<unknown> {
  const allowed = (of.allow as unknown[] | undefined)?.filter((each) => typeof each !== 'object' || each === null) ?? []
  const named = allowed.length > 0 ? fc.constantFrom(...allowed) : null
  if ((of.flags as { only?: boolean } | undefined)?.only && named) return named
  const main = ofType(of)
  return named ? fc.oneof({ weight: 4, arbitrary: main }, named) : main
}

const BY_TYPE: Readonly<Record<string, (of: Description) => fc.Arbitrary<unknown>>> = {
  object: objectOf,
  array: (of) => {
    const items = (of.items as Description[] | undefined) ?? []
    const item = items.length > 0 ? fc.oneof(...items.map(valueOf)) : odd
    return fc.array(item, { minLength: rule(of, 'min') ?? 0, maxLength: Math.min(4, rule(of, 'max') ?? 4) })
  },
  number: (of) => fc.integer({ min: Math.ceil(rule(of, 'min') ?? 0), max: Math.min(rule(of, 'max') ?? 300, 2 ** 31) }),
  boolean: () => fc.boolean(),
  alternatives: (of) => {
    const matches = (of.matches as { schema?: Description }[] | undefined) ?? []
    const schemas = matches.flatMap(({ schema }) => schema ?? [])
    return schemas.length > 0 ? fc.oneof(...schemas.map(valueOf)) : odd
  },
  string: (of) =>
    (of.rules as { name: string }[] | undefined)?.some(({ name }) => name === 'guid')
      ? fc.uuid({ version: 4 })
      : fc.oneof(fc.constantFrom('C', 'G', 'major', 'piano', '2026-12-01'), fc.string({ maxLength: 20 })),
}

const ofType = (of: Description): fc.Arbitrary<unknown> => BY_TYPE[of.type ?? '']?.(of) ?? odd

function objectOf(of: Description): fc.Arbitrary<unknown> {
  const keys = Object.entries((of.keys as Record<string, Description> | undefined) ?? {})
  if (keys.length === 0) return fc.dictionary(fc.string({ maxLength: 6 }), odd, { maxKeys: 3 })
  const required = keys.filter(([, key]) => (key.flags as { presence?: string } | undefined)?.presence === 'required')
  return fc.record(Object.fromEntries(keys.map(([name, key]) => [name, valueOf(key)])), {
    requiredKeys: required.map(([name]) => name),
  })
}

/** Deletes what everybody else asks about: tried by itself. */
const DEMO = '/api/studios/demo'

/** Requests to every route, by its schema and against it; ids are those of things that are there, or not. */
function shots(ids: readonly string[]): fc.Arbitrary<Shot> {
  const id = fc.oneof(
    fc.constantFrom(...ids),
    fc.uuid(),
    fc.constantFrom('%00', '%ED%A0%80', '..', 'x'.repeat(300), '%', '💥'),
  )
  const query = fc.oneof(
    fc.constant(''),
    fc.constantFrom(
      '?syllabus=corvane-piano&grade=5',
      '?syllabus=%00&grade=%00',
      '?version=2147483648',
      '?before=%00&version=1',
      '?seed=1e400',
      '?format=xml',
      '?grade=5',
    ),
  )
  return fc.oneof(
    ...routes()
      .filter(({ path }) => path !== DEMO)
      .map(({ method, path, schema }) => {
        const at = fc.tuple(id, query).map(([own, requestedBody]) => path.replace('[id]', own) + requestedBody)
        const body = method === 'GET' ? fc.constant(undefined) : schema ? valueOf(schema.describe()) : odd
        const arbitrary = fc.record({ method: fc.constant(method), path: at, body })
        return { weight: path.startsWith('/api/archive') ? 1 : 20, arbitrary }
      }),
  )
}

export interface Fuzzed {
  readonly requests: number
  /** Answers that are the server's fault, or that never came: thirty seconds, since a slow machine is no failure (how long answers take is for the bench). */
  readonly bad: readonly string[]
  readonly slowest: number
  readonly slowestHealth: number
}

const AT_ONCE = 8
const LONG = 30_000

/** Routes that sign somebody out: whoever fires at those as well fires at nothing after. */
const SIGNS_OUT = /^(DELETE|PUT|POST) \/api\/(session|account)/

/**
 * Fires at every route; meanwhile asks again and again whether the server lives.
 * @param cookie of whoever fires, where people sign in
 * @param besides ids of somebody else's things, to be fired at too
 */
export async function fuzz(
  address: string,
  requests: number,
  seed: number,
  { cookie, besides = [] }: { readonly cookie?: string; readonly besides?: readonly string[] } = {},
): Promise<Fuzzed> {
  const headers: Record<string, string> = cookie ? { cookie } : {}
  const [pupils, studies] = await Promise.all(
    ['pupils', 'studies'].map(
      async (what) => (await fetch(`${address}/api/${what}`, { headers })).json() as Promise<any[]>,
    ),
  )
  // one of them may open another studio
  const studio = String(((await (await fetch(`${address}/api/studio`, { headers })).json()) as { id: number }).id)
  const ids = [
    'corvane-piano',
    'tern-quay-piano',
    ...besides,
    ...pupils!.flatMap(({ id, sets }) => [id, ...sets.map((set: any) => set.id)]),
    ...studies!.slice(0, 20).map(({ id }) => id),
  ]
  const queue = fc
    .sample(shots(ids), { numRuns: requests, seed })
    .filter(({ method, path }) => !cookie || !SIGNS_OUT.test(`${method} ${path}`))
  const bad: string[] = []
  let [slowest, slowestHealth, over] = [0, 0, false]
  const one = async ({ method, path, body }: Shot): Promise<void> => {
    const began = performance.now()
    const { status } = await asPage(address, path, method, body, { ...headers, [STUDIO_HEADER]: studio }).then(
      async (answer) => (await answer.arrayBuffer(), answer),
    )
    const took = performance.now() - began
    slowest = Math.max(slowest, took)
    // how long an archive takes goes by what the studio holds
    const isLong = took > LONG && !path.startsWith('/api/archive')
    if (status >= 500 || isLong)
      bad.push(`${status} ${Math.round(took)} ms ${method} ${path} ${JSON.stringify(body)?.slice(0, 300)}`)
  }
  const lane = async (): Promise<void> => {
    for (let shot = queue.pop(); shot; shot = queue.pop()) await one(shot)
  }
  const watch = async (): Promise<void> => {
    while (!over) {
      const began = performance.now()
      await (await fetch(`${address}/api/health`)).arrayBuffer()
      slowestHealth = Math.max(slowestHealth, performance.now() - began)
      await new Promise((resolve) => setTimeout(resolve, 20))
    }
  }
  const watching = watch()
  await Promise.all(Array.from({ length: AT_ONCE }, lane))
  over = true
  await watching
  return { requests, bad, slowest: Math.round(slowest), slowestHealth: Math.round(slowestHealth) }
}
