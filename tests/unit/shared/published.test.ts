import { readFileSync } from 'node:fs'
import isEqual from 'fast-deep-equal'
import type { Schema } from 'joi'
import { describe, expect, it } from 'vitest'
import { families } from '#core/instrument'
import { COLUMNS } from '#shared/csvColumns'
import { archiveSchema } from '#shared/archiveSchema'
import { recipeSchema } from '#shared/recipeSchema'
import { PUBLISHED, type Published, refreshed } from '#shared/published'
import type { Described, JsonSchema } from '#shared/publishedSchema'
import { syllabusSchema } from '#shared/syllabusSchema'

/** A part of a published JSON Schema. */
interface Part {
  readonly properties?: Readonly<Record<string, Part>>
  readonly required?: readonly string[]
  readonly oneOf?: readonly Part[]
  readonly anyOf?: readonly Part[]
  readonly items?: Part
  readonly enum?: readonly unknown[]
  readonly const?: unknown
  readonly default?: unknown
  readonly $ref?: string
  readonly [bound: string]: unknown
}

const published = (name: string): Part => JSON.parse(readFileSync(`docs/schemas/${name}.json`, 'utf8')) as Part
const shown = (schema: Schema): Described => schema.describe() as Described

/** What is published of one value, null beside something else being that something; and the ways it can be told. */
function waysOf(json: Part, root: Part): { part: Part; ways: readonly Part[] } {
  const whole = json.$ref ? at(root, json.$ref) : json
  const ways = (whole.oneOf ?? whole.anyOf ?? [whole]).filter(({ type }) => type !== 'null')
  return { part: ways.length === 1 ? { default: whole.default, ...ways[0]! } : whole, ways }
}

/** Where the doors (Joi) and a published schema differ, by path. */
function differences(joi: Described, json: Part, root: Part, path = ''): string[] {
  const { part, ways } = waysOf(json, root)
  if (joi.keys) return fields(joi.keys, ways, root, path)
  if (joi.matches) {
    const each = joi.matches.map(({ schema }, way) =>
      ways[way] ? differences(schema, ways[way], root, `${path}|${way}`) : [`${path}|${way} is not published`],
    )
    return each.flat()
  }
  const [item] = joi.items ?? []
  const within = item && part.items ? differences(item, part.items, root, `${path}[]`) : []
  return [...within, ...plainly(joi, part, path)]
}

/** Values, bounds and defaults of what holds nothing else. */
function plainly({ type = '', flags, allow, ...joi }: Described, part: Part, path: string): string[] {
  const pairs: [string, unknown, unknown][] = (BOUNDS[type] ?? []).map(([rule, bound]) => [
    ...([bound, limitOf(joi, rule), part[bound]] as const),
  ])
  if (flags?.only && allow) pairs.push(['values', values(allow), values(part.enum ?? [part.const])])
  if (flags?.default !== undefined && part.default !== undefined) pairs.push(['default', flags.default, part.default])
  return pairs.flatMap(([what, here, there]) =>
    isEqual(here, there) ? [] : [`${path} ${what}: ${JSON.stringify(here)} / ${JSON.stringify(there)}`],
  )
}

const values = (all: readonly unknown[]): unknown[] => all.filter((each) => each !== null).sort()
const at = (root: Part, ref: string): Part =>
  ref
    .slice(2)
    .split('/')
    .reduce((part, key) => part[key] as Part, root)
const limitOf = ({ rules }: Described, name: string): number | undefined =>
  rules?.find((each) => each.name === name || each.name === 'length')?.args?.limit
const BOUNDS: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
  number: [
    ['min', 'minimum'],
    ['max', 'maximum'],
  ],
  array: [
    ['min', 'minItems'],
    ['max', 'maxItems'],
  ],
  string: [['max', 'maxLength']],
}

