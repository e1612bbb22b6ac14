import {
  type AccordionPin,
  type AccordionRecipe,
  type BassFingering,
  buttonsError,
  fingerBass,
  fingerButtons,
  type KeySchoolId,
  type Register,
} from '../../buttons'
import { accordionDifficulty } from '../../difficulty'
import { fingerLine, type FingeredRecipe, type Make, noteParam, oneKey, type Pin } from '../../fingering'
import { pitchName } from '../../pitch'
import type { Line, LineNote } from '../../study'
import { freeBassOf, reachOn, trebleOf } from '../../surface'
import { togetherOf } from '../../together'
import type { Performance, FamilySolver } from '../family'
import { checkHands, type FingerStretch, solvedHand, type RealisedHand } from '../hands'
import { askedOf, type Part } from '../parts'
import { bellowsOf, type BellowsChange } from './bellows'

/** The left hand on the board. */
export interface RealisedBass extends BassFingering {
  readonly notes: readonly LineNote[]
  /** Written names with octave; a chord by its root. */
  readonly pitches: readonly string[]
  readonly midi: readonly number[]
}

/** An accordion's study: the right hand on keys or buttons, the left on the board, the bellows. */
export interface SolvedAccordion extends Performance {
  readonly plays: 'accordion'
  /** The left hand only where it plays a free bass; on a board it is the bass. */
  readonly hands: { readonly right?: RealisedHand; readonly left?: RealisedHand }
  readonly bass?: RealisedBass
  readonly bellows: readonly BellowsChange[]
  /** Ranks of reeds that sound. */
  readonly registers: readonly Register[]
}

/**
 * Keys of an accordion beside a piano's (common practice): narrower, so that a hand reaches farther; no weight of the arm
 * behind the thumb, so that it is dearer to pass it and to put it on black; at the top the hand ends on 4 or 5.
 */
const makeOf = ({ keys }: AccordionRecipe['accordion']): Make => ({
  id: `accordion ${keys}`,
  reach: reachOn(keys),
  dearer: { 'thumb-on-black': 1.5, pass: 1.15, 'pass-at-end': 1.5, shift: 0.9 },
})

const onKeys = ({ accordion }: AccordionRecipe): boolean => trebleOf(accordion.treble).plays === 'keys'

const finger: FingerStretch<AccordionPin> = ({ parts, line, keys }, pins, options) => {
  const recipe = parts[0]!.recipe as AccordionRecipe
  const degrees = Math.max(...parts.map(({ material }) => material.up.length))
  if (line.hand === 'left' || !onKeys(recipe)) return fingerButtons({ ...recipe, pins }, degrees, line, options)
  const onPiano: FingeredRecipe = {
    ...recipe,
    ...{
      leftArpeggio: 'by-distance',
      repeats: 'alike',
      school: recipe.school as KeySchoolId,
      pins: pins as readonly Pin[],
    },
  }
  return fingerLine(onPiano, keys, line, { ...options, make: makeOf(recipe.accordion) })
}

/** @throws DomainError where a free bass has not all notes of the left hand */
function checkFree({ accordion: { free } }: AccordionRecipe, { notes }: Line): void {
  const { lowest, highest } = freeBassOf(free)
  const outside = notes.find(({ midi }) => midi < lowest || midi > highest)
  if (!outside) return
  throw buttonsError('free.lacks', { notes: free.notes, note: noteParam(outside.pitch) }, 'accordion.free', {
    under: Math.max(0, ...notes.map(({ midi }) => lowest - midi)),
    over: Math.max(0, ...notes.map(({ midi }) => midi - highest)),
  })
}

function solvedBass(
  recipe: AccordionRecipe,
  parts: readonly Part[],
  notes: readonly LineNote[],
  options: Parameters<FamilySolver<AccordionRecipe, SolvedAccordion>['solve']>[4],
): RealisedBass {
  const free = parts.flatMap(({ lines }) => lines.filter(({ hand }) => hand === 'left'))[0]?.free
  const line = { hand: 'left' as const, notes, ...(free ? { free } : {}) }
  const degrees = Math.max(...parts.map(({ material }) => material.up.length))
  const accepted = options.accepted.left as BassFingering['fingers'] | undefined
  return {
    ...fingerBass(recipe, line, degrees, { accepted, alternatives: options.alternatives }),
    notes,
    pitches: notes.map(({ pitch }) => pitchName(pitch)),
    midi: notes.map(({ midi }) => midi),
  }
}

/** The left hand: fingers on a free bass, or buttons of the board. @throws DomainError */
function solvedLeft(
  recipe: AccordionRecipe,
  parts: readonly Part[],
  line: Line,
  wanted: Parameters<FamilySolver<AccordionRecipe, SolvedAccordion>['solve']>[4],
): { readonly left?: RealisedHand; readonly bass?: RealisedBass } {
  if (recipe.accordion.left.board === 'standard') return { bass: solvedBass(recipe, parts, line.notes, wanted) }
  checkFree(recipe, line)
  return { left: solvedHand('left', recipe.pins, parts, wanted, finger) }
}

/** What coincides when the thumb of the left hand never plays: fingers that are equal, thirds that meet. */
const handPart = ({ notes, fingers, leaps }: RealisedBass) => ({ notes, fingers, crossings: [], lifts: leaps })

/** An accordion's hands, as they are worked out. */
export const ACCORDION_PERFORMER: FamilySolver<AccordionRecipe, SolvedAccordion> = {
  solve(recipe, parts, lines, rhythm, wanted) {
    checkHands(recipe.pins, lines, wanted.accepted)
    const lineOf = (hand: 'right' | 'left') => lines.find((line) => line.hand === hand)
    const [upper, lower] = [lineOf('right'), lineOf('left')]
    const right = upper && solvedHand('right', recipe.pins, parts, wanted, finger)
    const { left, bass } = lower ? solvedLeft(recipe, parts, lower, wanted) : {}
    const lowerPart = left ?? (bass && handPart(bass))
    const together = right && lowerPart ? togetherOf(right, lowerPart) : undefined
    return {
      plays: 'accordion',
      hands: { ...(right ? { right } : {}), ...(left ? { left } : {}) },
      ...(bass ? { bass } : {}),
      bellows: bellowsOf(recipe, parts, rhythm),
      registers: recipe.accordion.registers,
      ...(together ? { together } : {}),
      difficulty: accordionDifficulty(right, bass ?? left, askedOf(recipe, parts)),
    }
  },
  landings(recipe, material, line) {
    if (line.hand === 'left' && recipe.accordion.left.board !== 'free') return []
    const part = { recipe, material, lines: [line] } as unknown as Part
    const stretch = { parts: [part], line, keys: oneKey(material) }
    return finger(stretch, [], { accepted: undefined, alternatives: 0 }).crossings.map(({ index }) => index)
  },
}
