/** Together: two fingered hands side by side; what coincides, what crosses; and how hard a study is, for sticks too. */
export { type Difficulty, difficultyOf, stickDifficulty } from './difficulty'
export { type HandPart, type Together, togetherOf } from './together'
export { difficultyWords, meetingWords, type NamedPart } from './words'
