import { createHash } from 'node:crypto'
import helmet from 'helmet'
import { defineNitroPlugin } from 'nitropack/runtime'
import { isSecure } from '../http/origin'

/** What a page may load and do: its own, and nothing of elsewhere. Its few inline scripts are named by their hashes. */
const POLICY = {
  'default-src': ["'self'"],
  'script-src': ["'self'"],
  // components set the place of what floats, and engraving the look of notes
  'style-src': ["'self'", "'unsafe-inline'"],
  'img-src': ["'self'", 'data:', 'blob:'],
  'font-src': ["'self'", 'data:'],
  'worker-src': ["'self'", 'blob:'],
  'object-src': ["'none'"],
  'base-uri': ["'self'"],
  'form-action': ["'self'"],
  'frame-ancestors': ["'none'"],
}

const policyWith = (scripts: readonly string[]): string =>
  Object.entries(POLICY)
    .map(([name, sources]) => [name, ...sources, ...(name === 'script-src' ? scripts : [])].join(' '))
    .join('; ')

const INLINE = /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g

const hashesOf = (html: string): string[] =>
  [...html.matchAll(INLINE)].map(([, script]) => `'sha256-${createHash('sha256').update(script!).digest('base64')}'`)

const headers = helmet({
  contentSecurityPolicy: { useDefaults: false, directives: POLICY },
  frameguard: { action: 'deny' },
  referrerPolicy: { policy: 'no-referrer' },
  // only what came over TLS is to come so ever after
  strictTransportSecurity: false,
})
/** A year (OWASP: HTTP Strict Transport Security Cheat Sheet). */
const HSTS = 'max-age=31536000; includeSubDomains'

/** Headers by which browsers keep strangers out, on every answer. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('request', ({ node: { req, res } }) => {
    headers(req, res, () => undefined)
    if (isSecure(req)) res.setHeader('strict-transport-security', HSTS)
  })
  nitro.hooks.hook('render:response', (response) => {
    response.headers ??= {}
    delete response.headers['x-powered-by']
    // the shell names the files of this build: it is asked for anew each time
    response.headers['cache-control'] = 'no-cache'
    response.headers['content-security-policy'] = policyWith(hashesOf(String(response.body)))
  })
})
