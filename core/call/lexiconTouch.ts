import type { RecipeInput } from '../instrument'
import { type Articulation, ARTICULATIONS } from '../study'
import { fixed, type Rule } from './rules'

type Change = Omit<RecipeInput, 'material'>

/** One touch for both hands; what each had of its own is let go. */
export const touchedAs = (articulation: Articulation): Change => ({ articulation, touch: undefined }) as Change

const SIDES = ['right', 'left'] as const
const otherThan = <T>(all: readonly T[], one: T): T => all.find((each) => each !== one)!

/** A touch for each hand: “RH staccato and LH legato”, “staccato in the left hand”. */
export const TOUCH_BY_HAND: readonly Rule[] = ARTICULATIONS.flatMap((touch) =>
  SIDES.flatMap((side) => {
    const [other, rest] = [otherThan(SIDES, side), otherThan(ARTICULATIONS, touch)]
    const [one, two] = [`${side}|${side[0]}h hand?`, `${other}|${other[0]}h hand?`]
    const phrases = [
      `${one} in? ${touch} ,? and|but|with|while|against? the? ${two} in? ${rest}`,
      `${touch} in|with? the? ${one} ,? and|but|with|while|against? ${rest} in|with? the? ${two}`,
      `${one} ${touch} ,? ${rest} in the? other|${other} hand?`,
      `the? ${one} plays|playing ${touch} ,? and|while? the? ${two} plays|playing? ${rest}`,
      // what is usual is not said of one hand alone
      ...(touch === 'staccato' ? [`staccato in|with the? ${one} only|alone?`] : []),
    ]
    return fixed(phrases, { part: { is: 'change', change: { touch: { [side]: touch, [other]: rest } } as Change } })
  }),
)
