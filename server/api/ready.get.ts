import { defineEventHandler, setResponseHeader, setResponseStatus } from 'h3'
import { DiskFull, servicePool, isDiskFull, withDatabase } from '../db'
import { ready } from '../start/ready'

/** Whether the server reaches its database and has brought it up to date; 503 and why where not. */
export default defineEventHandler(async (event) => {
  try {
    await withDatabase(async () => {
      await ready()
      await servicePool().query('select 1')
    })
    if (isDiskFull()) throw new DiskFull()
    return { ok: true }
  } catch (error) {
    const { cause, message } = error as Error
    setResponseStatus(event, 503)
    setResponseHeader(event, 'retry-after', 2)
    return {
      code: error instanceof DiskFull ? 'disk' : 'database',
      message: cause instanceof Error ? cause.message : message,
      path: '',
    }
  }
})
