import type { Material } from '../material'
import type { Hand } from './hand'
import type { CommonRecipe } from './recipe'

type Distance = 'third' | 'sixth' | 'tenth'

/**
 * Degrees between the hands, by degrees to the octave: triads and seventh chords, seven-note scales, the chromatic scale.
 * A sixth is what lies from the third of a chord up to its root.
 */
export const APART: Record<number, Record<Distance, number>> = {
  3: { third: 1, sixth: 2, tenth: 4 },
  4: { third: 1, sixth: 3, tenth: 5 },
  7: { third: 2, sixth: 5, tenth: 9 },
  12: { third: 3, sixth: 9, tenth: 15 },
}

/** Semitones between hands so far apart in the chromatic scale. */
export const chromaticApart = (distance: Distance): number => APART[12]![distance]

const inOctaves = ({ kind: { second }, rising }: Material): boolean =>
  second !== undefined && 'degrees' in second && second.degrees === rising.up.length

/** Where a hand begins that lies a third, sixth or tenth from the other. */
function begins({ tonicHand }: CommonRecipe, n: number, distance: Distance, hand: Hand): number {
  const apart = APART[n]![distance]
  if (tonicHand === 'right') return hand === 'right' ? 0 : -apart
  if (hand === 'left') return distance === 'tenth' ? -n : 0
  return distance === 'tenth' ? apart - n : apart
}

/** How far apart hands begin that move against each other, where that is neither on one key nor an octave. */
export const contraryDistance = ({ motion, contraryFrom }: CommonRecipe): Distance | null =>
  motion === 'contrary' && contraryFrom !== 'unison' && contraryFrom !== 'octave' ? contraryFrom : null

/** How many degrees a hand begins from the lowest tonic of the right hand's octave. */
export function offsetOf(recipe: CommonRecipe, material: Material, hand: Hand): number {
  const n = material.rising.up.length
  if (recipe.hands !== 'together') return 0
  // octaves in both hands need an octave more between them, so that no key is wanted twice
  const wider = inOctaves(material) ? n : 0
  if (recipe.motion === 'contrary') {
    const distance = contraryDistance(recipe)
    const from = distance ? begins(recipe, n, distance, hand) : 0
    if (hand === 'right') return from
    return from - n * (recipe.octaves + (recipe.contraryFrom === 'octave' ? 1 : 0)) - wider
  }
  if (recipe.interval === 'octave') return hand === 'left' ? -n - wider : 0
  return begins(recipe, n, recipe.interval, hand)
}
