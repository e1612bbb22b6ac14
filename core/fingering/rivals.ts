import { capital, type Message } from '../message'
import type { LineNote } from '../study'
import { type CostTerm, costTermsOfRing, dearerIn, thumbNote } from './costTerms'
import type { StruckFingers } from './chords'
import { fingeringMessage } from './messages'
import type { Other, Others } from './others'
import { type RingFingering, rivalRing } from './ring'
import type { KeyFingers, Task } from './task'
import { fingersInWords, noteParam, phraseOf, priceMessage, thumbsOf } from './words'

/** What would be done instead, and what it would cost more; null where nothing competes. */
export interface Rival {
  readonly message: Message
  readonly price: number | null
}

/** What a rival pays, in words; nothing where it pays nothing that has a name. */
function paid(row: Message, dearer: readonly CostTerm[], price: number): Message | null {
  const [first] = dearer
  if (price <= 0 || !first) return null
  // where the row names the thumb's note already
  const there = JSON.stringify(row.params?.note) === JSON.stringify(first.note)
  return first.term === 'thumb-on-black' && there ? fingeringMessage('rival.black') : phraseOf(first)
}

/** A rival by its row of fingers: what it would pay, and how that weighs. */
function nextBest(row: Message, dearer: readonly CostTerm[], price: number, instead: Message | null = null): Rival {
  const why = instead ?? paid(row, dearer, price)
  const weighs = capital(priceMessage(price))
  return {
    message: why ? fingeringMessage('rival.next', { row, why, weighs }) : fingeringMessage('rival.as-good', { row }),
    price,
  }
}

const modulo = (value: number, n: number): number => ((value % n) + n) % n

/** Degrees from the thumb before a new one up to it, rising, as fingers: “1 2 3 4 1”. */
function rowTo(fingersByStep: readonly StruckFingers[], thumb: number): string {
  const n = fingersByStep.length
  let from = thumb - 1
  while (thumb - from < n && !fingersByStep[modulo(from, n)]!.includes(1)) from--
  return fingersInWords(Array.from({ length: thumb - from + 1 }, (_, at) => fingersByStep[modulo(from + at, n)]!))
}

/** Where a rival pattern has a thumb that the chosen one has not: the nearest to where it stood. */
function movedThumb(
  chosen: readonly StruckFingers[],
  rival: readonly StruckFingers[],
  degree: number,
): number | undefined {
  const own = thumbsOf(chosen)
  const away = (at: number): number => Math.min(modulo(at - degree, rival.length), modulo(degree - at, rival.length))
  return thumbsOf(rival)
    .filter((at) => !own.includes(at))
    .sort((a, b) => away(a) - away(b))[0]
}

/** The best octave's pattern without its thumb on a note. */
export function ringRival({ line }: Pick<Task, 'line'>, key: KeyFingers, at: LineNote): Rival {
  const { costProfile, material, fixed, over } = key
  const ring = key.rings[0]!
  const { leg } = at
  const degree = (at.degree + over) % ring.up.length
  const has = (way: 'up' | 'down'): boolean => ring[way][degree]!.includes(1)
  if (!has(leg)) return { message: fingeringMessage('rival.pin'), price: null }
  const place = { degree, leg: has('up') && has('down') ? ('both' as const) : leg }
  const rival = rivalRing(costProfile, line.hand, material, fixed, place)
  if (!rival) return { message: fingeringMessage('rival.none'), price: null }
  const costTerms = (fingering: RingFingering) => costTermsOfRing(costProfile, line.hand, material, fingering)
  const thumb = movedThumb(ring[leg], rival[leg], degree)
  const row =
    thumb === undefined
      ? fingeringMessage('row.without', { fingers: fingersInWords(rival[leg]) })
      : fingeringMessage('row.thumb-to', {
          fingers: rowTo(rival[leg], thumb),
          note: noteParam(thumbNote(material, leg, thumb, rival[leg][thumb]!)),
        })
  const dearer = dearerIn(costTerms(ring), costTerms(rival))
  const [first] = rival[leg]
  // that it begins otherwise says little: what every later octave would have says more
  const instead =
    dearer[0]?.term === 'tonic-without-thumb' && first!.length === 1
      ? fingeringMessage('rival.tonic', { note: noteParam(material[leg][0]!), finger: first![0]! })
      : null
  return nextBest(row, dearer, rival.cost - ring.cost, instead)
}

/** Steps shown before and after the place where another line differs. */
const AROUND = 3

/** A row of another line around a step, up to the thumb that takes the place of the one that stood there. */
function lineRow({ run, line }: Task, other: Other, step: number): Message {
  const near = [...Array(2 * AROUND + 1).keys()]
    .map((at) => step + (at % 2 === 0 ? at / 2 : -(at + 1) / 2))
    .find((at) => at !== step && other.fingersByStep[at]?.includes(1))
  const from = Math.max(0, Math.min(step, near ?? step) - 1)
  const fingers = fingersInWords(other.fingersByStep.slice(from, Math.max(step, near ?? step) + 2))
  if (near === undefined) return fingeringMessage('row.without', { fingers })
  const { notes } = run.steps[near]!
  const note = notes[other.fingersByStep[near]!.indexOf(1)]!
  return fingeringMessage('row.thumb-to', { fingers, note: noteParam(line.notes[note]!.pitch) })
}

/** The best line without the thumb at a step. */
export function lineRival(task: Task, others: Others, step: number): Rival {
  const other = others.at(step, (struckFingers) => !struckFingers.includes(1))
  if (!other) return { message: fingeringMessage('rival.none'), price: null }
  return nextBest(lineRow(task, other, step), other.dearer, other.price)
}
