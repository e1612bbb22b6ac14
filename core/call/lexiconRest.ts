import type { Finger, Hand, Pin, RecipeInput } from '../study'
import type { Said, Signs } from './part'
import { fixed, type Rule, rules } from './rules'

type Change = Omit<RecipeInput, 'material'>
const says = (phrases: readonly string[], change: Change, words: string): Rule[] =>
  fixed(phrases, { part: { is: 'change', change }, words })

const SCHOOL: Rule[] = [
  ...says(['conservatory school?'], { school: 'conservatory' }, 'conservatory school'),
  ...says(['black key pivot school?', 'pivot school?'], { school: 'black-key-pivot' }, 'black-key pivot'),
  ...says(
    ['one fingering for all school?', 'c fingering', 'one fingering'],
    { school: 'one-fingering-for-all' },
    'one fingering for all',
  ),
  ...says(['black groups school?'], { school: 'black-groups' }, 'black groups'),
  ...says(['two hand tetrachords school?'], { school: 'two-hand-tetrachords' }, 'two-hand tetrachords'),
  ...says(['free and? smooth school?'], { school: 'free-and-smooth' }, 'free and smooth'),
  ...says(['first finger as? usual'], { firstFinger: 'usual' }, 'first finger as usual'),
  ...says(['first finger pattern'], { firstFinger: 'pattern' }, 'first finger by the pattern'),
  ...says(['first finger two|2', 'begin|begins on 2|two'], { firstFinger: 'two' }, 'first finger 2'),
  ...says(['left arpeggio|arpeggios by distance'], { leftArpeggio: 'by-distance' }, 'left-hand 3 or 4 by distance'),
  ...says(['left arpeggio|arpeggios always four|4'], { leftArpeggio: 'always-four' }, 'left-hand arpeggios always 4'),
  ...says(['chromatic one three', 'chromatic 1 3'], { chromatic: 'one-three' }, 'chromatic with 1 and 3'),
  ...says(['chromatic in? fours'], { chromatic: 'fours' }, 'chromatic in fours'),
  ...says(['chromatic in? fives'], { chromatic: 'fives' }, 'chromatic in fives'),
  ...says(['small hand|hands'], { handSize: 'small' }, 'small hands'),
  ...says(['average hand|hands'], { handSize: 'average' }, 'average hands'),
  ...says(['large|big hand|hands'], { handSize: 'large' }, 'large hands'),
]

const TOUCH: Rule[] = [
  ...says(['legato|leg'], { articulation: 'legato' }, 'legato'),
  ...says(['staccato|stacc'], { articulation: 'staccato' }, 'staccato'),
  ...says(['no|without signature', 'signature none'], { signature: 'none' }, 'no key signature'),
  ...says(['parallel signature', 'signature parallel'], { signature: 'parallel' }, 'signature of the parallel key'),
  ...says(['own signature', 'signature own'], { signature: 'own' }, 'its own signature'),
]

const isFinger = (n: number | undefined): n is Finger => n !== undefined && n >= 1 && n <= 5
const pinned = (pin: Pin, words: string): Said => ({ part: { is: 'change', change: { pins: [pin] } }, words })

/** Notes of the line count from 1, as people do; a recipe counts from 0. */
function pinRules(hand: Hand): Rule[] {
  const at = `${hand}|${hand[0]}h hand?`
  const legs = (['up', 'down'] as const).flatMap((leg) =>
    rules([`pin ${at} degree <n> finger <n> going? ${leg}`], ({ numbers: [degree, finger] }) =>
      degree! >= 1 && isFinger(finger)
        ? pinned({ hand, degree: degree!, finger, leg }, `${finger} on degree ${degree} going ${leg}, ${hand}`)
        : null,
    ),
  )
  return [
    ...rules([`pin ${at} note <n> finger <n>`], ({ numbers: [note, finger] }) =>
      note! >= 1 && isFinger(finger)
        ? pinned({ hand, index: note! - 1, finger }, `${finger} on note ${note}, ${hand}`)
        : null,
    ),
    ...rules([`pin ${at} degree <n> finger <n>`], ({ numbers: [degree, finger] }) =>
      degree! >= 1 && isFinger(finger)
        ? pinned({ hand, degree: degree!, finger }, `${finger} on degree ${degree}, ${hand}`)
        : null,
    ),
    ...rules([`pin ${at} notes|note <n> fingers <n...>`], ({ numbers: [note, ...fingers] }) =>
      note! >= 1 && fingers.every(isFinger)
        ? pinned({ hand, from: note! - 1, fingers }, `${fingers.join(' ')} from note ${note}, ${hand}`)
        : null,
    ),
    ...legs,
  ]
}

const signs = (limit: Signs, words: string): Said => ({ part: { is: 'signs', signs: limit }, words })
const plural = (n: number, sign: string): string => `${n} ${sign}${n === 1 ? '' : 's'}`

const KEYS: Rule[] = [
  ...fixed(['all|every|each|todas|alle keys?'], { part: { is: 'all' }, words: 'all keys' }),
  ...fixed(['all? three|3 minors|minor forms?', 'minor in? all? three? forms'], {
    part: { is: 'three-minors' },
    words: 'the three minors',
  }),
  ...(['sharps', 'flats'] as const).flatMap((side) => {
    const other = side === 'sharps' ? 'flats' : 'sharps'
    const one = side.slice(0, -1)
    const limit = (n: number, exact: boolean): Signs => ({ sharps: null, flats: null, exact, [side]: n, [other]: null })
    return [
      ...rules(
        [`of|with? <n> ${side}|${one} or fewer|less`, `up to <n> ${side}|${one}`, `at most <n> ${side}|${one}`],
        (taken) => signs(limit(taken.numbers[0]!, false), `up to ${plural(taken.numbers[0]!, one)}`),
      ),
      ...rules([`of|with <n> ${side}|${one}`], (taken) =>
        signs(limit(taken.numbers[0]!, true), `with ${plural(taken.numbers[0]!, one)}`),
      ),
    ]
  }),
  ...rules(
    ['of|with? <n> signs|accidentals or fewer|less', 'up to <n> signs|accidentals', 'of? <n> sharps or flats or fewer'],
    ({ numbers: [n] }) => signs({ sharps: n!, flats: n!, exact: false }, `up to ${plural(n!, 'sign')}`),
  ),
]

const FILLERS: Rule[] = fixed(
  ['and|&|,|with|in|the|of|on|from|please|form|key|keys|then|to|:|y|en|de|und|mit|con|play|give|me'],
  { part: { is: 'filler' }, words: '' },
)

const PITCHES: Rule[] = rules(['pitches|notes|pattern <pitch...>'], ({ pitches }) => ({
  part: { is: 'pitches', pitches },
  words: pitches.length === 1 ? 'one pitch' : `${pitches.length} pitches`,
}))

/** School, touch, pins, many keys at once, and the words between. */
export const REST_RULES: readonly Rule[] = [
  ...[...SCHOOL, ...TOUCH, ...pinRules('right'), ...pinRules('left'), ...KEYS, ...PITCHES, ...FILLERS],
]
