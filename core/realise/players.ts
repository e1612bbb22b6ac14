import { type AcceptedMarks, families, familyOf, type Other, type SolvedLine, type Player } from '../instrument'
import type { Finger, Hand, Stick } from '../study'
import type { RealisedStudy } from './study'

/** Marks that a teacher has accepted, by player. */
export type Accepted = Partial<Record<Hand, readonly Finger[]>> & { readonly sticks?: readonly Stick[] }

/** Everybody who can play a line, the upper one first. */
export const PLAYERS: readonly Player[] = [...new Set(families().flatMap(({ players }) => players))]

/** The players of a study, the upper line first. */
export const playersIn = (study: RealisedStudy): readonly Player[] => familyOf(study.recipe).playersIn(study)

/** A player's line. @throws TypeError where the player does not take part; ask `playersIn` */
export function lineFor(study: RealisedStudy, player: Player): SolvedLine {
  if (playersIn(study).includes(player)) return familyOf(study.recipe).lineOf(study, player)
  throw new TypeError(`There is no line for ${player} in this study.`)
}

/** What stands over each note: a finger, R or L, or the number of a mallet. */
export const marksOf = (study: RealisedStudy, player: Player): readonly string[] =>
  playersIn(study).includes(player) ? familyOf(study.recipe).marksOf(study, player) : []

/** Notes whose mark is underlined: they are found in another row than is usual. */
export const underlinedIn = (study: RealisedStudy, player: Player): readonly number[] =>
  familyOf(study.recipe).underlinedIn(study, player)

/** Notes on which a new stretch begins that is played without moving; for sticks, without striking twice. */
export const stretchesOf = (study: RealisedStudy, player: Player): readonly number[] =>
  familyOf(study.recipe).stretchesOf(study, player)

/** Notes on which a thumb or finger is crossed, or sticks are. */
export const crossingsOf = (study: RealisedStudy, player: Player): readonly number[] =>
  familyOf(study.recipe).crossingsOf(study, player)

/** What else would serve a player of a study, cheapest first. */
export const othersOf = (study: RealisedStudy, player: Player): readonly Other[] =>
  playersIn(study).includes(player) ? familyOf(study.recipe).othersOf(study, player) : []

/** Whether a player's notes can be pinned at all: rudiments, rolls and figures dictate their sticks. */
export const takesPins = (study: RealisedStudy, player: Player): boolean =>
  familyOf(study.recipe).takesPins(study.recipe, study, player)

/** The hand in whose ink a note is drawn. */
export const inkOf = (study: RealisedStudy, player: Player, index: number): Hand =>
  familyOf(study.recipe).inkOf(study, player, index)

/** The fingers or sticks that now stand, to be stored with the study. */
export const acceptedOf = (study: RealisedStudy): Accepted => familyOf(study.recipe).acceptedOf(study) as Accepted

/** What was accepted for a player, as marks. */
export const acceptedMarks = (accepted: AcceptedMarks, player: Player): readonly string[] | undefined =>
  accepted[player]?.map(String)

/** Notes that are pinned, by player, each with its pin's place in the recipe. */
export const pinnedNotes = (study: RealisedStudy): { hand: Player; index: number; pin: number }[] =>
  playersIn(study).flatMap((hand) => lineFor(study, hand).pinned.map((each) => ({ hand, ...each })))

/** Notes on which a study differs from what was accepted for it, by player. */
export function departures(study: RealisedStudy, accepted: Accepted): { hand: Player; index: number }[] {
  return playersIn(study).flatMap((hand) => {
    const [stood, now] = [acceptedMarks(accepted, hand), acceptedMarks(acceptedOf(study), hand)!]
    return now.flatMap((mark, index) =>
      stood?.[index] !== undefined && stood[index] !== mark ? [{ hand, index }] : [],
    )
  })
}
