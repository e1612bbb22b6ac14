import { toRaw } from 'vue'
import { KINDS } from '#core/material'
import type { RealisedStudy } from '#core/realise'
import { type DegreePin, type GripPin, type Hand, isFree, type Pin } from '#core/study'

/** Structured clones refuse proxies. */
export const plain = <T>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T

/** A note of one hand. */
export interface Place {
  readonly hand: Hand
  readonly index: number
}

export const samePlace = (a: Place, b: Place): boolean => a.hand === b.hand && a.index === b.index
export const isEqual = (a: Pin, b: Pin): boolean => JSON.stringify(a) === JSON.stringify(b)

/** Whether notes of a study have degrees that come again in every octave. */
export function hasDegrees({ recipe }: RealisedStudy): boolean {
  return !isFree(recipe.material) && KINDS[recipe.material.kind].up.length > 0
}

/** A note's finger as it stands, for its degree in every octave; on its own leg only where the legs differ. */
export function degreePin({ recipe, hands }: RealisedStudy, { hand, index }: Place): DegreePin {
  const part = hands[hand]!
  const { degree, leg } = part.notes[index]!
  const twoWay = !isFree(recipe.material) && KINDS[recipe.material.kind].up !== KINDS[recipe.material.kind].down
  return { hand, degree: degree + 1, finger: part.fingers[index]!, ...(twoWay ? { leg } : {}) }
}

/** The fingers of a note's whole grip as they stand. */
export function gripPin({ hands }: RealisedStudy, { hand, index }: Place): GripPin {
  const { fingers, grips } = hands[hand]!
  const from = grips.findLast((begins) => begins <= index) ?? 0
  const to = grips.find((begins) => begins > index) ?? fingers.length
  return { hand, from, fingers: fingers.slice(from, to) }
}
