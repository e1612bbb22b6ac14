import { noteParam } from '../fingering'
import { familyOf, type Player } from '../instrument'
import { listed, type ListParam, type Message, named, type NoteParam } from '../message'
import { neighbourMessage, neighboursOf } from '../material'
import { modulo, noteName, parseNote, pitchClass } from '../pitch'
import type { RealisedStudy } from '../realise'
import { isFree } from '../study'
import type { ComparedLine } from './align'
import { comparedLine, compareLegs, type Differences, type HandDifferences, raised } from './compare'
import { compareMessage } from './messages'

const noteAt = (part: ComparedLine, index: number): NoteParam => noteParam(part.notes[index]!.pitch)
const unique = (messages: readonly Message[]): Message[] => [
  ...new Map(messages.map((message) => [JSON.stringify(message), message])).values(),
]

const whole = (part: ComparedLine) => ({ part, indices: part.notes.map((_, at) => at) })

/** “Degree 3 is lower”: notes of another key are no names to compare. */
function degreesMessage(a: ComparedLine, b: ComparedLine, { notes }: HandDifferences): Message[] {
  const [own, others] = [whole(a), whole(b)]
  return unique(
    notes.map((pair) => {
      const by = raised(others, pair.b) - raised(own, pair.a)
      return compareMessage('diff.degree', {
        degree: a.notes[pair.a]!.degree + 1,
        by: Math.abs(by),
        way: by > 0 ? 'up' : 'down',
      })
    }),
  )
}

/** “F becomes F♯ going up”, each change once. */
function notesMessage(a: ComparedLine, b: ComparedLine, { notes }: HandDifferences): Message[] {
  const changes = new Map<string, { at: number; to: number; legs: Set<'up' | 'down'> }>()
  for (const { a: at, b: to } of notes) {
    const key = `${noteName(a.notes[at]!.pitch)} ${noteName(b.notes[to]!.pitch)}`
    const known = changes.get(key) ?? { at, to, legs: new Set<'up' | 'down'>() }
    known.legs.add(a.notes[at]!.leg)
    changes.set(key, known)
  }
  const legs = new Set(a.notes.map((note) => note.leg)).size
  return [...changes.values()].map(({ at, to, legs: on }) =>
    compareMessage('diff.note', {
      ...{ from: noteAt(a, at), to: noteAt(b, to) },
      leg: on.size < legs ? [...on][0]! : 'both',
    }),
  )
}

/** Names of the notes on which a hand's thumb lies, each once. */
const thumbs = (part: ComparedLine): string[] => [
  ...new Set(part.marks.flatMap((finger, at) => (finger === 1 ? [noteName(part.notes[at]!.pitch)] : []))),
]
const namesOf = (notes: readonly string[]): ListParam | 'none' =>
  notes.length > 0 ? listed(notes.map((note) => ({ note }))) : 'none'

interface Lines {
  readonly player: Player
  readonly plays: string
  readonly a: ComparedLine
  readonly b: ComparedLine
}

/** Degrees on which fingers differ, each once. */
const degreesOf = (a: ComparedLine, fingers: HandDifferences['fingers']): ListParam =>
  listed([...new Set(fingers.map((each) => a.notes[each.a]!.degree + 1))].sort((one, other) => one - other))

/** @param inKeys whether the two stand in different keys, so that degrees say more than notes */
function marksMessage(
  { player, plays, a, b }: Lines,
  { fingers, crossings }: HandDifferences,
  inKeys: boolean,
): Message[] {
  const [first] = fingers
  if (!first) return [compareMessage('diff.no-mark', { player, plays })]
  const [before, after] = [thumbs(a), thumbs(b)]
  const moved = String([...before].sort()) !== String([...after].sort())
  const one = { from: first.from, to: first.to, note: noteAt(b, first.b) }
  return [
    compareMessage('diff.marks', {
      ...{ player, plays, count: fingers.length },
      one: fingers.length === 1 ? compareMessage('diff.one', one) : 'none',
      ...{ degrees: inKeys ? degreesOf(a, fingers) : 'none' },
      thumbs:
        moved && !inKeys ? compareMessage('diff.thumbs', { after: namesOf(after), before: namesOf(before) }) : 'none',
      crossings: moved || inKeys ? 0 : crossings.b.length + crossings.a.length,
    }),
  ]
}

const placesMessage = (player: Player, { places }: HandDifferences): Message[] =>
  places ? [compareMessage('diff.places', { player, count: places.length })] : []

function lengthMessage(player: Player, { only }: HandDifferences): Message[] {
  const [more, fewer] = [only.b.length, only.a.length]
  if (more + fewer === 0) return []
  return [compareMessage('diff.length', { player, more, fewer, both: more > 0 && fewer > 0 ? 'yes' : 'no' })]
}

