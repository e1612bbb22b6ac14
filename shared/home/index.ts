/** A pupil's own page: what was set, for a phone. Its music is drawn in a thread (music.ts), line by line; the rest here. */
export { gonePage, homePage } from './page'
export type { DrawnLine, HomeData, HomeLineData, HomeRequest, LinePlayed } from './requests'
