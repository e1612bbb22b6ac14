import { marksOf, type Player, type RealisedStudy } from '#core/realise'

/** Another way of a hand or of the sticks. */
export interface Other {
  readonly marks: readonly string[]
  /** Points more than what stands. */
  readonly price: number
  readonly pattern: string
  readonly words: string
  /** The first note on which it departs. */
  readonly departs: number
}

/** What else would serve a player of a study, cheapest first. */
export function othersOf(study: RealisedStudy, player: Player): Other[] {
  if (player === 'sticks') {
    return (study.sticking?.alternatives ?? []).map(({ sticks, ...other }) => ({ ...other, marks: sticks }))
  }
  const found = study.hands[player]?.alternatives ?? []
  return found.map(({ fingers, ...other }) => ({ ...other, marks: fingers.map(String) }))
}

/** Whether a player of a study can be pinned at all: rudiments, rolls and figures dictate their sticks. */
export function takesPins(study: RealisedStudy, player: Player): boolean {
  const { recipe, sticking } = study
  if (player !== 'sticks') return marksOf(study, player).length > 0
  return !sticking?.mallets && !sticking?.roll && !('rudiment' in recipe && recipe.rudiment !== 'none')
}
