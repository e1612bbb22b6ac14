import { isBlack } from '../../surface'
import type { MalletRecipe } from '../../sticking'
import type { OwnTask } from '../tasks'
import type { SolvedSticks } from './solve'

/** What worksheets ask of bars: which row, and where the hands go out or in. */
export const MALLET_TASKS: readonly OwnTask<MalletRecipe, SolvedSticks>[] = [
  {
    task: 'bar-rows',
    played: {},
    answer: (_, { sticking: { notes } }) => ({
      notes: notes.map(({ pitch }) => pitch),
      marks: notes.map(({ midi }) => (isBlack(midi) ? 'F' : 'N')),
    }),
  },
  {
    task: 'row-moves',
    played: {},
    answer: (_, { sticking: { notes } }) => ({
      notes: notes.map(({ pitch }) => pitch),
      marks: notes.map(({ midi }, at) => {
        const before = notes[at - 1]?.midi ?? midi
        return isBlack(before) === isBlack(midi) ? '·' : isBlack(midi) ? '+' : '−'
      }),
    }),
  },
]
