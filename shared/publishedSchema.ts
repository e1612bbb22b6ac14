import type { Schema } from 'joi'

/** What Joi tells of a schema (`describe()`), as far as it is published. */
export interface Described {
  readonly type?: string
  readonly flags?: { readonly presence?: string; readonly only?: boolean; readonly default?: unknown }
  readonly allow?: readonly unknown[]
  readonly rules?: readonly { readonly name: string; readonly args?: { readonly limit?: number } }[]
  readonly keys?: Readonly<Record<string, Described>>
  readonly items?: readonly Described[]
  readonly matches?: readonly { readonly schema: Described }[]
}
/** A JSON Schema, or a part of one. */
export type JsonSchema = Readonly<Record<string, unknown>>

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
const limitOf = ({ rules }: Described, name: string): number | undefined =>
  rules?.find((each) => each.name === name || each.name === 'length')?.args?.limit

/** What a value may be, in the words of JSON Schema: its values, bounds and default. */
function bounded({ type = '', flags, allow, ...rest }: Described, written: JsonSchema): JsonSchema {
  const bounds = (BOUNDS[type] ?? []).flatMap(([rule, bound]) => {
    const limit = limitOf({ ...rest }, rule)
    return limit === undefined ? [] : [[bound, limit] as const]
  })
  const values = flags?.only ? allow : undefined
  const named = values && ('const' in written && values.length === 1 ? { const: values[0] } : { enum: values })
  return {
    ...written,
    ...Object.fromEntries(bounds),
    ...named,
    ...(flags?.default !== undefined && 'default' in written ? { default: flags.default } : {}),
  }
}

/** The ways in which a value can be told, each as it is checked. */
function inWays(joi: Described, written: JsonSchema, way: 'oneOf' | 'anyOf'): JsonSchema {
  const ways = written[way] as readonly JsonSchema[]
  const choices = ways.filter(({ type }) => type !== 'null')
  const refreshed = ways.map((each) => {
    const at = choices.indexOf(each)
    return at < 0 ? each : publishedSchema(joi.matches?.[at]?.schema ?? joi, each, false)
  })
  return { ...written, [way]: refreshed }
}

/** How a field begins that nobody has described yet. */
function begun({ type, rules, keys, flags }: Described): JsonSchema {
  if (keys) return { type: 'object', additionalProperties: false, properties: {} }
  if (flags?.only) return { enum: [] }
  if (type === 'number' && rules?.some(({ name }) => name === 'integer')) return { type: 'integer' }
  return type === 'array' ? { type, items: {} } : type && type !== 'any' ? { type } : {}
}

/** Fields of an object: those that are written, and, where it is told in one way only, those that are new. */
function fields(keys: NonNullable<Described['keys']>, written: JsonSchema, whole: boolean): JsonSchema {
  const properties = (written.properties ?? {}) as Readonly<Record<string, JsonSchema>>
  const added = whole ? Object.keys(keys).filter((name) => !(name in properties)) : []
  const names = [...Object.keys(properties).filter((name) => name in keys), ...added]
  const refreshed = names.map((name) => {
    const key = keys[name]!
    return [name, publishedSchema(key, properties[name] ?? begun(key))] as const
  })
  return { ...written, properties: Object.fromEntries(refreshed) }
}

/**
 * A published JSON Schema brought up to what the doors check: fields, values, bounds and defaults are Joi's; titles,
 * descriptions, patterns and the ways in which something can be told are those that were written. Those stand in the
 * file and nowhere in Joi, so no general converter keeps them: hence this small writer of ours.
 * @param written the schema as it stood; a field that it does not have yet begins without a description
 * @param whole whether all fields belong to it, or only those that it names
 */
export function publishedSchema(joi: Described, written: JsonSchema, whole = true): JsonSchema {
  if ('$ref' in written) return written
  if ('oneOf' in written) return inWays(joi, written, 'oneOf')
  if ('anyOf' in written) return inWays(joi, written, 'anyOf')
  if (joi.keys) return fields(joi.keys, written, whole)
  const [item] = joi.items ?? []
  const items = written.items as JsonSchema | undefined
  return { ...bounded(joi, written), ...(item && items ? { items: publishedSchema(item, items) } : {}) }
}

/** The same of a schema of the doors. */
export const publishedOf = (schema: Schema, written: JsonSchema): JsonSchema =>
  publishedSchema(schema.describe() as Described, written)
