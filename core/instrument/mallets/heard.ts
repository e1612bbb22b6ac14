import type { Hand, Stick } from '../../study'
import type { HeardNote, WrittenNote } from '../family'
import type { SolvedSticks } from './solve'

const handOf = (stick: Stick): Hand => (stick === 'R' ? 'right' : 'left')
/** A released roll leaves its last part silent before the next note. */
const RELEASED = 0.85
/** A dead stroke is heard so long, in beats, and so much softer: its mallet stays on the bar. */
const [DEAD, MUFFLED] = [0.12, 0.85]
/** Strokes inside a roll are even, and softer than the one that begins it. */
const WITHIN_ROLL = 0.9

/** Single strokes, hand to hand, for as long as a note is rolled; over a double stop each stick keeps its bar. */
function rolled(
  note: WrittenNote,
  strokes: number,
  stick: Stick,
  both: boolean,
  ending: 'tied' | 'released',
): HeardNote[] {
  const beats = note.beats * (ending === 'released' ? RELEASED : 1)
  return Array.from({ length: strokes }, (_, at) => at)
    .filter((at) => !both || (at % 2 === 0) === (stick === 'L'))
    .map((at): HeardNote => ({
      ...note,
      hand: handOf(at % 2 === 0 || both ? stick : stick === 'R' ? 'L' : 'R'),
      start: note.start + (at * beats) / strokes,
      beats: beats / strokes,
      strength: at === 0 ? note.strength : note.strength * WITHIN_ROLL,
    }))
}

/** A note as the sticks strike it: once, or stroke by stroke where it is rolled. */
export function heard({ sticking }: SolvedSticks, note: WrittenNote): HeardNote[] {
  const { sticks, roll, notes } = sticking
  const { index } = note
  const stick = sticks[index]!
  if (sticking.dead.includes(index)) {
    const beats = Math.min(note.beats, DEAD)
    return [{ ...note, beats, strength: note.strength * MUFFLED, hand: handOf(stick), stopped: true }]
  }
  const stopped = sticking.damped.some(({ of }) => of === index)
  if (!roll) return [{ ...note, hand: handOf(stick), ...(stopped ? { stopped } : {}) }]
  const both = notes[index - 1]?.step === notes[index]!.step || notes[index + 1]?.step === notes[index]!.step
  return rolled(note, roll.perNote[index]!, stick, both, roll.ending)
}
