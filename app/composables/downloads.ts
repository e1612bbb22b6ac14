import { addressOf, type Route } from '#shared/routes'
import { languageTag } from './words'

/** Where a file is fetched by a link, in the reader's language. */
export const downloadAt = (route: Route, id: string): string => addressOf(route, { id, lang: languageTag() }).address
