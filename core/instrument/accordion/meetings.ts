import { listed, type Message } from '../../message'
import { noteParam } from '../../fingering'
import type { RealisedHand } from '../hands'
import { instrumentMessage } from '../messages'
import type { RealisedBass } from './solve'

const MAX_PAIRS = 6

/** Fingers of both hands that fall together, each pair once, in the order in which they come. */
function pairsOf(right: RealisedHand, bass: RealisedBass): Message[] {
  const upper = new Map(right.notes.map(({ step }, at) => [step, right.fingers[at]!]))
  const seen = new Map<string, Message>()
  bass.notes.forEach(({ step, chord }, at) => {
    const over = upper.get(step)
    if (over === undefined) return
    const left = bass.fingers[at]!
    const on = chord ? 'chord' : 'bass'
    seen.set(`${over} ${left} ${on}`, instrumentMessage('reeds.pair', { right: over, left, on }))
  })
  return [...seen.values()]
}

/** Notes of the right hand to each stroke of the left, where it is always the same number; null where it is not. */
function notesToStroke(right: RealisedHand, bass: RealisedBass): number | null {
  const strokes = [...new Set(bass.notes.map(({ step }) => step))].sort((a, b) => a - b)
  const steps = new Set(right.notes.map(({ step }) => step))
  const counts = strokes.slice(0, -1).map((from, at) => {
    const to = strokes[at + 1]!
    return [...steps].filter((step) => step >= from && step < to).length
  })
  return counts.length > 0 && counts.every((count) => count === counts[0]) ? counts[0]! : null
}

/** Third fingers that meet: the hands are then alike. */
function thirds(right: RealisedHand, bass: RealisedBass): Message[] {
  const left = new Set(bass.notes.flatMap(({ step }, at) => (bass.fingers[at] === 3 ? [step] : [])))
  const met = right.notes.filter(({ step }, at) => right.fingers[at] === 3 && left.has(step))
  if (met.length === 0) return []
  const notes = new Map(met.map(({ pitch }) => [`${pitch.letter}${pitch.alteration}`, noteParam(pitch)]))
  return [instrumentMessage('reeds.thirds', { notes: listed([...notes.values()]), times: met.length })]
}

/** How the hands go together: notes against strokes, which fingers fall together, where thirds meet. */
export function meetingsOf(right: RealisedHand, bass: RealisedBass): Message[] {
  const count = notesToStroke(right, bass)
  const pairs = pairsOf(right, bass)
  const named = listed(pairs.slice(0, MAX_PAIRS), 'comma')
  return [
    ...(count === null ? [] : [instrumentMessage('reeds.against', { count })]),
    instrumentMessage('reeds.pairs', {
      count: pairs.length,
      pairs: named,
      more: pairs.length > MAX_PAIRS ? 'yes' : 'no',
    }),
    ...thirds(right, bass),
  ]
}
