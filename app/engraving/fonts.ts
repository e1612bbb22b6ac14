import bravura from '@vexflow-fonts/bravura/bravura.woff2?url'
import { Font, VexFlow } from 'vexflow/core'

let loading: Promise<void> | undefined

/** Loads the engraving face from our own bundle; everything that draws notes waits for it. */
export function engravingReady(): Promise<void> {
  loading ??= Font.load('Bravura', bravura).then(() => {
    VexFlow.setFonts('Bravura')
  })
  return loading
}
