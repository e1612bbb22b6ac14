import { printedName } from '../pitch'
import type { RealisedStudy } from '../realise'
import type { Player } from '../instrument'
import type { ComparedLine } from './align'
import { comparedLine, compareLegs, type Differences, type HandDifferences } from './compare'

const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

const nameOf = (part: ComparedLine, index: number): string => printedName(part.notes[index]!.pitch)
const unique = (words: readonly string[]): string[] => [...new Set(words)]
const many = (count: number, one: string, more = `${one}s`): string => `${count} ${count === 1 ? one : more}`

/** “F becomes F♯ going up”, each change once. */
function noteWords(a: ComparedLine, b: ComparedLine, { notes }: HandDifferences): string[] {
  const changes = new Map<string, Set<string>>()
  for (const { a: at, b: to } of notes) {
    const change = `${nameOf(a, at)} becomes ${nameOf(b, to)}`
    changes.set(change, (changes.get(change) ?? new Set()).add(a.notes[at]!.leg))
  }
  const legs = new Set(a.notes.map((note) => note.leg)).size
  return [...changes].map(([change, on]) => (on.size < legs ? `${change} going ${[...on][0]}` : change))
}

const called = (player: Player): string => (player === 'sticks' ? 'sticks' : `${player} hand`)
/** “right hand: ”; sticks have one line only, which needs no name. */
const of = (player: Player): string => (player === 'sticks' ? '' : `${player} hand: `)

/** Names of the notes on which a hand's thumb lies, each once. */
const thumbs = (part: ComparedLine): string[] =>
  unique(part.marks.flatMap((finger, at) => (finger === 1 ? [nameOf(part, at)] : [])))

function fingerWords(
  hand: Player,
  a: ComparedLine,
  b: ComparedLine,
  { fingers, crossings }: HandDifferences,
): string[] {
  const mark = hand === 'sticks' ? 'stick' : 'finger'
  if (fingers.length === 0) return [`${of(hand)}no ${mark} changes`]
  const [before, after] = [thumbs(a), thumbs(b)]
  const moved = String([...before].sort()) !== String([...after].sort())
  const thumb = moved ? `; thumbs on ${listed(after) || 'none'} instead of ${listed(before) || 'none'}` : ''
  const cross = crossings.b.length + crossings.a.length
  const crossed = cross > 0 && !moved ? `; ${many(cross, 'crossing')} elsewhere` : ''
  const one =
    fingers.length === 1 ? ` (${fingers[0]!.from} becomes ${fingers[0]!.to} on ${nameOf(b, fingers[0]!.b)})` : ''
  return [`${of(hand)}${many(fingers.length, `${mark} changes`, `${mark}s change`)}${one}${thumb}${crossed}`]
}

function lengthWords(hand: Player, { only }: HandDifferences): string[] {
  const more = only.b.length > 0 ? `${many(only.b.length, 'note')} more` : ''
  const fewer = only.a.length > 0 ? `${many(only.a.length, 'note')} fewer` : ''
  const words = [more, fewer].filter(Boolean)
  return words.length > 0 ? [`${of(hand)}${words.join(', ')}`] : []
}

/** What one hand changes on the way down, in a sentence; nothing where it comes back as it went. */
export function legWords(study: RealisedStudy, hand: Player): string[] {
  const differences = compareLegs(study, hand)
  if (!differences || differences.notes.length === 0) return []
  const part = comparedLine(study, hand)
  const inner = differences.fingers.length
  const mark = hand === 'sticks' ? 'stick' : 'finger'
  const notes = unique(differences.notes.map(({ a, b }) => `${nameOf(part, a)} becomes ${nameOf(part, b)}`))
  const fingers = inner === 0 ? `every ${mark} stays` : many(inner, `${mark} changes`, `${mark}s change`)
  return [`${hand === 'sticks' ? '' : `${hand} hand, `}coming down: ${listed(notes)}; ${fingers}`]
}

/** What changes, in sentences: notes first, then each hand's fingers, then how much harder it is. */
export function differenceWords(a: RealisedStudy, b: RealisedStudy, differences: Differences): string[] {
  const hands = Object.entries(differences.hands) as [Player, HandDifferences][]
  const notes = unique(hands.flatMap(([hand, each]) => noteWords(comparedLine(a, hand), comparedLine(b, hand), each)))
  const fingers = hands.flatMap(([hand, each]) => [
    ...lengthWords(hand, each),
    ...fingerWords(hand, comparedLine(a, hand), comparedLine(b, hand), each),
  ])
  const { from, to } = differences.difficulty
  const only = [
    ...differences.handsOnly.b.map((hand) => `the ${called(hand)} ${hand === 'sticks' ? 'come' : 'comes'} in`),
    ...differences.handsOnly.a.map((hand) => `the ${called(hand)} ${hand === 'sticks' ? 'are' : 'is'} left out`),
  ]
  const harder = from === to ? 'as hard as before' : `${to > from ? 'harder' : 'easier'}: ${to} against ${from}`
  return [notes.length > 0 ? listed(notes) : 'the same notes', ...only, ...fingers, harder]
}
