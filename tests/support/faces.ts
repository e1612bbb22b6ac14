import { readFileSync } from 'node:fs'
import { type FaceFiles, type Faces, facesFrom } from '#paper'

const file = (path: string): Uint8Array => readFileSync(`node_modules/${path}`)
const besley = (style: string): Uint8Array => file(`@fontsource/besley/files/besley-latin-${style}.woff`)

/** The files of paper's faces, from the packages that they come with. */
export const FACE_FILES: FaceFiles = {
  serif: besley('400-normal'),
  'serif-italic': besley('400-italic'),
  'serif-bold': besley('600-normal'),
  sans: file('@fontsource/hanken-grotesk/files/hanken-grotesk-latin-400-normal.woff'),
  signs: file('@vexflow-fonts/academico/academico.otf'),
  music: file('@vexflow-fonts/bravura/bravura.otf'),
}
export const faces = (): Faces => facesFrom(FACE_FILES)
