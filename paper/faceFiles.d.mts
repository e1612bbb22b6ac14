import type { FaceFiles } from './faces'

/** The faces of paper, whole in the bundle of whoever makes it (esbuild’s `binary` loader). */
export declare const FACE_FILES: FaceFiles
