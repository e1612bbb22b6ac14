import serif from '@fontsource/besley/files/besley-latin-400-normal.woff'
import serifItalic from '@fontsource/besley/files/besley-latin-400-italic.woff'
import serifBold from '@fontsource/besley/files/besley-latin-600-normal.woff'
import sans from '@fontsource/hanken-grotesk/files/hanken-grotesk-latin-400-normal.woff'
import signs from '@vexflow-fonts/academico/academico.otf'
import music from '@vexflow-fonts/bravura/bravura.otf'

/** The faces of paper, whole in the bundle of whoever makes it (esbuild’s `binary` loader). */
export const FACE_FILES = {
  ...{ serif, sans, signs, music },
  'serif-italic': serifItalic,
  'serif-bold': serifBold,
}
