/** Together: two fingered hands side by side; what coincides, what crosses; and how hard a study is, for sticks too. */
export { type Difficulty, difficultyOf, type FingerParts, stickDifficulty, type StickParts } from './difficulty'
export { type HandPart, type Together, togetherOf } from './together'
export type { TogetherMessages } from './messages'
export { difficultyTold, meetingsTold, type NamedPart } from './words'
