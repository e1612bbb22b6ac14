import type { IncomingMessage } from 'node:http'
import { getRequestHost, getRequestIP, getRequestProtocol, type H3Event } from 'h3'

/** Proxies whose account of where a request comes from is believed: `TACTUM_PROXY`, addresses with commas. */
const PROXIES = new Set((process.env.TACTUM_PROXY ?? '').split(',').filter(Boolean))

/** Addresses of version 4 may be written as of version 6. */
const plain = (address: string | undefined): string => (address ?? '').replace(/^::ffff:/, '')

/** Whether a request was handed on by a proxy that was named; anybody else may say what they like of themselves. */
export const byProxy = ({ socket }: IncomingMessage): boolean => PROXIES.has(plain(socket.remoteAddress))

/** Whether a request came over TLS, as far as a proxy that is believed says so. */
export const isSecure = (request: IncomingMessage): boolean =>
  byProxy(request) && request.headers['x-forwarded-proto'] === 'https'

/** Where this server is for whoever asks: `https://tactum.example`. */
export function originOf(event: H3Event): string {
  const protocol = getRequestProtocol(event, { xForwardedProto: byProxy(event.node.req) })
  return `${protocol}://${getRequestHost(event)}`
}

/** Where a request comes from: the last address that a proxy added itself, or whoever is connected. */
export function placeOf(event: H3Event): string {
  if (!byProxy(event.node.req)) return plain(getRequestIP(event))
  const forwarded = String(event.node.req.headers['x-forwarded-for'] ?? '').split(',')
  return plain(forwarded.at(-1)?.trim())
}
