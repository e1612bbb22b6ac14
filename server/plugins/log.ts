import { defineNitroPlugin } from 'nitropack/runtime'
import { log } from '../log'

/** Writes down each request once it is answered, by the pattern of its address. */
export default defineNitroPlugin((nitro) => {
  if (!log.isLevelEnabled('info')) return
  nitro.hooks.hook('request', (event) => {
    const began = performance.now()
    const { res } = event.node
    res.once('close', () => {
      const route = event.context.matchedRoute?.path ?? 'none'
      log.info({ method: event.method, route, status: res.statusCode, ms: Math.round(performance.now() - began) })
    })
  })
})
