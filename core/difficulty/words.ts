import type { Message } from '../message'
import type { Difficulty } from './difficulty'
import type { Part } from './measures'
import { type Amount, difficultyMessage } from './messages'

/** Points from which a part makes much of the index, and some of it (ours). */
const FROM = { much: 10, some: 4 }
const amountOf = (points: number): Amount => (points >= FROM.much ? 'much' : points >= FROM.some ? 'some' : 'little')

/** Less than half a point is nothing to speak of. */
const NOTHING = 0.5

/** The parts of a difficulty from the largest on: what each is, and how much of the index it makes. */
export const partsMessage = ({ parts }: Pick<Difficulty, 'parts'>): { part: Message; amount: Message }[] =>
  (Object.entries(parts) as [Part, number][])
    .filter(([, points]) => points >= NOTHING)
    .sort(([, a], [, b]) => b - a)
    .map(([part, points]) => ({
      part: difficultyMessage(`difficulty.${part}`),
      amount: difficultyMessage(`difficulty.amount.${amountOf(points)}`),
    }))
