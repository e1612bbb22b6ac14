import { KINDS, signatureOf } from '../material'
import { parseNote } from '../pitch'
import { type Accepted, realise } from '../realise'
import { isFree } from '../study'
import { instrumentOf, type Recipe } from '../instrument'

export const ORDERS = ['shape', 'circle', 'difficulty'] as const
export type Order = (typeof ORDERS)[number]

interface Ordered {
  readonly recipe: Recipe
  readonly accepted: Accepted
}

/** What the hands do: studies with the same fingers or sticks on the same kind lie in the hand alike. */
const shapeOf = ({ recipe, accepted }: Ordered): string => {
  const { material } = recipe
  const family = isFree(material) ? 'free' : KINDS[material.kind].family
  return JSON.stringify([family, recipe.hands, recipe.motion, recipe.octaves, accepted])
}

/** Fifths from C, from no signs outward; sharps before flats. */
function circleOf({ recipe: { material } }: Ordered): number {
  if (isFree(material)) return 100
  const kind = KINDS[material.kind]
  const fifths = kind.signature === null ? 0 : signatureOf(parseNote(material.tonic), kind)
  return fifths < 0 ? -2 * fifths - 0.5 : 2 * fifths
}

/**
 * Places of studies in an order for practice: those that share a shape together, round the circle of keys, or from
 * easy to hard. Equals stay as they were.
 * @throws DomainError where a study cannot be realised
 */
export function practiceOrder(studies: readonly Ordered[], by: Order): number[] {
  const places = studies.map((_, at) => at)
  const sorted = (rank: (at: number) => number): number[] => places.toSorted((a, b) => rank(a) - rank(b) || a - b)
  if (by === 'circle') {
    const ranks = studies.map(circleOf)
    return sorted((at) => ranks[at]!)
  }
  if (by === 'difficulty') {
    // the index knows no order among instruments: each one's studies stay together
    const makes = studies.map(({ recipe }) => instrumentOf(recipe).make)
    const ranks = studies.map(({ recipe, accepted }) => realise(recipe, accepted, 0).difficulty.total)
    return places.toSorted(
      (a, b) => makes.indexOf(makes[a]!) - makes.indexOf(makes[b]!) || ranks[a]! - ranks[b]! || a - b,
    )
  }
  const shapes = studies.map(shapeOf)
  const first = new Map<string, number>()
  shapes.forEach((shape, at) => first.has(shape) || first.set(shape, at))
  return sorted((at) => first.get(shapes[at]!)!)
}
