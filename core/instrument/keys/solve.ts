import { fingerLine, type FingerRecipe, oneKey, type Pin } from '../../fingering'
import type { Hand } from '../../study'
import { keyDifficulty } from '../../difficulty'
import { togetherOf } from '../../together'
import type { Performance, FamilySolver } from '../family'
import { checkHands, type FingerStretch, solvedHand, type RealisedHand } from '../hands'
import { askedOf } from '../parts'

export type { RealisedHand }

/** Fingers on keys, hand by hand. */
export interface SolvedHands extends Performance {
  readonly plays: 'fingers'
  readonly hands: Partial<Record<Hand, RealisedHand>>
}

const finger: FingerStretch<Pin> = ({ parts, line, keys }, pins, options) =>
  fingerLine({ ...(parts[0]!.recipe as FingerRecipe), pins }, keys, line, options)

/** Fingers on keys, as they are worked out. */
export const KEYS_PERFORMER: FamilySolver<FingerRecipe, SolvedHands> = {
  solve(recipe, parts, lines, _rhythm, wanted) {
    checkHands(recipe.pins, lines, wanted.accepted)
    const hands: Partial<Record<Hand, RealisedHand>> = {}
    for (const { hand } of lines) hands[hand] = solvedHand(hand, recipe.pins, parts, wanted, finger)
    const { right, left } = hands
    const together = right && left ? togetherOf(right, left) : undefined
    const difficulty = keyDifficulty([right, left], together, askedOf(recipe, parts))
    return { plays: 'fingers', hands, ...(together ? { together } : {}), difficulty }
  },
  landings: (recipe, material, line) =>
    fingerLine(recipe, oneKey(material), line, { alternatives: 0 }).crossings.map(({ index }) => index),
}
