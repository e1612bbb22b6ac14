import { intervalAt, type Material } from '../material'
import type { Step } from '../study'
import { strokesIn } from './rudiments'
import { fromLowest, type MalletRecipe, type Mallets, strokesOf } from './settings'

const repeated = <T>(items: readonly T[], times: number): T[] =>
  items.flatMap((item) => Array.from({ length: times }, () => item))

/** The note at each turn of a plain course again: it ends one leg and begins the next. */
const turnsTwice = (steps: readonly Step[]): Step[] =>
  steps.flatMap((step, at) => {
    const next = steps[at + 1]
    return next && next.leg !== step.leg ? [step, { ...step, leg: next.leg }] : [step]
  })

/** The third from the lowest. */
const INNER_RIGHT = 3

/** The strokes of a figure over a chord that is held above each place. */
function moved({ figure, shape, numbering }: Mallets, { rising }: Material, steps: readonly Step[]): Step[] {
  const strokes = strokesOf(figure)!.map((stroke) => stroke.map((mallet) => fromLowest(mallet, numbering)).sort())
  return steps.flatMap((step) => {
    // what leads to the next key is one note
    if (step.link) return [{ ...step, place: { ...step.place, mallets: [INNER_RIGHT] } }]
    return strokes.map((mallets): Step => {
      const sounds = mallets.map((mallet) => intervalAt(rising[step.leg], step.place.at! + shape[mallet - 1]!))
      return { ...step, place: { ...step.place, sounds, mallets } }
    })
  })
}

/** A course as mallets strike it: its top twice, every degree as often as a rudiment is long, or a chord's figure on each. */
export function struck(recipe: MalletRecipe, material: Material, course: readonly Step[]): Step[] {
  const { pattern, mallets, rudiment, rudimentOn, tops } = recipe
  const plain = pattern.figure === 'straight' && pattern.walk === 'straight' && !pattern.motif
  const steps = tops === 'twice' && plain ? turnsTwice(course) : course
  if (mallets.count === 4) return moved(mallets, material, steps)
  return rudiment !== 'none' && rudimentOn === 'degree' ? repeated(steps, strokesIn(rudiment)) : [...steps]
}
