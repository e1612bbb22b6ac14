import { noteName } from '../pitch'
import type { Finger, Stick } from '../study'
import { type AlignBy, alignedBy } from './align'
import { type ComparedLine, degreeOver, type Way } from './line'

type Mark = Finger | Stick

/** What a hand takes on a key, or on a degree, away from the ends of the line. */
interface Taken {
  /** A note of the line that is meant. */
  readonly at: number
  readonly marks: ReadonlySet<Mark>
}

/** A key or degree that is taken otherwise; `a` and `b` are notes of the two lines. */
export interface OtherMark {
  readonly a: number
  readonly b: number
  readonly from: readonly Mark[]
  readonly to: readonly Mark[]
  readonly way: Way | 'both'
}

/** What two hands take, key for key on one tonic and degree for degree on two. */
export interface MarksCompared {
  readonly by: 'note' | 'degree'
  readonly others: readonly OtherMark[]
  /** Keys or degrees of both. */
  readonly shared: number
  /** Whether a first, last, lowest or highest note that both have is taken otherwise. */
  readonly ends: boolean
  /** Names of the notes on which the thumb lies away from the ends, before and after. */
  readonly thumbs: { readonly before: readonly string[]; readonly after: readonly string[] }
}

const OCTAVE = 12

/** The outer notes of a line: there a hand has no need to go on. */
function endsOf({ notes }: ComparedLine): Set<number> {
  const [low, high] = [Math.min(...notes.map(({ midi }) => midi)), Math.max(...notes.map(({ midi }) => midi))]
  const outer = new Set(notes.flatMap(({ midi, step }) => (midi === low || midi === high ? [step] : [])))
  const [first, last] = [notes[0]!.step, notes.at(-1)!.step]
  return new Set(notes.flatMap(({ step }, at) => (outer.has(step) || step === first || step === last ? [at] : [])))
}

/** What stands for a note among those of its name or degree. */
const classOf = (part: ComparedLine, at: number, by: AlignBy): number => {
  const { midi, degree } = part.notes[at]!
  return by === 'degree' ? degreeOver(part.key!, degree) : midi % OCTAVE
}

function takenIn(part: ComparedLine, ends: ReadonlySet<number>, by: AlignBy): Map<number, Map<Way, Taken>> {
  const all = new Map<number, Map<Way, Taken>>()
  part.notes.forEach((_, at) => {
    if (ends.has(at)) return
    const key = classOf(part, at, by)
    const ways = all.get(key) ?? new Map<Way, Taken>()
    const known = ways.get(part.ways[at]!)
    ways.set(part.ways[at]!, { at: known?.at ?? at, marks: new Set([...(known?.marks ?? []), part.marks[at]!]) })
    all.set(key, ways)
  })
  return all
}

const listOf = (marks: ReadonlySet<Mark>): Mark[] => [...marks].sort()
const sameMarks = (a: Taken, b: Taken): boolean => String(listOf(a.marks)) === String(listOf(b.marks))

/** Where the ways up and down of a key differ alike, it is said once. */
function othersOn(a: Map<Way, Taken>, b: Map<Way, Taken>): OtherMark[] {
  const found = (['up', 'down'] as const).flatMap((way): OtherMark[] => {
    const [own, other] = [a.get(way), b.get(way)]
    if (!own || !other || sameMarks(own, other)) return []
    return [{ a: own.at, b: other.at, from: listOf(own.marks), to: listOf(other.marks), way }]
  })
  const [up, down] = found
  const alike = up && down && String([up.from, up.to]) === String([down.from, down.to])
  if (alike) return [{ ...up, way: 'both' }]
  // it goes one way only
  return found.map((each) => (a.size === 1 && b.size === 1 ? { ...each, way: 'both' as const } : each))
}

const thumbsIn = (part: ComparedLine, ends: ReadonlySet<number>): string[] => [
  ...new Set(part.marks.flatMap((mark, at) => (mark === 1 && !ends.has(at) ? [noteName(part.notes[at]!.pitch)] : []))),
]

/** @param met notes of both lines that are laid beside each other */
export function compareMarks(
  a: ComparedLine,
  b: ComparedLine,
  met: readonly { readonly a: number; readonly b: number }[],
): MarksCompared {
  const by = alignedBy(a, b)
  const [endsA, endsB] = [endsOf(a), endsOf(b)]
  const [own, others] = [takenIn(a, endsA, by), takenIn(b, endsB, by)]
  const shared = [...own.keys()].filter((key) => others.has(key))
  const alike = (pair: { a: number; b: number }): boolean => classOf(a, pair.a, by) === classOf(b, pair.b, by)
  const changed = (pair: { a: number; b: number }): boolean =>
    (endsA.has(pair.a) || endsB.has(pair.b)) && alike(pair) && a.marks[pair.a] !== b.marks[pair.b]
  return {
    by: by === 'degree' ? 'degree' : 'note',
    others: shared.flatMap((key) => othersOn(own.get(key)!, others.get(key)!)),
    shared: shared.length,
    ends: met.some(changed),
    thumbs: { before: thumbsIn(a, endsA), after: thumbsIn(b, endsB) },
  }
}
