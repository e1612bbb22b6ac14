/** Together: two fingered hands side by side; what coincides, what crosses, how hard it is. */
export { type Difficulty, difficultyOf } from './difficulty'
export { type HandPart, type Together, togetherOf } from './together'
export { difficultyWords, meetingWords, type NamedPart } from './words'
