/** Together: two fingered hands side by side; what coincides, what crosses. */
export { byStep, type HandPart, landings, type Together, togetherOf } from './together'
export type { TogetherMessages } from './messages'
export { meetingsMessage } from './words'
