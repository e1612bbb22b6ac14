import type { Material } from '../material'
import { type Note, printedName } from '../pitch'
import type { Hand } from '../study'
import type { RingCharge, RingFingering } from './ring'
import type { Term } from './school'

const noteAt = (notes: readonly Note[], degree: number): string => printedName(notes[degree % notes.length]!)

/** Degrees on which a direction of a ring has the thumb. */
export const thumbsOf = (fingers: readonly number[]): number[] =>
  fingers.flatMap((finger, degree) => (finger === 1 ? [degree] : []))

/** “F and C♭”. */
export function listed(words: readonly string[]): string {
  return words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`
}

/** The finger's note at a pass between two degrees: the one that is not the thumb's. */
const fingerDegree = (hand: Hand, degree: number): number => (hand === 'right' ? degree : degree + 1)

type Phrase = (notes: readonly Note[], hand: Hand, degree: number) => string

/** What a charge is, as said of a fingering that pays it. */
const PHRASES: Partial<Record<Term, Phrase>> = {
  'thumb-on-black': (notes, _, degree) => `thumb on ${noteAt(notes, degree)}, a black key`,
  'tonic-without-thumb': (notes) => `no thumb on the tonic ${noteAt(notes, 0)}`,
  'moved-thumb': (notes, _, degree) => `the thumb on ${noteAt(notes, degree)} only going up`,
  pass: () => 'one more crossing in the octave',
  'pass-at-white': (notes, hand, degree) => `a crossing at ${noteAt(notes, fingerDegree(hand, degree))}, a white key`,
  'pass-by-two': (notes, hand, degree) =>
    `the thumb passes only two fingers at ${noteAt(notes, fingerDegree(hand, degree))}`,
  'far-pass': () => 'a wide crossing',
  'fourth-on-white': (notes, _, degree) => `4 on ${noteAt(notes, degree)}, a white key`,
  'four-before-three': () => 'the long grip straight after the tonic',
  stretch: () => 'a stretch between the fingers',
  'skipped-finger': () => 'a finger left out',
  cramped: () => 'fingers squeezed over too few keys',
}

const place = (charge: RingCharge): string => `${charge.way} ${charge.degree}`

/** What `other` pays more for than `chosen`, dearest first, each once. */
export function dearerIn(chosen: readonly RingCharge[], other: readonly RingCharge[]): RingCharge[] {
  const sum = (charges: readonly RingCharge[], term: Term): number =>
    charges.reduce((total, charge) => total + (charge.term === term ? charge.cost : 0), 0)
  const terms = [...new Set(other.map((charge) => charge.term))]
  return terms
    .map((term) => {
      const among = other.filter((charge) => charge.term === term)
      const known = new Set(chosen.filter((charge) => charge.term === term).map(place))
      const newest = among.find((charge) => !known.has(place(charge))) ?? among[0]!
      return { ...newest, cost: sum(other, term) - sum(chosen, term) }
    })
    .filter((charge) => charge.cost > 0)
    .sort((a, b) => b.cost - a.cost)
}

export const phraseOf = (material: Material, hand: Hand, { term, degree, way }: RingCharge): string =>
  PHRASES[term]?.(material[way], hand, degree) ?? term.replaceAll('-', ' ')

/** Where the thumbs of a pattern lie, both ways if they differ: “thumbs on F and C♭”. */
export function thumbWords(material: Material, ring: RingFingering): string {
  const names = (fingers: readonly number[], notes: readonly Note[]) =>
    listed(thumbsOf(fingers).map((degree) => noteAt(notes, degree)))
  const up = names(ring.up, material.up)
  const down = names(ring.down, material.down)
  const many = thumbsOf(ring.up).length > 1 ? 'thumbs' : 'thumb'
  return up === down ? `${many} on ${up}` : `${many} on ${up} up, ${down} down`
}

/** A price for a reader: how it weighs against the school's habits. */
export function priceWords(price: number): string {
  if (price >= 1000) return 'against the school’s first rule'
  if (price >= 40) return 'against the school’s habit'
  if (price >= 8) return 'clearly dearer'
  return price >= 3 ? 'a little dearer' : 'nearly as good'
}
