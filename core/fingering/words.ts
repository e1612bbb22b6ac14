import type { Material } from '../material'
import { printedName, type Note } from '../pitch'
import type { Charge } from './charges'
import type { Hold } from './chords'
import type { RingFingering } from './ring'
import { type Term, TERM_WORDS } from './school'

/** Degrees on which a direction of a ring has the thumb. */
export const thumbsOf = (holds: readonly Hold[]): number[] =>
  holds.flatMap((hold, degree) => (hold.includes(1) ? [degree] : []))

/** “F and C♭”. */
export function listed(words: readonly string[]): string {
  return words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`
}

/** What a charge is, as said of a fingering that pays it; the rest are said as their terms are. */
const PHRASES: Partial<Record<Term, (charge: Charge) => string>> = {
  'thumb-on-black': ({ note }) => `thumb on ${note}, a black key`,
  'tonic-without-thumb': ({ note }) => `no thumb on ${note}, where the scale begins`,
  'little-finger-inside': ({ note }) => `the little finger inside the run, on ${note}`,
  'moved-thumb': ({ note }) => `the thumb on ${note} only going up`,
  pass: () => 'one more crossing',
  'pass-at-white': ({ crossed }) => `a crossing at ${crossed}, a white key`,
  'pass-by-two': ({ crossed }) => `the thumb passes only two fingers at ${crossed}`,
  'pass-by-five': ({ crossed }) => `the little finger passes the thumb at ${crossed}`,
  'pass-at-end': ({ note }) => `a crossing only for the outermost note, near ${note}`,
  'hand-shape': ({ note }) => `the hand less at rest near ${note}`,
  'far-pass': () => 'a wide crossing',
  'fourth-on-white': ({ note }) => `4 on ${note}, a white key`,
  'four-before-three': () => 'the long grip straight after the tonic',
  'third-in-triad': ({ note }) => `3 on ${note}, where this setting has 4`,
  'black-off-group': ({ note }) => `${note} without its finger of the black group`,
  'black-without-third': ({ note }) => `another finger than 3 on ${note}, a black key`,
  'white-without-thumb': ({ note }) => `another finger than 1 on ${note}, a white key`,
  stretch: ({ note }) => `a stretch at ${note}`,
  'skipped-finger': () => 'a finger left out',
  cramped: () => 'fingers squeezed over too few keys',
  'finger-change': ({ note }) => `another finger on the same key, near ${note}`,
  slide: ({ note }) => `a finger slides from ${note}`,
  shift: ({ note }) => `the hand is lifted after ${note}`,
  'shift-distance': ({ note }) => `the hand carried farther at ${note}`,
  'finger-again': ({ note }) => `a finger needed again at once after ${note}`,
  'voice-crossed': ({ note }) => `fingers crossed over after ${note}`,
  'chord-opened': ({ note }) => `fingers squeezed or spread at ${note}`,
  'five-on-black': ({ note }) => `5 on ${note}, a black key`,
  'off-pattern': ({ note }) => `the octave’s pattern left at ${note}`,
  'end-off-pattern': ({ note }) => `the pattern left at ${note}`,
}

export const phraseOf = (charge: Charge): string => PHRASES[charge.term]?.(charge) ?? TERM_WORDS[charge.term]

/** Where the thumbs of a pattern lie, both ways if they differ: “thumbs on F and C♭”. */
export function thumbWords(material: Material, ring: RingFingering): string {
  const names = (holds: readonly Hold[], notes: readonly Note[]) =>
    listed(thumbsOf(holds).map((degree) => printedName(notes[degree]!)))
  const up = names(ring.up, material.up)
  const down = names(ring.down, material.down)
  const many = thumbsOf(ring.up).length > 1 ? 'thumbs' : 'thumb'
  if (!up) return 'no thumb'
  return up === down ? `${many} on ${up}` : `${many} on ${up} up, ${down} down`
}

/** A price for a reader: how it weighs against the school's habits. */
export function priceWords(price: number): string {
  if (price >= 900) return 'against the school’s first rule'
  if (price >= 40) return 'against the school’s habit'
  if (price >= 8) return 'clearly dearer'
  return price >= 3 ? 'a little dearer' : 'nearly as good'
}

/** Fingers as a teacher reads them: double notes joined, the rest one by one. */
export const holdWords = (holds: readonly Hold[]): string =>
  holds.map((hold) => (hold.length > 1 ? hold.join('/') : String(hold[0]))).join(' ')
