import { familyOf, type Recipe } from '../instrument'
import { keyNamed, KINDS, type Material, twinOf } from '../material'
import { joined, listed, type Message, named } from '../message'
import { noteName } from '../pitch'
import { type CommonRecipe, isFree } from '../study'
import { titleMessage } from './messages'
import { shapeMessage } from './shape'

export const octavesMessage = (octaves: number): Message => titleMessage('octaves', { octaves })

type Apart = Pick<CommonRecipe, 'hands' | 'motion' | 'interval' | 'tonicHand' | 'contraryFrom'>

/** “a sixth apart, right hand on the tonic”, “from a third apart”; nothing where the hands lie as usual. */
export function apartMessage({ hands, motion, interval, tonicHand, contraryFrom }: Apart): Message | null {
  if (hands !== 'together') return null
  const distance = motion === 'contrary' ? contraryFrom : interval
  const usual = distance === 'sixth' ? 'right' : 'left'
  const hand = tonicHand === usual ? 'usual' : tonicHand
  if (distance === 'unison') return null
  if (motion === 'contrary') {
    return titleMessage('apart.contrary', { from: distance, hand: distance === 'octave' ? 'usual' : hand })
  }
  return distance === 'octave' ? null : titleMessage('apart', { interval: distance, hand })
}

const SHOWN_PITCHES = 4

/** “Pattern C4 E4 G4 B4 …”. */
function pitchesMessage(pitches: readonly (string | readonly string[])[]): Message {
  const shown = pitches
    .slice(0, SHOWN_PITCHES)
    .map((each) => (typeof each === 'string' ? named(each) : listed(each.map(named), 'plus')))
  return titleMessage('pitches.pattern', {
    pitches: listed(shown, 'space'),
    more: pitches.length > SHOWN_PITCHES ? 'yes' : 'no',
  })
}

/** What is played: “G♯ harmonic minor”, “Pattern C4 E4 G4 B4 …”. */
export const materialName = ({ material }: Pick<CommonRecipe, 'material'>): Message =>
  isFree(material) ? pitchesMessage(material.pitches) : keyNamed(material)

const some = (message: Message | null): Message[] => (message ? [message] : [])

/** What a title is made of: what is played, by which hands, how far apart and how long, which way, and what else. */
export interface TitleParts {
  readonly what: Message
  readonly by: Message
  readonly apart: readonly Message[]
  readonly length: readonly Message[]
  readonly way: readonly Message[]
  readonly rest: readonly Message[]
}

export function titleParts(recipe: Recipe): TitleParts {
  const family = familyOf(recipe)
  const { material, course, octaves } = recipe
  const rest = [...shapeMessage(recipe), ...family.alsoMessage(recipe)]
  const common = { what: materialName(recipe), by: family.playedBy(recipe), rest }
  if (isFree(material)) {
    const back =
      course === 'up' ? [] : [course === 'up-down' ? titleMessage('course.back') : titleMessage('course', { course })]
    return { ...common, apart: [], length: [], way: back }
  }
  const cadence = KINDS[material.kind].texture === 'cadence'
  const way = cadence || course === 'up-down' ? [] : [titleMessage('course', { course })]
  const length = (cadence && octaves === 1) || !family.inOctaves(recipe) ? [] : [octavesMessage(octaves)]
  return { ...common, apart: some(apartMessage(recipe)), length, way }
}

/** “G♯ harmonic minor, hands together, two octaves”. */
export function titleOf(recipe: Recipe): Message {
  const { what, by, apart, length, way, rest } = titleParts(recipe)
  return joined([what, by, ...apart, ...length, ...way, ...rest], 'comma')
}

/** The other name of the same keys, if it is usual. */
export function twinMessage({ tonic, kind, inversion }: Material): { tonic: string; title: Message } | null {
  const twin = twinOf(tonic, kind)
  return twin && { tonic: noteName(twin), title: keyNamed({ tonic: noteName(twin), kind: kind.id, inversion }) }
}
