import compression from 'compression'
import { fromNodeMiddleware } from 'h3'

/** Less is not worth the work. */
const MIN_BYTES = 4096
/** Quick: what is sent goes a short way. */
const LEVEL = 4

/**
 * Text is sent compressed; files of the build are so already, as they were built (nuxt.config.ts). What is told line by
 * line as it comes goes out as it comes.
 */
export default fromNodeMiddleware(
  compression({
    ...{ threshold: MIN_BYTES, level: LEVEL },
    filter: (request, response) =>
      request.headers.accept !== 'application/x-ndjson' && compression.filter(request, response),
  }) as Parameters<typeof fromNodeMiddleware>[0],
)
