import { type Faces, runsOf } from './faces'
import type { Drawn, Page } from './page'

type Text = Extract<Drawn, { readonly kind: 'text' }>

/** A text as texts of one face each, side by side. */
function split(text: Text, faces: Faces): Text[] {
  let x = text.x
  return runsOf(text.text, text.face).map((run) => {
    const placed = { ...text, ...run, x }
    x += faces.width(run.text, run.face, text.size)
    return placed
  })
}

/** A page whose texts are each in one face: signs of music stand in words, and have a face of their own. */
export const inRuns = (page: Page, faces: Faces): Page => ({
  ...page,
  drawn: page.drawn.flatMap((one): readonly Drawn[] => (one.kind === 'text' ? split(one, faces) : [one])),
})
