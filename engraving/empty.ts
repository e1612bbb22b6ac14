import { printedFifths } from '#core/notation'
import { type RenderContext, Stave } from 'vexflow/core'
import { MAJOR_BY_FIFTHS } from './staffNotes'

/** A staff with a clef and, where it is given, a signature: nothing else. Its top line lies at a height. */
export function emptyStaff(
  context: RenderContext,
  place: { readonly x: number; readonly y: number; readonly width: number },
  { clef, fifths }: { readonly clef: 'treble' | 'bass'; readonly fifths: number },
): void {
  const stave = new Stave(place.x, place.y, place.width, { leftBar: false, rightBar: false, spaceAboveStaffLn: 0 })
  stave.addClef(clef)
  stave.addKeySignature(MAJOR_BY_FIFTHS[printedFifths(fifths) + 7]!)
  stave.setContext(context).draw()
}
