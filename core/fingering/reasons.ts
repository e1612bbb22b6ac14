import type { Material } from '../material'
import { type Note, printedName } from '../pitch'
import type { Finger, Hand, Line, Pin } from '../study'
import { isBlack } from '../surface'
import { outward } from './cost'
import type { Habit } from './habit'
import { ringCharges, type RingFingering, rivalRing } from './ring'
import type { Crossing } from './run'
import type { School } from './school'
import { dearerIn, listed, phraseOf } from './words'

/** Why a finger is where it is. `indices` are the notes it speaks of, first occurrence first. */
export interface Reason {
  readonly hand: Hand
  readonly kind: 'crossing' | 'two-way' | 'end' | 'first-finger' | 'pin'
  readonly indices: readonly number[]
  readonly text: string
  /** What the next best would cost more, in the school's points; null where nothing competes. */
  readonly price: number | null
}

/** What the reasons are drawn from. */
export interface Solved {
  readonly school: School
  readonly material: Material
  readonly line: Line
  readonly ring: RingFingering
  readonly habit: Habit
  readonly fingers: readonly Finger[]
  readonly crossings: readonly Crossing[]
  readonly pins: readonly Pin[]
  /** What the pins cost more than the engine's own choice. */
  readonly pinPrice: number
}

/** The two notes of a crossing: the thumb's and the other finger's. */
function notesAtCrossing(solved: Solved, { index, kind }: Crossing): { thumb: number; finger: number } {
  return kind === 'thumb-under' ? { thumb: index, finger: index - 1 } : { thumb: index - 1, finger: index }
}

/** Crossings of one thumb place, in every octave and both directions where they agree. */
function crossingGroups(solved: Solved): Crossing[][] {
  const groups = new Map<string, Crossing[]>()
  for (const crossing of solved.crossings) {
    const { thumb, finger } = notesAtCrossing(solved, crossing)
    const notes = solved.line.notes
    const key = `${notes[thumb]!.midi % 12} ${notes[finger]!.midi % 12}`
    groups.set(key, [...(groups.get(key) ?? []), crossing])
  }
  return [...groups.values()]
}

function crossingReason(solved: Solved, group: readonly Crossing[]): Reason {
  const { line, fingers } = solved
  const first = group[0]!
  const { thumb, finger } = notesAtCrossing(solved, first)
  const [thumbNote, fingerNote] = [line.notes[thumb]!, line.notes[finger]!]
  const key = isBlack(fingerNote.midi) ? 'black key' : 'white key'
  const action =
    first.kind === 'thumb-under'
      ? `thumb under to ${printedName(thumbNote.pitch)}, after the ${key} ${printedName(fingerNote.pitch)}`
      : `${fingers[finger]} over onto ${printedName(fingerNote.pitch)}, a ${key}`
  const rival = rivalOf(solved, thumbNote.degree, thumbNote.leg)
  return {
    hand: line.hand,
    kind: 'crossing',
    indices: group.map((crossing) => crossing.index),
    text: `${action}. ${rival.text}`,
    price: rival.price,
  }
}

/** The best pattern without this thumb, and what it would pay for. */
function rivalOf(solved: Solved, degree: number, leg: 'up' | 'down'): { text: string; price: number | null } {
  const { school, line, material, ring } = solved
  if (ring[leg][degree] !== 1) return { text: 'It comes from a pin nearby.', price: null }
  const both = ring.up[degree] === 1 && ring.down[degree] === 1
  const rival = rivalRing(school, line.hand, material, degree, both ? 'both' : leg)
  if (!rival) return { text: 'No other place serves.', price: null }
  const charges = (fingering: RingFingering) => ringCharges(school, line.hand, material, fingering)
  const dearer = dearerIn(charges(ring), charges(rival))
  const price = rival.cost - ring.cost
  const why = dearer[0] ? phraseOf(material, line.hand, dearer[0]) : ''
  return { text: price > 0 && why ? `Otherwise: ${why}.` : 'Another place would do as well.', price }
}

function twoWayReason({ line, material, ring }: Solved): Reason[] {
  const changed = ring.up.flatMap((finger, degree) => (finger === ring.down[degree] ? [] : [degree]))
  if (changed.length === 0 || !line.notes.some((note) => note.leg === 'down')) return []
  const pattern = (notes: readonly Note[], fingers: readonly Finger[]) =>
    changed.map((degree) => `${fingers[degree]} on ${printedName(notes[degree]!)}`)
  const indices = line.notes.flatMap((note, at) =>
    note.leg === 'down' && changed.includes(note.degree) && at > 0 ? [at] : [],
  )
  return [
    {
      hand: line.hand,
      kind: 'two-way',
      indices,
      text: `the way down takes ${listed(pattern(material.down, ring.down))}, where the way up has ${listed(pattern(material.up, ring.up))}.`,
      price: null,
    },
  ]
}

function endReasons({ line, habit, fingers, pins }: Solved): Reason[] {
  const pinned = new Set(pins.map((pin) => pin.index))
  const free = habit.ends.flatMap((end, at) =>
    end && !pinned.has(at) && fingers[at] !== habit.fingers[at] ? [at] : [],
  )
  return free.slice(0, 1).map((at) => ({
    hand: line.hand,
    kind: 'end',
    indices: free.filter((other) => fingers[other] === fingers[at]),
    text: `${fingers[at]} on ${printedName(line.notes[at]!.pitch)} at the end: the hand need not go on, so it need not cross.`,
    price: null,
  }))
}

/** A black first note at the hand's inner side, where tables differ. */
function firstFingerReason({ line, ring, fingers, pins }: Solved): Reason[] {
  const [first, next] = [line.notes[0]!, line.notes[1]!]
  const pattern = ring[first.leg][first.degree]!
  const inner = (next.midi - first.midi) * outward(line.hand) > 0
  const toThumb = fingers.indexOf(1)
  if (!inner || !isBlack(first.midi) || pattern < 3 || toThumb < 1) return []
  if (pins.some((pin) => pin.index < toThumb)) return []
  const compact = Array.from({ length: toThumb }, (_, at) => at + 2).join(' ')
  const text =
    fingers[0] === pattern
      ? `begins on ${pattern}, as in every later octave; many begin ${compact} instead.`
      : `begins ${compact}, since nothing comes before; later octaves have ${pattern}.`
  return [{ hand: line.hand, kind: 'first-finger', indices: [0], text, price: null }]
}

function pinReason({ line, pins, pinPrice, habit, fingers }: Solved): Reason[] {
  if (pins.length === 0) return []
  const pinned = new Set(pins.map((pin) => pin.index))
  const names = pins.map((pin) => `${pin.finger} on ${printedName(line.notes[pin.index]!.pitch)}`)
  const gave = fingers.filter((finger, at) => !pinned.has(at) && finger !== habit.fingers[at] && !habit.ends[at])
  const rest =
    gave.length === 0
      ? 'Nothing else has to move.'
      : `${gave.length} other ${gave.length === 1 ? 'finger gives' : 'fingers give'} way.`
  return [
    {
      hand: line.hand,
      kind: 'pin',
      indices: pins.map((pin) => pin.index),
      text: `pinned: ${listed(names)}. ${rest}`,
      price: pinPrice,
    },
  ]
}

/** Reasons for a solved line, built from the charges that decided it. */
export function reasonsOf(solved: Solved): Reason[] {
  return [
    ...pinReason(solved),
    ...firstFingerReason(solved),
    ...crossingGroups(solved).map((group) => crossingReason(solved, group)),
    ...twoWayReason(solved),
    ...endReasons(solved),
  ]
}