/** What one hand changes on the way down; nothing where it comes back as it went. */
export function legMessage(study: RealisedStudy, player: Player): Message[] {
  const differences = compareLegs(study, player)
  if (!differences || differences.notes.length === 0) return []
  const part = comparedLine(study, player)
  const notes = unique(
    differences.notes.map(({ a, b }) =>
      compareMessage('diff.note', { from: noteAt(part, a), to: noteAt(part, b), leg: 'both' }),
    ),
  )
  const { plays } = familyOf(study.recipe)
  return [compareMessage('diff.down', { player, plays, notes: listed(notes), count: differences.fingers.length })]
}

interface Compared {
  readonly lines: Lines
  readonly each: HandDifferences
}

/** Semitones from one key to the other, the shorter way; 0 where there are no keys. */
function movedBy({ recipe: a }: RealisedStudy, { recipe: b }: RealisedStudy): number {
  if (isFree(a.material) || isFree(b.material)) return 0
  const up = modulo(pitchClass(parseNote(b.material.tonic)) - pitchClass(parseNote(a.material.tonic)), OCTAVE)
  return up > OCTAVE / 2 ? up - OCTAVE : up
}
const OCTAVE = 12

/** Names that only one study has, each once. */
function onlyIn(hands: readonly Compared[], side: 'a' | 'b'): string[] {
  const other = side === 'a' ? 'b' : 'a'
  const names = (which: 'a' | 'b') =>
    hands.flatMap(({ lines }) => lines[which].notes.map(({ pitch }) => noteName(pitch)))
  const known = new Set(names(other))
  const own = hands.flatMap(({ lines, each }) => each.only[side].map((at) => noteName(lines[side].notes[at]!.pitch)))
  return [...new Set(own)].filter((name) => !known.has(name))
}

/** Where no note changes: the same notes, the same in another key, or notes that one of the two has beside them. */
function alikeMessage(a: RealisedStudy, b: RealisedStudy, hands: readonly Compared[]): Message[] {
  const by = movedBy(a, b)
  const [lost, gained] = by === 0 ? [onlyIn(hands, 'a'), onlyIn(hands, 'b')] : [[], []]
  if (lost.length + gained.length > 0) {
    return [
      ...(gained.length > 0 ? [compareMessage('diff.gained', { notes: listed(gained.map(named)) })] : []),
      ...(lost.length > 0 ? [compareMessage('diff.lost', { notes: listed(lost.map(named)) })] : []),
    ]
  }
  if (by === 0) return [compareMessage('diff.same-notes')]
  return [compareMessage('diff.moved', { by: Math.abs(by), way: by > 0 ? 'up' : 'down' })]
}

/** What two keys beside one another have in common; nothing where they are no neighbours. */
function neighbourMessages({ recipe: a }: RealisedStudy, { recipe: b }: RealisedStudy): Message[] {
  if (isFree(a.material) || isFree(b.material)) return []
  const [own, { tonic, kind }] = [a.material, b.material]
  const found = neighboursOf(own).find(({ material }) => material.tonic === tonic && material.kind === kind)
  return found ? [neighbourMessage(found, own)] : []
}

/** Of a course and its reverse, each strikes another end twice. */
const turnsOnly = ({ recipe: a }: RealisedStudy, { recipe: b }: RealisedStudy, { only }: HandDifferences): boolean =>
  a.course !== b.course && only.a.length === 1 && only.b.length === 1

/** The same notes in another order. */
function courseMessage({ recipe: a }: RealisedStudy, { recipe: b }: RealisedStudy): Message[] {
  return a.course === b.course ? [] : [compareMessage('diff.course', { from: a.course, to: b.course })]
}

/** What changes, one message each: notes first, then each hand's fingers, then how much harder it is. */
export function differenceMessage(a: RealisedStudy, b: RealisedStudy, differences: Differences): Message[] {
  const hands = (Object.entries(differences.hands) as [Player, HandDifferences][]).map(([player, each]) => ({
    each,
    lines: { player, plays: familyOf(b.recipe).plays, a: comparedLine(a, player), b: comparedLine(b, player) },
  }))
  const apart = movedBy(a, b)
  const notes = unique(
    hands.flatMap(({ lines, each }) => (apart === 0 ? notesMessage : degreesMessage)(lines.a, lines.b, each)),
  )
  const { from, to } = differences.difficulty
  const how = from === to ? 'same' : to > from ? 'harder' : 'easier'
  return [
    ...(notes.length > 0 ? [compareMessage('diff.notes', { changes: listed(notes) })] : alikeMessage(a, b, hands)),
    ...neighbourMessages(a, b),
    ...courseMessage(a, b),
    ...differences.handsOnly.b.map((player) => compareMessage('diff.comes-in', { player })),
    ...differences.handsOnly.a.map((player) => compareMessage('diff.left-out', { player })),
    ...hands.flatMap(({ lines, each }) => [
      ...(turnsOnly(a, b, each) ? [] : lengthMessage(lines.player, each)),
      ...marksMessage(lines, each, apart !== 0),
      ...placesMessage(lines.player, each),
    ]),
    compareMessage('diff.harder', { from, to, how }),
  ]
}
