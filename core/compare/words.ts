import { harderBy } from '../difficulty'
import { noteParam } from '../fingering'
import { familyOf, type Player } from '../instrument'
import { listed, type Message } from '../message'
import { playersIn, type RealisedStudy } from '../realise'
import { compareLegs, type Differences, type HandDifferences } from './compare'
import { comparedLine } from './line'
import { marksMessages } from './markWords'
import { compareMessage } from './messages'
import { type ComparedHand, notesMessages } from './noteWords'
import { playingMessages, shapeMessages } from './shapeWords'

const placesMessage = (player: Player, { places }: HandDifferences): Message[] =>
  places ? [compareMessage('diff.places', { player, count: places.length })] : []

/** How many more notes, or fewer; once where both hands have as many. */
function lengthMessages(hands: readonly (ComparedHand & { readonly player: Player })[]): Message[] {
  const more = hands.map(({ a, b }) => b.notes.length - a.notes.length)
  const alike = hands.length > 1 && new Set(more).size === 1
  const message = (player: string, count: number): Message[] =>
    count === 0 ? [] : [compareMessage('diff.length', { player, more: Math.max(0, count), fewer: Math.max(0, -count) })]
  return alike ? message('each', more[0]!) : hands.flatMap(({ player }, at) => message(player, more[at]!))
}

/** What one hand changes on the way down; nothing where it comes back as it went. */
export function legMessage(study: RealisedStudy, player: Player): Message[] {
  const differences = compareLegs(study, player)
  if (!differences || differences.notes.length === 0) return []
  const part = comparedLine(study, player)
  const name = (index: number) => noteParam(part.notes[index]!.pitch)
  const notes = differences.notes.map(({ a, b }) =>
    compareMessage('diff.note', { from: name(a), to: name(b), way: 'both' }),
  )
  const unique = [...new Map(notes.map((message) => [JSON.stringify(message), message])).values()]
  const { plays } = familyOf(study.recipe)
  return [compareMessage('diff.down', { player, plays, notes: listed(unique), count: differences.fingers.length })]
}

/** How much harder, in words; a difference too small to speak of is none. */
function harderMessage({ difficulty }: Differences): Message {
  if (!difficulty) return compareMessage('diff.not-ranked')
  const { from, to } = difficulty
  const how = to > from ? 'harder' : 'easier'
  return compareMessage('diff.harder', { from: Math.round(from), to: Math.round(to), by: harderBy(to - from), how })
}

/** Where each has another hand, their notes alone are laid beside each other. */
function handsBeside(a: RealisedStudy, b: RealisedStudy): ComparedHand[] {
  const [own, other] = [playersIn(a)[0], playersIn(b)[0]]
  if (familyOf(a.recipe) !== familyOf(b.recipe) || !own || !other) return []
  return [{ a: comparedLine(a, own), b: comparedLine(b, other), each: { notes: [] } }]
}

/** What changes, one message each: notes first, then how it is played, each hand's fingers, and how much harder it is. */
export function differenceMessage(a: RealisedStudy, b: RealisedStudy, differences: Differences): Message[] {
  const hands = (Object.entries(differences.hands) as [Player, HandDifferences][]).map(([player, each]) => ({
    ...{ player, each, plays: familyOf(b.recipe).plays },
    ...{ a: comparedLine(a, player), b: comparedLine(b, player) },
  }))
  return [
    ...notesMessages(a, b, hands.length > 0 ? hands : handsBeside(a, b)),
    ...shapeMessages(a, b),
    ...differences.handsOnly.b.map((player) => compareMessage('diff.comes-in', { player })),
    ...differences.handsOnly.a.map((player) => compareMessage('diff.left-out', { player })),
    ...lengthMessages(hands),
    ...hands.flatMap((hand) => [...marksMessages([a, b], hand), ...placesMessage(hand.player, hand.each)]),
    ...playingMessages(a, b),
    harderMessage(differences),
  ]
}
