import { printedName } from '../pitch'
import type { RealisedHand, RealisedStudy } from '../realise'
import type { Hand } from '../study'
import { compareLegs, type Differences, type HandDifferences } from './compare'

const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

const nameOf = (part: RealisedHand, index: number): string => printedName(part.notes[index]!.pitch)
const unique = (words: readonly string[]): string[] => [...new Set(words)]
const many = (count: number, one: string, more = `${one}s`): string => `${count} ${count === 1 ? one : more}`

/** “F becomes F♯ going up”, each change once. */
function noteWords(a: RealisedHand, b: RealisedHand, { notes }: HandDifferences): string[] {
  const changes = new Map<string, Set<string>>()
  for (const { a: at, b: to } of notes) {
    const change = `${nameOf(a, at)} becomes ${nameOf(b, to)}`
    changes.set(change, (changes.get(change) ?? new Set()).add(a.notes[at]!.leg))
  }
  const legs = new Set(a.notes.map((note) => note.leg)).size
  return [...changes].map(([change, on]) => (on.size < legs ? `${change} going ${[...on][0]}` : change))
}

/** Names of the notes on which a hand's thumb lies, each once. */
const thumbs = (part: RealisedHand): string[] =>
  unique(part.fingers.flatMap((finger, at) => (finger === 1 ? [nameOf(part, at)] : [])))

function fingerWords(hand: Hand, a: RealisedHand, b: RealisedHand, { fingers, crossings }: HandDifferences): string[] {
  if (fingers.length === 0) return [`${hand} hand: no finger changes`]
  const [before, after] = [thumbs(a), thumbs(b)]
  const moved = String([...before].sort()) !== String([...after].sort())
  const thumb = moved ? `; thumbs on ${listed(after) || 'none'} instead of ${listed(before) || 'none'}` : ''
  const cross = crossings.b.length + crossings.a.length
  const crossed = cross > 0 && !moved ? `; ${many(cross, 'crossing')} elsewhere` : ''
  const one =
    fingers.length === 1 ? ` (${fingers[0]!.from} becomes ${fingers[0]!.to} on ${nameOf(b, fingers[0]!.b)})` : ''
  return [`${hand} hand: ${many(fingers.length, 'finger changes', 'fingers change')}${one}${thumb}${crossed}`]
}

function lengthWords(hand: Hand, { only }: HandDifferences): string[] {
  const more = only.b.length > 0 ? `${many(only.b.length, 'note')} more` : ''
  const fewer = only.a.length > 0 ? `${many(only.a.length, 'note')} fewer` : ''
  const words = [more, fewer].filter(Boolean)
  return words.length > 0 ? [`${hand} hand: ${words.join(', ')}`] : []
}

/** What one hand changes on the way down, in a sentence; nothing where it comes back as it went. */
export function legWords(study: RealisedStudy, hand: Hand): string[] {
  const differences = compareLegs(study, hand)
  const part = study.hands[hand]
  if (!differences || !part || differences.notes.length === 0) return []
  const inner = differences.fingers.length
  const notes = unique(differences.notes.map(({ a, b }) => `${nameOf(part, a)} becomes ${nameOf(part, b)}`))
  const fingers = inner === 0 ? 'every finger stays' : many(inner, 'finger changes', 'fingers change')
  return [`${hand} hand, coming down: ${listed(notes)}; ${fingers}`]
}

/** What changes, in sentences: notes first, then each hand's fingers, then how much harder it is. */
export function differenceWords(a: RealisedStudy, b: RealisedStudy, differences: Differences): string[] {
  const hands = Object.entries(differences.hands) as [Hand, HandDifferences][]
  const notes = unique(hands.flatMap(([hand, each]) => noteWords(a.hands[hand]!, b.hands[hand]!, each)))
  const fingers = hands.flatMap(([hand, each]) => [
    ...lengthWords(hand, each),
    ...fingerWords(hand, a.hands[hand]!, b.hands[hand]!, each),
  ])
  const { from, to } = differences.difficulty
  const only = [
    ...differences.handsOnly.b.map((hand) => `the ${hand} hand comes in`),
    ...differences.handsOnly.a.map((hand) => `the ${hand} hand is left out`),
  ]
  const harder = from === to ? 'as hard as before' : `${to > from ? 'harder' : 'easier'}: ${to} against ${from}`
  return [notes.length > 0 ? listed(notes) : 'the same notes', ...only, ...fingers, harder]
}
