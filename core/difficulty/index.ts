/**
 * Difficulty: how hard a study is among those of its instrument, as a bounded sum of what was measured; weights are fitted
 * to the order of graded lists (bench/difficulty).
 */
export { type Difficulty, loadFor } from './difficulty'
export { accordionDifficulty, keyDifficulty, malletDifficulty } from './families'
export { type Measure, MEASURES, type Measures } from './measures'
export type { DifficultyMessages } from './messages'
export { type Harder, harderBy } from './scale'
export type { Asked } from './study'
export { partsMessage } from './words'
