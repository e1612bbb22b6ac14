/** Together: two fingered hands side by side; what coincides, what crosses; and how hard a study is, for sticks too. */
export { accordionDifficulty, difficultyOf, stickDifficulty } from './difficulty'
export type { Difficulty } from './hardness'
export { type Together, togetherOf } from './together'
export type { TogetherMessages } from './messages'
export { difficultyMessage, meetingsMessage } from './words'
