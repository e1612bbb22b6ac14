import { messageMaker } from '../message'
import type { Part } from './measures'

/** How much of the index a part makes, in words. */
export type Amount = 'much' | 'some' | 'little'

/** What makes a study hard. */
export type DifficultyMessages = {
  readonly [P in Part as `difficulty.${P}`]: null
} & {
  readonly [A in Amount as `difficulty.amount.${A}`]: null
}
export const difficultyMessage = messageMaker<DifficultyMessages>()
