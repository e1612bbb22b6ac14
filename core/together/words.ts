import { noteParam } from '../fingering'
import { listed, type Message, type NoteParam } from '../message'
import type { Note } from '../pitch'
import { togetherMessage } from './messages'
import { byStep, type HandPart, type Together } from './together'

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
    return same ? togetherMessage('place.one', { note: upper }) : togetherMessage('place.two', { upper, lower })
  })
  const different = [...new Map(places.map((place) => [JSON.stringify(place), place])).values()]
  return different.length > MAX_PLACES
    ? togetherMessage('places.many', { count: different.length })
    : togetherMessage('places.named', { notes: listed(different) })
}

/** So many crossings are told one by one; an octave has no more in scales. */
const MAX_CUES = 4

/**
 * Which finger of the other hand falls together with each thumb that passes, going up for the right hand and coming down
 * for the left: what a player watches. Nothing in double notes.
 */
function cuesOf(hand: 'right' | 'left', own: NamedPart, other: NamedPart): Message[] {
  const way = hand === 'right' ? 'up' : 'down'
  const fingers = byStep(other)
  const passes = own.crossings.filter(({ kind, index }) => {
    const before = own.notes.findLast(({ step }) => step < own.notes[index]!.step)
    const rises = before !== undefined && own.notes[index]!.midi > before.midi
    return kind === 'thumb-under' && rises === (way === 'up')
  })
  const cues = passes.flatMap(({ index }): Message[] => {
    const { step, pitch } = own.notes[index]!
    const [finger, ...more] = fingers.get(step) ?? []
    if (finger === undefined || more.length > 0) return []
    return [togetherMessage('meet.cue', { note: noteParam(pitch), other: hand === 'right' ? 'left' : 'right', finger })]
  })
  const unique = [...new Map(cues.map((cue) => [JSON.stringify(cue), cue])).values()]
  if (unique.length === 0 || unique.length > MAX_CUES) return []
  return [togetherMessage('meet.cues', { hand, way, cues: listed(unique) })]
}

/** What a teacher would say of both hands: anchors first, then who crosses when. One message each. */
export function meetingsMessage(together: Together, right: NamedPart, left: NamedPart): Message[] {
  const { thumbs, thirds, equal, pairs, crossings, following } = together
  const steps = new Set(right.notes.map((note) => note.step)).size
  if (equal.length === steps && steps > 1) return [togetherMessage('meet.mirrored', { times: crossings.both.length })]
  const on = (at: readonly number[]) => ({ places: placesOf(at, right, left), times: at.length })
  const after = following.length
  return [
    thumbs.length > 0 ? togetherMessage('meet.thumbs', on(thumbs)) : togetherMessage('meet.no-thumbs'),
    thirds.length > 0 ? togetherMessage('meet.thirds', on(thirds)) : togetherMessage('meet.no-thirds'),
    ...(pairs.length > 0 ? [togetherMessage('meet.swapped', { places: placesOf(pairs, right, left) })] : []),
    ...(crossings.both.length > 0
      ? [togetherMessage('meet.cross', { places: placesOf(crossings.both, right, left), following: after })]
      : []),
    // where nothing crosses there is nothing to say of it
    ...(crossings.both.length === 0 && crossings.right.length + crossings.left.length > 0
      ? [togetherMessage('meet.never-cross', { following: after })]
      : []),
    ...cuesOf('right', right, left),
    ...cuesOf('left', left, right),
  ]
}
