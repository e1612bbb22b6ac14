import { addressOf, type Route } from '#shared/routes'
import { currentStudio } from './studio'
import { localToday } from './today'
import { languageTag } from './words'

/** Where a file is fetched by a link, in the reader's language, from the studio that the page shows. */
export const downloadAt = (route: Route, id: string): string =>
  addressOf(route, { id, lang: languageTag(), studio: currentStudio.value?.id, today: localToday() }).address

/** Where the archive of one pupil is fetched by a link. */
export const pupilArchive = (pupil: string): string =>
  addressOf('GET /api/archive', { pupil, lang: languageTag(), studio: currentStudio.value?.id }).address
