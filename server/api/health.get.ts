import { defineEventHandler, setResponseStatus } from 'h3'
import { ready } from '../start/ready'

/** Whether the server can reach its database and has brought it up to date. */
export default defineEventHandler(async (event) => {
  try {
    await ready()
    return { ok: true }
  } catch (error) {
    setResponseStatus(event, 503)
    return { code: 'database', message: (error as Error).message, path: '' }
  }
})
