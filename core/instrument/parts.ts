import type { Material } from '../material'
import type { Hand, Line, Section } from '../study'

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

/** What the parts of a study are made of. */
export const kindsIn = (parts: readonly Part[]): Material['kind']['id'][] =>
  parts.map(({ material }) => material.kind.id)

/** A part's notes as they stand in the whole line. */
export const notesOf = (part: Part, hand: Hand): Line['notes'] =>
  part.lines
    .find((line) => line.hand === hand)!
    .notes.map((note, at) =>
      part.from === 0 ? note : { ...note, step: note.step + part.from, fresh: note.fresh || at === 0 },
    )
