import type { Note } from '../pitch'
import { noteName } from '../pitch'
import type { Heard } from './heard'
import type { Features } from './part'

const LETTERS = 'CDEFGAB'
type Distance = 'third' | 'sixth' | 'tenth'
const SHAPES: readonly Features['shape'][] = ['double-thirds', 'double-sixths']
const QUESTIONS = ['thirds', 'sixths']

/** How far apart hands lie that begin on two notes, by their letters; a tenth where the line says one. */
function distanceFrom(left: Note, right: Note, tenths: boolean): Distance | null {
  const steps = (LETTERS.indexOf(right.letter) - LETTERS.indexOf(left.letter) + 7) % 7
  return steps === 5 ? 'sixth' : steps === 2 ? (tenths ? 'tenth' : 'third') : null
}

/** A line whose hands begin on notes of their own, as hands so far apart; null where that does not fit its key. */
export function handsBegun(
  heard: Heard,
  tonics: readonly Note[],
  features: readonly Features[],
): { heard: Heard; features: readonly Features[] } | null {
  const { handsOn, ...ask } = heard.ask
  if (!handsOn) return { heard, features }
  const [tonic] = tonics
  const { interval, contraryFrom, motion } = heard.change
  const said = motion === 'contrary' ? contraryFrom : interval
  const distance = distanceFrom(handsOn.left, handsOn.right, said === 'tenth')
  if (!tonic || tonics.length > 1 || !distance) return null
  const tonicHand = (['right', 'left'] as const).find((hand) => noteName(handsOn[hand]) === noteName(tonic))
  const shapes = features.flatMap(({ shape }) => (shape && SHAPES.includes(shape) ? [shape] : []))
  const strange = shapes.some((shape) => shape !== `double-${distance}s`)
  if (!tonicHand || strange || (said !== undefined && said !== distance)) return null
  const apart = motion === 'contrary' ? { contraryFrom: distance } : { interval: distance }
  return {
    heard: {
      ...heard,
      ask,
      change: { ...heard.change, ...apart, tonicHand },
      questions: heard.questions.filter((code) => !QUESTIONS.includes(code)),
    },
    features: features.filter(({ shape }) => !SHAPES.includes(shape)),
  }
}
