import { noteParam } from '../fingering'
import { listed, type Message, named } from '../message'
import { neighbourMessage, neighboursOf } from '../material'
import { modulo, noteName, parseNote, pitchClass } from '../pitch'
import type { RealisedStudy } from '../realise'
import { isFree } from '../study'
import { alteredBy } from './align'
import { type HandDifferences, wholeOf } from './compare'
import { type ComparedLine, degreeOver, type Way } from './line'
import { compareMessage } from './messages'

/** A hand of both studies, and what changes in it. */
export interface ComparedHand {
  readonly a: ComparedLine
  readonly b: ComparedLine
  readonly each: Pick<HandDifferences, 'notes'>
}

const OCTAVE = 12

const unique = (messages: readonly Message[]): Message[] => [
  ...new Map(messages.map((message) => [JSON.stringify(message), message])).values(),
]

/** “F becomes F♯ going up”, each change once. */
function changesMessage({ a, b, each: { notes } }: ComparedHand): Message[] {
  const changes = new Map<string, { at: number; to: number; ways: Set<Way> }>()
  for (const { a: at, b: to } of notes) {
    const key = `${noteName(a.notes[at]!.pitch)} ${noteName(b.notes[to]!.pitch)}`
    const known = changes.get(key) ?? { at, to, ways: new Set<Way>() }
    known.ways.add(a.ways[at]!)
    changes.set(key, known)
  }
  const ways = new Set([...a.ways, ...b.ways]).size
  return [...changes.values()].map(({ at, to, ways: on }) =>
    compareMessage('diff.note', {
      ...{ from: noteParam(a.notes[at]!.pitch), to: noteParam(b.notes[to]!.pitch) },
      way: on.size < ways ? [...on][0]! : 'both',
    }),
  )
}

/** “Degree 3 lies lower”: notes of another key are no names to compare. Of a chord, degrees of its scale. */
function degreesMessage({ a, b, each: { notes } }: ComparedHand): Message[] {
  if (!a.key || !b.key) return []
  const [own, others] = [wholeOf(a), wholeOf(b)]
  return notes.map((pair) => {
    const by = alteredBy(own, others, pair)
    return compareMessage('diff.degree', {
      degree: a.key!.steps[degreeOver(a.key!, a.notes[pair.a]!.degree)]! + 1,
      by: Math.abs(by),
      way: by > 0 ? 'up' : 'down',
    })
  })
}

/** Half steps from one key to the other as they are played; 0 where there are no keys. */
export function movedBy(
  { recipe: a }: RealisedStudy,
  { recipe: b }: RealisedStudy,
  hands: readonly ComparedHand[],
): number {
  if (isFree(a.material) || isFree(b.material)) return 0
  const up = modulo(pitchClass(parseNote(b.material.tonic)) - pitchClass(parseNote(a.material.tonic)), OCTAVE)
  if (up === 0) return 0
  const lowest = (side: 'a' | 'b') => Math.min(...hands.flatMap((hand) => hand[side].notes.map(({ midi }) => midi)))
  const heard = hands.length > 0 ? lowest('b') - lowest('a') : 0
  if (modulo(heard - up, OCTAVE) === 0 && Math.abs(heard) < OCTAVE) return heard
  return up > OCTAVE / 2 ? up - OCTAVE : up
}

/** Names of notes that only one of two has, whatever they are called in the other; each once. */
function onlyIn(hands: readonly ComparedHand[], side: 'a' | 'b'): string[] {
  const pitches = (which: 'a' | 'b') => hands.flatMap((hand) => hand[which].notes.map(({ pitch }) => pitch))
  const others = new Set(pitches(side === 'a' ? 'b' : 'a').map(pitchClass))
  // what becomes another note is said of that note
  const changed = new Set(
    hands.flatMap(({ each, [side]: line }) => each.notes.map((pair) => noteName(line.notes[pair[side]]!.pitch))),
  )
  const own = pitches(side).filter((pitch) => !others.has(pitchClass(pitch)))
  return [...new Set(own.map(noteName))].filter((name) => !changed.has(name))
}

/** Notes that only one of two has. */
function gainedMessage(hands: readonly ComparedHand[]): Message[] {
  const [lost, gained] = [onlyIn(hands, 'a'), onlyIn(hands, 'b')]
  return [
    ...(gained.length > 0 ? [compareMessage('diff.gained', { notes: listed(gained.map(named)) })] : []),
    ...(lost.length > 0 ? [compareMessage('diff.lost', { notes: listed(lost.map(named)) })] : []),
  ]
}

/** Whether both call their notes the same. */
function calledAlike(hands: readonly ComparedHand[]): boolean {
  const names = (side: 'a' | 'b') => [
    ...new Set(hands.flatMap((hand) => hand[side].notes.map(({ pitch }) => noteName(pitch)))),
  ]
  return String(names('a').sort()) === String(names('b').sort())
}

const kindOf = ({ recipe: { material } }: RealisedStudy) => (isFree(material) ? null : material.kind)

/** Which notes are others: by name on one tonic; by degree, or as a whole, from one tonic to another. */
function keyMessages(a: RealisedStudy, b: RealisedStudy, hands: readonly ComparedHand[]): Message[] {
  const by = movedBy(a, b, hands)
  if (by === 0) {
    const changes = unique(hands.flatMap(changesMessage))
    const found = [
      ...(changes.length > 0 ? [compareMessage('diff.notes', { changes: listed(changes) })] : []),
      ...gainedMessage(hands),
    ]
    return found.length > 0
      ? found
      : [compareMessage('diff.same-notes', { names: calledAlike(hands) ? 'same' : 'other' })]
  }
  if (kindOf(a) === kindOf(b)) return [compareMessage('diff.moved', { by: Math.abs(by), way: by > 0 ? 'up' : 'down' })]
  const degrees = unique(hands.flatMap(degreesMessage))
  const counted = hands.every((hand) => hand.a.key?.degrees === hand.b.key?.degrees)
  if (degrees.length > 0 && counted) return [compareMessage('diff.notes', { changes: listed(degrees) })]
  const others = gainedMessage(hands)
  return others.length > 0
    ? others
    : [compareMessage('diff.same-notes', { names: calledAlike(hands) ? 'same' : 'other' })]
}

/** What two keys beside one another have in common; nothing where they are no neighbours. */
function neighbourMessages({ recipe: a }: RealisedStudy, { recipe: b }: RealisedStudy): Message[] {
  if (isFree(a.material) || isFree(b.material)) return []
  const [own, { tonic, kind }] = [a.material, b.material]
  const found = neighboursOf(own).find(({ material }) => material.tonic === tonic && material.kind === kind)
  return found ? [neighbourMessage(found, own)] : []
}

/** Which notes are others, and what two neighbouring keys share; nothing where the studies have no hand in common. */
export const notesMessages = (a: RealisedStudy, b: RealisedStudy, hands: readonly ComparedHand[]): Message[] =>
  hands.length === 0 ? [] : [...keyMessages(a, b, hands), ...neighbourMessages(a, b)]
