import { toRaw } from 'vue'
import { KINDS } from '#core/material'
import { lineFor, marksOf, type Player, type RealisedStudy, stretchesOf } from '#core/realise'
import { type AnyPin, type Finger, isFree, type Stick } from '#core/study'

/** Structured clones refuse proxies. */
export const plain = <T>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T

/** A note of one line: a hand's, or that of two sticks. */
export interface Place {
  readonly hand: Player
  readonly index: number
}

export const samePlace = (a: Place, b: Place): boolean => a.hand === b.hand && a.index === b.index
export const isEqual = (a: AnyPin, b: AnyPin): boolean => JSON.stringify(a) === JSON.stringify(b)

/** Whether notes of a study have degrees that come again in every octave. */
export function hasDegrees({ recipe }: RealisedStudy): boolean {
  return !isFree(recipe.material) && KINDS[recipe.material.kind].up.length > 0
}

/** A pin for one note. */
export const notePin = ({ hand, index }: Place, mark: string): AnyPin =>
  hand === 'sticks' ? { index, stick: mark as Stick } : { hand, index, finger: Number(mark) as Finger }

/** A note's finger or stick as it stands, for its degree in every octave; on its own leg only where the legs differ. */
export function degreePin(study: RealisedStudy, { hand, index }: Place): AnyPin {
  const { material } = study.recipe
  const { degree, leg } = lineFor(study, hand).notes[index]!
  const mark = marksOf(study, hand)[index]!
  const twoWay = !isFree(material) && KINDS[material.kind].up !== KINDS[material.kind].down
  const place = { degree: degree + 1, ...(twoWay ? { leg } : {}) }
  return hand === 'sticks' ? { ...place, stick: mark as Stick } : { hand, ...place, finger: Number(mark) as Finger }
}

/** What a note's whole grip (or stretch of alternation) has as it stands. */
export function gripPin(study: RealisedStudy, { hand, index }: Place): AnyPin {
  const [marks, begins] = [marksOf(study, hand), stretchesOf(study, hand)]
  const from = begins.findLast((each) => each <= index) ?? 0
  const own = marks.slice(from, begins.find((each) => each > index) ?? marks.length)
  return hand === 'sticks'
    ? { from, sticks: own as Stick[] }
    : { hand, from, fingers: own.map((mark) => Number(mark) as Finger) }
}
