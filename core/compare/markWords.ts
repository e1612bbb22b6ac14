import { noteParam } from '../fingering'
import type { Player } from '../instrument'
import { listed, type ListParam, type Message, named } from '../message'
import type { RealisedStudy } from '../realise'
import { samePattern } from '../study'
import { aligned } from './align'
import { type HandDifferences, wholeOf } from './compare'
import { degreeOver } from './line'
import { compareMarks, type MarksCompared, type OtherMark } from './marks'
import { compareMessage } from './messages'
import type { ComparedHand } from './noteWords'
import { treatedAlike } from './shapeWords'

/** So many keys are told one by one. */
const MAX_TOLD = 3

interface Told extends ComparedHand {
  readonly each: HandDifferences
  readonly player: Player
  readonly plays: string
}

const namesOf = (notes: readonly string[]): ListParam | 'none' => (notes.length > 0 ? listed(notes.map(named)) : 'none')

function thumbsMessage({ by, thumbs }: MarksCompared): Message | 'none' {
  const { before, after } = thumbs
  if (by === 'degree' || String([...before].sort()) === String([...after].sort())) return 'none'
  return compareMessage('diff.thumbs', { after: namesOf(after), before: namesOf(before) })
}

/** The note, or the degree of the scale, on which another finger lies. */
function placeOf({ a, b }: ComparedHand, by: 'note' | 'degree', other: OtherMark) {
  if (by === 'note') return noteParam(b.notes[other.b]!.pitch)
  return a.key!.steps[degreeOver(a.key!, a.notes[other.a]!.degree)]! + 1
}

const placeKey = (place: unknown): string => JSON.stringify(place)

function otherMarksMessage(told: Told, compared: MarksCompared): Message {
  const { player, plays } = told
  const { by, others } = compared
  const thumbs = thumbsMessage(compared)
  const plain = others.every(({ from, to }) => from.length === 1 && to.length === 1)
  if (plain && others.length <= MAX_TOLD) {
    const changes = others.map((other) =>
      compareMessage('diff.taken', {
        ...{ note: placeOf(told, by, other), by, way: other.way },
        ...{ from: listed(other.from), to: listed(other.to) },
      }),
    )
    return compareMessage('diff.marks', { player, plays, changes: listed(changes), thumbs })
  }
  const places = others.map((other) => placeOf(told, by, other))
  const unique = [...new Map(places.map((place) => [placeKey(place), place])).values()]
  const notes = listed(by === 'degree' ? [...unique].sort((a, b) => Number(a) - Number(b)) : unique)
  return compareMessage('diff.marks-on', { player, plays, by, notes, thumbs })
}

/** What a hand takes otherwise: key for key, never place for place. */
export function marksMessages(studies: readonly [RealisedStudy, RealisedStudy], told: Told): Message[] {
  const { a, b, each, player, plays } = told
  if (player === 'sticks') return [compareMessage('diff.strokes', { count: each.fingers.length })]
  const [one, other] = studies
  if (!samePattern(one.recipe.pattern, other.recipe.pattern) || !treatedAlike(one, other))
    return [compareMessage('diff.own-marks', { player, plays })]
  const met = aligned(wholeOf(a), wholeOf(b)).flatMap((pair) =>
    pair.a === null || pair.b === null ? [] : [{ a: pair.a, b: pair.b }],
  )
  const compared = compareMarks(a, b, met)
  if (compared.others.length > 0) return [otherMarksMessage(told, compared)]
  if (compared.shared === 0) return []
  const { by, ends } = compared
  return [compareMessage('diff.same-marks', { player, plays, by, ends: ends ? 'yes' : 'no' })]
}
