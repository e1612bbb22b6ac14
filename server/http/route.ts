import { defineEventHandler, getRouterParam, type H3Event, setResponseStatus } from 'h3'
import { RecipeError } from '#core/message'
import { worded } from '#shared/reader'
import { currentStudio, getPool } from '../db'
import { ready } from '../start/ready'
import type { Thing } from '../messages'
import { notFound, Refusal } from '../refusal'

/** What every route works with. */
export interface Context {
  readonly event: H3Event
  readonly db: ReturnType<typeof getPool>
  readonly studio: number
}

/** A route of the API: waits for the database, finds the studio, and answers every error in one shape. */
export const route = <T>(work: (context: Context) => Promise<T>) =>
  defineEventHandler(async (event) => {
    try {
      await ready()
      const db = getPool()
      return await work({ event, db, studio: await currentStudio(db) })
    } catch (error) {
      return refuse(event, error)
    }
  })

function refuse(event: H3Event, error: unknown) {
  if (error instanceof Refusal) {
    setResponseStatus(event, error.status)
    return worded(error.fault)
  }
  if (error instanceof RecipeError) {
    setResponseStatus(event, 422)
    return worded(error.toFault())
  }
  console.error(error)
  setResponseStatus(event, 500)
  return worded({ code: 'server', path: '' })
}

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i

/** The id in the address. @throws Refusal 404 where it cannot be one */
export function idParam(event: H3Event, what: Thing): string {
  const id = getRouterParam(event, 'id') ?? ''
  if (!UUID.test(id)) throw notFound(what)
  return id
}

/** The name in the address, no longer than one can be. */
export const slugParam = (event: H3Event): string => (getRouterParam(event, 'id') ?? '').slice(0, 61)

/** A value of the query, if it is one and says something. */
export const textQuery = (value: unknown): string | undefined =>
  typeof value === 'string' && value ? value : undefined
