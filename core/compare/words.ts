import { noteParam } from '../fingering'
import { familyOf, type Player } from '../instrument'
import { listed, type ListParam, type Message, type NoteParam } from '../message'
import { noteName } from '../pitch'
import type { RealisedStudy } from '../realise'
import type { ComparedLine } from './align'
import { comparedLine, compareLegs, type Differences, type HandDifferences } from './compare'
import { tellCompare } from './messages'

const noteAt = (part: ComparedLine, index: number): NoteParam => noteParam(part.notes[index]!.pitch)
const unique = (messages: readonly Message[]): Message[] => [
  ...new Map(messages.map((message) => [JSON.stringify(message), message])).values(),
]

/** “F becomes F♯ going up”, each change once. */
function notesTold(a: ComparedLine, b: ComparedLine, { notes }: HandDifferences): Message[] {
  const changes = new Map<string, { at: number; to: number; legs: Set<'up' | 'down'> }>()
  for (const { a: at, b: to } of notes) {
    const key = `${noteName(a.notes[at]!.pitch)} ${noteName(b.notes[to]!.pitch)}`
    const known = changes.get(key) ?? { at, to, legs: new Set<'up' | 'down'>() }
    known.legs.add(a.notes[at]!.leg)
    changes.set(key, known)
  }
  const legs = new Set(a.notes.map((note) => note.leg)).size
  return [...changes.values()].map(({ at, to, legs: on }) =>
    tellCompare('diff.note', {
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

function marksTold({ player, plays, a, b }: Lines, { fingers, crossings }: HandDifferences): Message[] {
  const [first] = fingers
  if (!first) return [tellCompare('diff.no-mark', { player, plays })]
  const [before, after] = [thumbs(a), thumbs(b)]
  const moved = String([...before].sort()) !== String([...after].sort())
  const one = { from: first.from, to: first.to, note: noteAt(b, first.b) }
  return [
    tellCompare('diff.marks', {
      ...{ player, plays, count: fingers.length },
      one: fingers.length === 1 ? tellCompare('diff.one', one) : 'none',
      thumbs: moved ? tellCompare('diff.thumbs', { after: namesOf(after), before: namesOf(before) }) : 'none',
      crossings: moved ? 0 : crossings.b.length + crossings.a.length,
    }),
  ]
}

const placesTold = (player: Player, { places }: HandDifferences): Message[] =>
  places ? [tellCompare('diff.places', { player, count: places.length })] : []

function lengthTold(player: Player, { only }: HandDifferences): Message[] {
  const [more, fewer] = [only.b.length, only.a.length]
  if (more + fewer === 0) return []
  return [tellCompare('diff.length', { player, more, fewer, both: more > 0 && fewer > 0 ? 'yes' : 'no' })]
}

/** What one hand changes on the way down; nothing where it comes back as it went. */
export function legTold(study: RealisedStudy, player: Player): Message[] {
  const differences = compareLegs(study, player)
  if (!differences || differences.notes.length === 0) return []
  const part = comparedLine(study, player)
  const notes = unique(
    differences.notes.map(({ a, b }) =>
      tellCompare('diff.note', { from: noteAt(part, a), to: noteAt(part, b), leg: 'both' }),
    ),
  )
  const { plays } = familyOf(study.recipe)
  return [tellCompare('diff.down', { player, plays, notes: listed(notes), count: differences.fingers.length })]
}

/** What changes, one message each: notes first, then each hand's fingers, then how much harder it is. */
export function differenceTold(a: RealisedStudy, b: RealisedStudy, differences: Differences): Message[] {
  const hands = (Object.entries(differences.hands) as [Player, HandDifferences][]).map(([player, each]) => ({
    each,
    lines: { player, plays: familyOf(b.recipe).plays, a: comparedLine(a, player), b: comparedLine(b, player) },
  }))
  const notes = unique(hands.flatMap(({ lines, each }) => notesTold(lines.a, lines.b, each)))
  const { from, to } = differences.difficulty
  const how = from === to ? 'same' : to > from ? 'harder' : 'easier'
  return [
    notes.length > 0 ? tellCompare('diff.notes', { changes: listed(notes) }) : tellCompare('diff.same-notes'),
    ...differences.handsOnly.b.map((player) => tellCompare('diff.comes-in', { player })),
    ...differences.handsOnly.a.map((player) => tellCompare('diff.left-out', { player })),
    ...hands.flatMap(({ lines, each }) => [
      ...lengthTold(lines.player, each),
      ...marksTold(lines, each),
      ...placesTold(lines.player, each),
    ]),
    tellCompare('diff.harder', { from, to, how }),
  ]
}
