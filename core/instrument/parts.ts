import type { Asked } from '../difficulty'
import type { KeyStretch } from '../fingering'
import { type Material, materialOf } from '../material'
import { noteName } from '../pitch'
import type { CommonRecipe, Hand, Line, Section } from '../study'

/** A section of a study with its lines, and the step on which it begins. */
export interface Part extends Section {
  readonly material: Material
  readonly fifths: number
  readonly lines: readonly Line[]
  readonly from: number
  readonly steps: number
}

/** Degrees of a part; one that a bookend or another key does not have is nobody's mistake there. */
export const degreesOf = (part: Part): number => part.material.up.length

/** What difficulty has to know of a study besides its notes. */
export const askedOf = <R extends CommonRecipe>(recipe: R, parts: readonly Part[]): Asked & { readonly recipe: R } => ({
  recipe,
  kinds: parts.map(({ material }) => material.kind.id),
  keys: new Set(parts.map(({ material }) => noteName(material.tonic))).size,
})

/** A third: so far a hand goes on to wherever the line leads. */
const NEAR = 4
/** A fifth: so far it goes on where the line comes back to it, or where the keys go up and down in turn. */
const FAR = 7

const lineOf = (part: Part, hand: Hand): Line => part.lines.find((line) => line.hand === hand)!

/** Whether a hand goes on from one part to the next as it goes from note to note. */
function joins(before: Part | undefined, part: Part, hand: Hand): boolean {
  if (!before || !part.joins || lineOf(part, hand).free === 'held') return false
  // kinds of other families have other habits of the hand
  if (before.material.kind.family !== part.material.kind.family) return false
  const last = lineOf(before, hand).notes.at(-1)
  const [first, second] = lineOf(part, hand).notes
  if (!last || !first) return false
  const leap = first.midi - last.midi
  const comesBack = second !== undefined && (second.midi - first.midi) * leap < 0
  const inTurn = before.recipe.course !== part.recipe.course
  return Math.abs(leap) <= (comesBack || inTurn ? FAR : NEAR)
}

/** Whether a player goes on from one part to the next. */
type GoesOn = (before: Part | undefined, part: Part, hand: Hand) => boolean

/** Sticks have no hand that would be set down anew: how far the line leaps is nothing to them. */
export const sticksGoOn: GoesOn = (before, part) => before !== undefined && part.joins === true

/** Parts that one hand plays without being set down anew. */
export interface HandStretch {
  readonly parts: readonly Part[]
  readonly line: Line
  /** The keys of the line, each from its first note on. */
  readonly keys: readonly KeyStretch[]
  /** Its first note in the whole. */
  readonly from: number
}

const lastRepeat = (notes: Line['notes']): number => Math.max(-1, ...notes.map(({ repeat }) => repeat ?? -1))

/** A part's notes after those that its hand has played: steps and repeats counted on. */
function following(notes: Line['notes'], part: Part, hand: Hand, joined: boolean): Line['notes'] {
  const from = 1 + lastRepeat(notes)
  return lineOf(part, hand).notes.map((note, at) => ({
    ...note,
    step: note.step + part.from,
    fresh: note.fresh || (at === 0 && part.from > 0 && !joined),
    ...(note.repeat === undefined ? {} : { repeat: note.repeat + from }),
  }))
}

/** Which key a part is fingered by, and how far over its tonic it begins. */
function stretchOf({ material, fingeredAs }: Part, from: number): KeyStretch {
  if (!fingeredAs) return { from, material, over: 0 }
  const parent = materialOf(fingeredAs)
  const tonic = noteName(material.tonic)
  return {
    from,
    material: parent,
    over: Math.max(
      0,
      parent.up.findIndex((note) => noteName(note) === tonic),
    ),
  }
}

/** What leads to a key belongs to it, but for a note that the key before would have none without. */
const withLinks = (notes: Line['notes'], keys: readonly KeyStretch[]): number => {
  const least = (keys.at(-1)?.from ?? -1) + 1
  let first = notes.length
  while (first > least && notes[first - 1]!.link) first--
  return first
}

/** One hand over all parts, in stretches that are fingered as one line each. */
export function stretchesOf(parts: readonly Part[], hand: Hand, goesOn: GoesOn = joins): HandStretch[] {
  const stretches: { parts: Part[]; line: Line; keys: KeyStretch[]; from: number }[] = []
  let count = 0
  parts.forEach((part, at) => {
    // where the hands share a line one of them may have no note of a key
    if (lineOf(part, hand).notes.length === 0) return
    const joined = goesOn(parts[at - 1], part, hand)
    if (!joined) stretches.push({ parts: [], line: { ...lineOf(part, hand), notes: [] }, keys: [], from: count })
    const last = stretches.at(-1)!
    const { notes } = last.line
    last.keys.push(stretchOf(part, withLinks(notes, last.keys)))
    last.parts.push(part)
    const added = following(notes, part, hand, joined)
    last.line = { ...last.line, notes: [...notes, ...added] }
    count += added.length
  })
  return stretches
}

/** All notes of a hand as they stand in the whole line. */
export const notesOver = (parts: readonly Part[], hand: Hand): Line['notes'] =>
  stretchesOf(parts, hand).flatMap(({ line }) => line.notes)
