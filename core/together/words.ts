import { type Note, printedName } from '../pitch'
import type { Difficulty } from './difficulty'
import type { HandPart, Together } from './together'

/** A hand with its notes' names. */
export interface NamedPart extends HandPart {
  readonly notes: readonly (HandPart['notes'][number] & { readonly pitch: Note })[]
}

const list = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

const nameAt = (part: NamedPart, step: number): string => {
  const note = part.notes.find((each) => each.step === step)
  return note ? printedName(note.pitch) : '–'
}

/** Where the hands meet on some steps: by note name while they play the same, else by right and left. */
function places(steps: readonly number[], right: NamedPart, left: NamedPart): string {
  const names = steps.map((step) => {
    const [upper, lower] = [nameAt(right, step), nameAt(left, step)]
    return upper === lower ? upper : `${upper} with ${lower}`
  })
  const different = [...new Set(names)]
  return different.length > 5 ? `${different.length} places` : list(different)
}

const times = (count: number): string => (count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`)

/** What a teacher would say of both hands: anchors first, then who crosses when. One sentence each. */
export function meetingWords(together: Together, right: NamedPart, left: NamedPart): string[] {
  const { thumbs, thirds, equal, pairs, crossings, following } = together
  const steps = new Set(right.notes.map((note) => note.step)).size
  if (equal.length === steps && steps > 1) {
    return [`Both hands take the same finger on every note, and cross at once: ${times(crossings.both.length)}.`]
  }
  const anchor = (at: readonly number[], fingers: string): string =>
    at.length > 0 ? `${fingers} meet on ${places(at, right, left)}: ${times(at.length)}.` : `${fingers} never meet.`
  const both =
    crossings.both.length > 0
      ? `Both hands cross at once on ${places(crossings.both, right, left)}.`
      : 'The hands never cross on the same note.'
  const after = following.length > 0 ? ` One crosses straight after the other: ${times(following.length)}.` : ''
  const swapped = pairs.length > 0 ? [`Thumb and second finger change places from ${places(pairs, right, left)}.`] : []
  return [anchor(thumbs, 'Thumbs'), anchor(thirds, 'Third fingers'), ...swapped, both + after]
}

const PART_WORDS: Record<string, string> = {
  hands: 'crossings and notes of the hands',
  following: 'crossings one straight after the other',
  mirrored: 'crossings mirrored at once',
  pairs: 'different pairs of fingers',
  mismatch: 'black against white',
  anchors: 'thumbs or thirds that meet',
  strokes: 'strokes',
  crossed: 'sticks crossed over',
  doubles: 'doubles',
  rows: 'moves between the rows',
  tempo: 'tempo, against 120 notes a minute',
}

/** The parts of a difficulty that are anything at all, with their words. */
export const difficultyWords = ({ parts }: Difficulty): { words: string; value: string }[] =>
  (Object.entries(parts) as [string, number][])
    .filter(([, value]) => value !== 0)
    .map(([part, value]) => ({
      words: PART_WORDS[part]!,
      value: part === 'tempo' ? `× ${value}` : `${value > 0 ? '+' : '−'}${Math.abs(value)}`,
    }))
