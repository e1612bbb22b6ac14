import type { FingerRecipe } from '../../fingering'
import { onBlackKeys, type OwnTask } from '../tasks'
import type { SolvedHands } from './solve'

/** What worksheets ask of a keyboard. */
export const KEYS_TASKS: readonly OwnTask<FingerRecipe, SolvedHands>[] = [
  {
    task: 'black-keys',
    played: { hands: 'right' },
    answer: (_, { hands: { right } }) =>
      right
        ? onBlackKeys(
            right.notes.map(({ pitch }) => pitch),
            right.midi,
          )
        : null,
  },
]
