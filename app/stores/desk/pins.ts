import { toRaw } from 'vue'
import { KINDS } from '#core/material'
import { lineFor, marksOf, type RealisedStudy, stretchesOf } from '#core/realise'
import { isFree } from '#core/study'
import { type AnyPin, familyOf, type Player } from '#core/instrument'

/** Structured clones refuse proxies. */
export const plain = <T>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T

/** A note of one line: a hand's, or that of two sticks. */
export interface Place {
  readonly hand: Player
  readonly index: number
}

export const samePlace = (a: Place, b: Place): boolean => a.hand === b.hand && a.index === b.index

/** Whether notes of a study have degrees that come again in every octave. */
export function hasDegrees({ recipe }: RealisedStudy): boolean {
  return !isFree(recipe.material) && KINDS[recipe.material.kind].up.length > 0
}

/** A note's finger or stick as it stands, for its degree in every octave; on its own leg only where the legs differ. */
export function degreePin(study: RealisedStudy, { hand, index }: Place): AnyPin {
  const { material } = study.recipe
  const { degree, leg } = lineFor(study, hand).notes[index]!
  const mark = marksOf(study, hand)[index]!
  const twoWay = !isFree(material) && KINDS[material.kind].up !== KINDS[material.kind].down
  return familyOf(study.recipe).pins.onDegree(hand, degree + 1, twoWay ? leg : undefined, mark) as AnyPin
}

/** What a note's whole grip (or stretch of alternation) has as it stands. */
export function gripPin(study: RealisedStudy, { hand, index }: Place): AnyPin {
  const [marks, begins] = [marksOf(study, hand), stretchesOf(study, hand)]
  const from = begins.findLast((each) => each <= index) ?? 0
  const own = marks.slice(from, begins.find((each) => each > index) ?? marks.length)
  return familyOf(study.recipe).pins.overRun(hand, from, own) as AnyPin
}
