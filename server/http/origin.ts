import { getRequestHost, getRequestProtocol, type H3Event } from 'h3'

/** Whether a proxy stands before this server, whose account of where a request comes from is believed (docs/serving.md). */
export const behindProxy = (): boolean => process.env.TACTUM_PROXY === '1'

/** Where this server is for whoever asks: `https://tactum.example`. */
export function originOf(event: H3Event): string {
  const protocol = getRequestProtocol(event, { xForwardedProto: behindProxy() })
  return `${protocol}://${getRequestHost(event)}`
}
