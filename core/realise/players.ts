import type { Accepted, RealisedHand } from './hands'
import type { RealisedStudy } from './study'
import type { RealisedSticking } from './sticks'
import type { Hand } from '../study'

/** Who plays a line of a study: a hand with its fingers, or two sticks that share one. */
export type Player = Hand | 'sticks'
export const PLAYERS: readonly Player[] = ['right', 'left', 'sticks']

/** The hands whose fingers play, right (upper staff) first; none where sticks do. */
export const handsIn = (study: RealisedStudy): Hand[] =>
  (['right', 'left'] as const).filter((hand) => study.hands[hand] !== undefined)

/** The players of a study, the upper line first. */
export const playersIn = (study: RealisedStudy): Player[] => (study.sticking ? ['sticks'] : handsIn(study))

/** A player's line. @throws TypeError where the player does not take part; ask `playersIn` */
export function lineFor(study: RealisedStudy, player: Player): RealisedHand | RealisedSticking {
  const line = player === 'sticks' ? study.sticking : study.hands[player]
  if (!line) throw new TypeError(`There is no line for ${player} in this study.`)
  return line
}

/** What stands over each note: a finger, R or L, or the number of a mallet. */
export function marksOf(study: RealisedStudy, player: Player): readonly string[] {
  if (player !== 'sticks') return (study.hands[player]?.fingers ?? []).map(String)
  const { sticks = [], mallets } = study.sticking ?? {}
  return mallets ? mallets.map(String) : sticks
}

/** Notes on which a new stretch begins that is played without moving; for sticks, without striking twice. */
export function stretchesOf(study: RealisedStudy, player: Player): readonly number[] {
  if (player !== 'sticks') return study.hands[player]?.grips ?? []
  return [0, ...(study.sticking?.doubles ?? []).map(({ index }) => index)]
}

/** The fingers or sticks that now stand, to be stored with the study. */
export function acceptedOf(study: RealisedStudy): Accepted {
  if (study.sticking) return { sticks: study.sticking.sticks }
  return Object.fromEntries(Object.entries(study.hands).map(([hand, part]) => [hand, part.fingers]))
}

/** What was accepted for a player, as marks. */
export const acceptedMarks = (accepted: Accepted, player: Player): readonly string[] | undefined =>
  accepted[player]?.map(String)
