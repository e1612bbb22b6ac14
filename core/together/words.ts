import { noteParam } from '../fingering'
import { listed, type Message, type NoteParam } from '../message'
import type { Note } from '../pitch'
import { type Difficulty, FACTORS, type Parts } from './hardness'
import { tellTogether } from './messages'
import type { HandPart, Together } from './together'

/** A hand with its notes' names. */
interface NamedPart extends HandPart {
  readonly notes: readonly (HandPart['notes'][number] & { readonly pitch: Note })[]
}

const MAX_PLACES = 5

const nameAt = (part: NamedPart, step: number): NoteParam | '–' => {
  const note = part.notes.find((each) => each.step === step)
  return note ? noteParam(note.pitch) : '–'
}

/** Where the hands meet on some steps: by note name while they play the same, else by right and left. */
function placesOf(steps: readonly number[], right: NamedPart, left: NamedPart): Message {
  const places = steps.map((step) => {
    const [upper, lower] = [nameAt(right, step), nameAt(left, step)]
    const same = JSON.stringify(upper) === JSON.stringify(lower)
    return same ? tellTogether('place.one', { note: upper }) : tellTogether('place.two', { upper, lower })
  })
  const different = [...new Map(places.map((place) => [JSON.stringify(place), place])).values()]
  return different.length > MAX_PLACES
    ? tellTogether('places.many', { count: different.length })
    : tellTogether('places.named', { notes: listed(different) })
}

/** What a teacher would say of both hands: anchors first, then who crosses when. One message each. */
export function meetingsTold(together: Together, right: NamedPart, left: NamedPart): Message[] {
  const { thumbs, thirds, equal, pairs, crossings, following } = together
  const steps = new Set(right.notes.map((note) => note.step)).size
  if (equal.length === steps && steps > 1) return [tellTogether('meet.mirrored', { times: crossings.both.length })]
  const on = (at: readonly number[]) => ({ places: placesOf(at, right, left), times: at.length })
  const after = following.length
  return [
    thumbs.length > 0 ? tellTogether('meet.thumbs', on(thumbs)) : tellTogether('meet.no-thumbs'),
    thirds.length > 0 ? tellTogether('meet.thirds', on(thirds)) : tellTogether('meet.no-thirds'),
    ...(pairs.length > 0 ? [tellTogether('meet.swapped', { places: placesOf(pairs, right, left) })] : []),
    ...(crossings.both.length > 0
      ? [tellTogether('meet.cross', { places: placesOf(crossings.both, right, left), following: after })]
      : []),
    // where nothing crosses there is nothing to say of it
    ...(crossings.both.length === 0 && crossings.right.length + crossings.left.length > 0
      ? [tellTogether('meet.never-cross', { following: after })]
      : []),
  ]
}

/** The parts of a difficulty that are anything at all: what each is, and how much. */
export const difficultyTold = ({ parts }: Difficulty): { part: Message; value: Message }[] =>
  (Object.entries(parts) as [keyof Parts, number][])
    .filter(([, value]) => value !== 0)
    .map(([part, value]) => ({
      part: tellTogether(`difficulty.${part}`),
      value: (FACTORS as readonly string[]).includes(part)
        ? tellTogether('difficulty.times', { value })
        : tellTogether('difficulty.more', { value }),
    }))
