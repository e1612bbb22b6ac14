import type { Material } from '../material'
import { listed, type Message, named, type NoteParam } from '../message'
import { noteName, type Note, type Pitch } from '../pitch'
import type { CostTerm } from './costTerms'
import type { StruckFingers } from './chords'
import { OF_CROSSING, OF_NOTHING, fingeringMessage } from './messages'
import type { RingFingering } from './ring'
import { BEYOND } from './school'

/** Degrees on which a direction of a ring has the thumb. */
export const thumbsOf = (fingersByStep: readonly StruckFingers[]): number[] =>
  fingersByStep.flatMap((struckFingers, degree) => (struckFingers.includes(1) ? [degree] : []))

/** A note in a sentence. */
export const noteParam = (note: Note | Pitch): NoteParam => named(noteName(note))

const isOf = <T extends string>(some: readonly T[], term: string): term is T =>
  (some as readonly string[]).includes(term)

/** A cost term in words, of a fingering that pays it: only what is shown, so that equal terms are equal. */
export function phraseOf(termCost: CostTerm): Message {
  const { term } = termCost
  if (isOf(OF_NOTHING, term)) return fingeringMessage(`charge.${term}`)
  if (isOf(OF_CROSSING, term)) return fingeringMessage(`charge.${term}`, { crossed: termCost.crossed })
  return fingeringMessage(`charge.${term}`, { note: termCost.note })
}

/** Where the thumbs of a pattern lie, both ways if they differ: “thumbs on F and C♭”. */
export function thumbsMessage(material: Material, ring: RingFingering): Message {
  const on = (fingersByStep: readonly StruckFingers[], notes: readonly Note[]) =>
    thumbsOf(fingersByStep).map((degree) => notes[degree]!)
  const [up, down] = [on(ring.up, material.up), on(ring.down, material.down)]
  const names = (notes: readonly Note[]) => listed(notes.map(noteParam))
  if (up.length === 0) return fingeringMessage('thumbs.none')
  const count = up.length
  const same = String(up.map(noteName)) === String(down.map(noteName))
  return same
    ? fingeringMessage('thumbs.on', { count, notes: names(up) })
    : fingeringMessage('thumbs.two-way', { count, up: names(up), down: names(down) })
}

/** From how many points on a price is called what it is called; ours. */
export const PRICE_SCALE = { little: 3, clearly: 8, much: 40, beyond: BEYOND } as const

/** A price for a reader: how it weighs against the school's habits. */
export function priceMessage(price: number): Message {
  if (price >= PRICE_SCALE.beyond) return fingeringMessage('price.rule')
  if (price >= PRICE_SCALE.much) return fingeringMessage('price.habit')
  if (price >= PRICE_SCALE.clearly) return fingeringMessage('price.dearer')
  return fingeringMessage(price >= PRICE_SCALE.little ? 'price.little' : 'price.nearly')
}

/** Fingers as a teacher reads them: double notes joined, the rest one by one. */
export const fingersInWords = (fingersByStep: readonly StruckFingers[]): string =>
  fingersByStep
    .map((struckFingers) => (struckFingers.length > 1 ? struckFingers.join('/') : String(struckFingers[0])))
    .join(' ')
