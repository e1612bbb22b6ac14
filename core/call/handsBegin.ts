import { type Note, noteName } from '../pitch'
import type { Hand } from '../study'
import type { Heard } from './heard'
import type { Ask, Features } from './part'

const LETTERS = 'CDEFGAB'
type Distance = 'third' | 'sixth' | 'tenth'
type HandsOn = NonNullable<Ask['handsOn']>
const SHAPES: readonly Features['shape'][] = ['double-thirds', 'double-sixths']
const QUESTIONS = ['thirds', 'sixths']
const HANDS = ['right', 'left'] as const

/** Letters from the left hand's note up to the right hand's. */
const stepsUp = (left: Note, right: Note): number =>
  (LETTERS.indexOf(right.letter) - LETTERS.indexOf(left.letter) + 7) % 7

/** How far apart hands lie that begin on two notes, by their letters; a tenth where the line says one. */
function distanceFrom(left: Note, right: Note, said: string | undefined): Distance | null {
  const steps = stepsUp(left, right)
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
/** “In thirds (hands a third apart)”: the words say which of its meanings they have. */
const explained = (features: readonly Features[], distance: string): readonly Features[] =>
  features.filter((each) => each.shape !== `double-${distance}s`)

interface Begun {
  readonly heard: Heard
  readonly features: readonly Features[]
}

/** A line whose hands begin on notes of their own, as hands so far apart; null where that does not fit its key. */
export function handsBegun(heard: Heard, tonics: readonly Note[], features: readonly Features[]): Begun | null {
  const { handsOn, ...ask } = heard.ask
  const said = distanceSaid(heard)
  const questions = said === undefined && !handsOn ? heard.questions : without(heard.questions)
  if (!handsOn) return { heard: { ...heard, questions }, features: said ? explained(features, said) : features }
  const alone = HANDS.filter((hand) => handsOn[hand])
  if (alone.length === 1 && said === undefined) {
    // “right hand starting on D”: it plays alone, and begins there
    const [hand] = alone
    return { heard: { ...heard, ask: { ...ask, start: handsOn[hand!]! }, hands: [...heard.hands, hand!] }, features }
  }
  const [tonic] = tonics
  const begun = tonic && tonics.length === 1 ? begunFrom(handsOn, tonic, said) : null
  if (!begun) return null
  const left = explained(features, begun.distance)
  if (left.some(isDouble)) return null
  const apart = heard.change.motion === 'contrary' ? { contraryFrom: begun.distance } : { interval: begun.distance }
  const change = { ...heard.change, ...apart, tonicHand: begun.hand }
  return { heard: { ...heard, ask, change, questions }, features: left }
}

const without = (questions: readonly string[]): string[] => questions.filter((code) => !QUESTIONS.includes(code))
