/** Together: two fingered hands side by side; what coincides and what crosses. */
export { type HandPart, type Together, togetherOf } from './together'
export { meetingWords } from './words'
