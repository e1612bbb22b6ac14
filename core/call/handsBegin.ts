import { letterIndex, modulo, type Note, noteName } from '../pitch'
import type { Hand } from '../study'
import type { Heard } from './heard'
import type { Ask, Features } from './part'

type Distance = 'third' | 'sixth' | 'tenth'
type HandsOn = NonNullable<Ask['handsOn']>
const SHAPES: readonly Features['shape'][] = ['double-thirds', 'double-sixths']
const HANDS = ['right', 'left'] as const

/** How far apart hands lie that begin on two notes, by their letters; a tenth where the line says one. */
function distanceFrom(left: Note, right: Note, said: string | undefined): Distance | null {
  const steps = modulo(letterIndex(right.letter) - letterIndex(left.letter), 7)
  return steps === 5 ? 'sixth' : steps === 2 ? (said === 'tenth' ? 'tenth' : 'third') : null
}

/** Which hand has the tonic, and how far apart they lie; null where what is said does not fit the key. */
function begunFrom(on: HandsOn, tonic: Note, said: string | undefined): { hand: Hand; distance: Distance } | null {
  const hand = HANDS.find((each) => on[each] && noteName(on[each]) === noteName(tonic))
  if (!hand) return null
  const distance = on.right && on.left ? distanceFrom(on.left, on.right, said) : (said as Distance)
  return distance && (said === undefined || said === distance) ? { hand, distance } : null
}

/** What the line says of how far apart hands lie, or begin. */
function distanceSaid({ change: { motion, interval, contraryFrom } }: Heard): string | undefined {
  const said = motion === 'contrary' ? contraryFrom : interval
  return said === 'octave' || said === 'unison' ? undefined : said
}

const isDouble = ({ shape }: Features): boolean => SHAPES.includes(shape)

interface Begun {
  readonly heard: Heard
  readonly features: readonly Features[]
}

/** “In thirds (hands a third apart)”: of “in thirds” the words say which of its meanings it has; “double thirds” has but one. */
function explained({ heard, features }: Begun, distance: string | undefined): Begun {
  if (!heard.questions.includes(`${distance}s`)) return { heard, features }
  return {
    heard: { ...heard, questions: heard.questions.filter((code) => code !== `${distance}s`) },
    features: features.filter(({ shape }) => shape !== `double-${distance}s`),
  }
}

/** A line whose hands begin on notes of their own, as hands so far apart; null where that does not fit its key. */
export function handsBegun(line: Heard, tonics: readonly Note[], said: readonly Features[]): Begun | null {
  const { handsOn, ...ask } = line.ask
  const distance = distanceSaid(line)
  if (!handsOn) return explained({ heard: line, features: said }, distance)
  const alone = HANDS.filter((hand) => handsOn[hand])
  if (alone.length === 1 && distance === undefined) {
    // “right hand starting on D”: it plays alone, and begins there
    const [hand] = alone
    const heard = { ...line, ask: { ...ask, start: handsOn[hand!]! }, hands: [...line.hands, hand!] }
    return { heard, features: said }
  }
  const [tonic] = tonics
  const begun = tonic && tonics.length === 1 ? begunFrom(handsOn, tonic, distance) : null
  if (!begun) return null
  const { heard, features } = explained({ heard: line, features: said }, begun.distance)
  if (features.some(isDouble)) return null
  const apart = heard.change.motion === 'contrary' ? { contraryFrom: begun.distance } : { interval: begun.distance }
  return { heard: { ...heard, ask, change: { ...heard.change, ...apart, tonicHand: begun.hand } }, features }
}