/** Fields of an object, which the published schema may tell in several ways. */
function fields(keys: NonNullable<Described['keys']>, ways: readonly Part[], root: Part, path: string): string[] {
  const names = [...new Set(ways.flatMap(({ properties }) => Object.keys(properties ?? {})))]
  const stray = [
    ...names.filter((name) => !(name in keys)).map((name) => `${path}.${name} is published only`),
    ...Object.keys(keys).flatMap((name) => (names.includes(name) ? [] : [`${path}.${name} is not published`])),
  ]
  const needed = Object.keys(keys).filter((name) => keys[name]!.flags?.presence === 'required')
  const lax = ways.flatMap(({ required = [] }) => needed.filter((name) => !required.includes(name)))
  const within = ways.flatMap(({ properties = {} }) =>
    Object.entries(properties).flatMap(([name, part]) =>
      keys[name] ? differences(keys[name], part, root, `${path}.${name}`) : [],
    ),
  )
  return [...stray, ...lax.map((name) => `${path}.${name} is required`), ...within]
}

describe('what is published of the open formats', () => {
  it.each([
    ['tactum-study-1', recipeSchema],
    ['tactum-syllabus-1', syllabusSchema],
    ['tactum-archive-1', archiveSchema],
  ] as const)('%s says what the doors ask, field by field', (name, schema) => {
    const json = published(name)
    expect(differences(shown(schema), json, json)).toEqual([])
  })

  it.each(Object.keys(PUBLISHED) as Published[])('%s is what the generator writes', (name) => {
    const json = published(name)
    expect(refreshed(name, json as JsonSchema)).toEqual(json)
    // and it mends what differs
    const other = JSON.parse(
      JSON.stringify(json).replace(/harmonic-minor(?=",)|10000000/, (found) => `${found.slice(0, -1)}1`),
    ) as JsonSchema
    expect(other).not.toEqual(json)
    expect(refreshed(name, other)).toEqual(json)
    // a field that is new is there as the doors check it
    const { properties, ...rest } = json as { properties: Record<string, object> }
    const [field] = Object.keys(properties).filter((each) => ['octaves', 'title', 'counts'].includes(each))
    const { [field!]: gone, ...others } = properties
    const { description: _, ...plain } = gone as Record<string, unknown>
    const begun = refreshed(name, { ...rest, properties: others }) as { properties: Record<string, object> }
    expect(plain).toMatchObject(begun.properties[field!]!)
    expect(Object.keys(begun.properties[field!]!).length).toBeGreaterThan(1)
  })

  it('would show a field, a value or a bound that differs', () => {
    const json = structuredClone(published('tactum-study-1')) as { properties: Record<string, Record<string, unknown>> }
    delete json.properties.strike
    json.properties.octaves!.maximum = 5
    ;(json.properties.hands!.enum as string[]).pop()
    const found = differences(shown(recipeSchema), json as unknown as Part, json as unknown as Part)
    expect(found.map((each) => each.split(' ')[0])).toEqual(['.strike', '.hands', '.octaves'])
  })

  it('knows every field of every family of instruments, and those that hold fields of their own', () => {
    const keys = shown(recipeSchema).keys!
    for (const { fields: own, parts } of families()) {
      expect(Object.keys(keys)).toEqual(expect.arrayContaining([...own]))
      expect(own.filter((field) => keys[field]!.keys !== undefined)).toEqual([...parts])
    }
  })

  it('has a column of CSV for every field of an entry and its tempo', () => {
    const entry =
      shown(syllabusSchema).keys!.grades!.items![0]!.keys!.groups!.items![0]!.keys!.entries!.items![0]!.keys!
    const { tempo, ...own } = entry
    const snake = (name: string): string => name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`)
    const ofTempo = Object.keys(tempo!.keys!).map((name) => (name === 'kind' ? 'tempo_kind' : snake(name)))
    const ofGroup = ['grade', 'grade_title', 'group', 'group_title', 'any', 'of', 'draw']
    expect([...COLUMNS].sort()).toEqual([...ofGroup, ...Object.keys(own).map(snake), ...ofTempo].sort())
  })
})
