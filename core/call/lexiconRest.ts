import type { RecipeInput } from '../instrument'
import type { Meaning, Signs } from './part'
import { TOUCH_BY_HAND, touchedAs } from './lexiconTouch'
import { fixed, type Rule, rules } from './rules'

type Change = Omit<RecipeInput, 'material'>
const says = (phrases: readonly string[], change: Change): Rule[] => fixed(phrases, { part: { is: 'change', change } })

const TOUCH: Rule[] = [
  ...says(['legato|leg touch?'], touchedAs('legato')),
  ...says(['staccato|stacc touch?'], touchedAs('staccato')),
  ...TOUCH_BY_HAND,
  ...says(['one clef', 'own clefs', 'no clef changes|change', 'without clef changes|change'], { clefs: 'own' }),
  ...says(['changing clefs|clef', 'clef changes'], { clefs: 'changing' }),
  ...says(['no|without signature', 'signature none'], { signature: 'none' }),
  ...says(['parallel signature', 'signature parallel'], { signature: 'parallel' }),
  ...says(['own signature', 'signature own'], { signature: 'own' }),
]

const signs = (limit: Signs): Meaning => ({ part: { is: 'signs', signs: limit } })

const KEYS: Rule[] = [
  ...fixed(['all|every|each|todas|alle keys?', 'through? all the? keys'], { part: { is: 'all' } }),
  ...rules(['through|in? all? the? <n> keys', 'all the? <n>'], ({ numbers: [n] }) =>
    n === 12 ? { part: { is: 'all' } } : null,
  ),
  ...fixed(['all? three|3 minors|minor forms?', 'minor in? all? three? forms'], {
    part: { is: 'three-minors' },
  }),
  ...(['sharps', 'flats'] as const).flatMap((side) => {
    const other = side === 'sharps' ? 'flats' : 'sharps'
    const one = side.slice(0, -1)
    const limit = (n: number, exact: boolean): Signs => ({ sharps: null, flats: null, exact, [side]: n, [other]: null })
    return [
      ...rules(
        [`of|with? <n> ${side}|${one} or fewer|less`, `up to <n> ${side}|${one}`, `at most <n> ${side}|${one}`],
        (taken) => signs(limit(taken.numbers[0]!, false)),
      ),
      ...rules([`of|with <n> ${side}|${one}`], (taken) => signs(limit(taken.numbers[0]!, true))),
    ]
  }),
  ...rules(
    ['of|with? <n> signs|accidentals or fewer|less', 'up to <n> signs|accidentals', 'of? <n> sharps or flats or fewer'],
    ({ numbers: [n] }) => signs({ sharps: n!, flats: n!, exact: false }),
  ),
]

/** Words that a caller needs and that say nothing. */
export const FILLERS: readonly Rule[] = fixed(
  ['and|&|,|with|in|the|of|on|from|please|form|key|keys|then|to|:|y|en|de|und|mit|con|play|give|me'],
  { part: { is: 'filler' } },
)

const PITCHES: Rule[] = rules(['pitches|notes|pattern <pitch...>'], ({ pitches }) => ({
  part: { is: 'pitches', pitches },
}))

/** Touch, signature, many keys at once. */
export const REST_RULES: readonly Rule[] = [...TOUCH, ...KEYS, ...PITCHES]
