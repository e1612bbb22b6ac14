import type { HeardNote } from '../instrument'

const NEAR = 1e-6

/** How much of its loudness a note has where bellows turn, in the middle of a draw, and how long before a turn they let go, in beats. */
const BELLOWS = { turn: 0.78, middle: 1, gap: 0.06 }

/**
 * Bellows swell from one turn to the middle of the draw and fall towards the next; at a turn the sound breaks off a little
 * early.
 * @param turns beats at which they turn, ascending
 */
export function swelling(notes: readonly HeardNote[], turns: readonly number[]): HeardNote[] {
  const end = Math.max(0, ...notes.map(({ start, beats }) => start + beats))
  return notes.map((note) => {
    const from = turns.findLast((turn) => turn <= note.start + NEAR) ?? 0
    const to = turns.find((turn) => turn > note.start + NEAR) ?? end
    const swell = Math.sin((Math.PI * (note.start - from)) / Math.max(to - from, NEAR))
    const cut = to < end && Math.abs(note.start + note.beats - to) < NEAR
    return {
      ...note,
      beats: cut ? Math.max(note.beats - BELLOWS.gap, note.beats / 2) : note.beats,
      strength: note.strength * (BELLOWS.turn + (BELLOWS.middle - BELLOWS.turn) * Math.max(0, swell)),
    }
  })
}

/**
 * What is struck rings until the pedal lifts, until it is struck again, or until it is stopped.
 * @param every beats from one lift to the next
 * @param notes sorted by their beginnings
 */
export function ringing(notes: readonly HeardNote[], every: number): HeardNote[] {
  const again = new Map<number, number>()
  return notes
    .toReversed()
    .map((note) => {
      const next = again.get(note.midi) ?? Infinity
      again.set(note.midi, note.start)
      if (note.stopped) return note
      const lift = every * (Math.floor(note.start / every + NEAR) + 1)
      return { ...note, beats: Math.max(note.beats, Math.min(lift, next) - note.start) }
    })
    .toReversed()
}
