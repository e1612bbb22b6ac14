import { Stem, Tremolo } from 'vexflow/core'

/** Pixels from one stroke to the next, and how far a stroke's ink reaches beyond its middle. */
const SPACING = 7
/** The strokes stand clear of the head: their middle so far along the stem from it. */
const ALONG = 0.62

/** Strokes through the middle of a stem, as plates have them, clear of its tip and of what stands over it. */
export class StemStrokes extends Tremolo {
  override draw(): void {
    const context = this.checkContext()
    const note = this.checkAttachedNote()
    this.setRendered()
    const up = note.getStemDirection() === Stem.UP
    const { topY = 0, baseY = 0 } = note.getStemExtents()
    const x = note.getAbsoluteX() + (up ? note.getGlyphWidth() - Stem.WIDTH / 2 : Stem.WIDTH / 2)
    const middle = baseY + (topY - baseY) * ALONG
    for (let at = 0; at < this.num; at++) {
      this.renderText(context, x, middle + (at - (this.num - 1) / 2) * SPACING)
    }
  }
}
