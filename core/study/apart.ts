import type { Material } from '../material'
import type { Hand } from './hand'
import type { CommonRecipe } from './recipe'

/** Degrees between the hands, by degrees to the octave: seven-note scales, and the chromatic scale. */
export const APART: Record<number, Record<'third' | 'sixth' | 'tenth', number>> = {
  7: { third: 2, sixth: 5, tenth: 9 },
  12: { third: 3, sixth: 9, tenth: 15 },
}

const inOctaves = ({ kind: { second }, rising }: Material): boolean =>
  second !== undefined && 'degrees' in second && second.degrees === rising.up.length

/** How many degrees a hand begins from the lowest tonic of the right hand's octave. */
export function offsetOf(recipe: CommonRecipe, material: Material, hand: Hand): number {
  const n = material.rising.up.length
  if (recipe.hands !== 'together') return 0
  // octaves in both hands need an octave more between them, so that no key is wanted twice
  const wider = inOctaves(material) ? n : 0
  if (recipe.motion === 'contrary') {
    if (hand === 'right') return 0
    return -n * (recipe.octaves + (recipe.contraryFrom === 'octave' ? 1 : 0)) - wider
  }
  if (recipe.interval === 'octave') return hand === 'left' ? -n - wider : 0
  const apart = APART[n]![recipe.interval]
  if (recipe.tonicHand === 'right') return hand === 'right' ? 0 : -apart
  if (hand === 'left') return recipe.interval === 'tenth' ? -n : 0
  return recipe.interval === 'tenth' ? apart - n : apart
}
