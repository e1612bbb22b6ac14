import type { Recipe } from '#core/instrument'
import type { Message } from '#core/message'
import type { Hands } from '#core/study'

/** What is known of a study that may be told of; tempi in notes a minute. */
export interface Told {
  readonly recipe: Recipe
  readonly title: Message
  /** At which it is practised: before anything was played, that at which practice begins. */
  readonly tempo: number
  /** Last set for some hands. */
  readonly tempi: Partial<Record<Hands, number>>
}

/** The tempo that is meant where nobody says one: the one last set, else the one of its practice. */
export const tempoMeant = ({ recipe, tempo, tempi }: Told, hands: Hands | null): number =>
  tempi[hands ?? recipe.hands] ?? tempo
