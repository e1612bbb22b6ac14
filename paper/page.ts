/** Faces in which words and notes are set. */
export const FACES = ['serif', 'serif-bold', 'serif-italic', 'sans', 'signs', 'music'] as const
export type Face = (typeof FACES)[number]

/** Something drawn on a page. Lengths are in points from its top left, y downward. */
export type Drawn =
  | {
      readonly kind: 'text'
      readonly text: string
      readonly x: number
      /** The baseline. */
      readonly y: number
      readonly face: Face
      readonly size: number
      readonly colour: string
    }
  | {
      readonly kind: 'path'
      /** SVG path data. */
      readonly d: string
      readonly fill: string | null
      readonly stroke: string | null
      readonly width: number
      readonly dash?: readonly number[]
    }

export interface Page {
  readonly width: number
  readonly height: number
  readonly drawn: readonly Drawn[]
}
