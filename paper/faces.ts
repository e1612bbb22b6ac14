import { create, type Font } from 'fontkit'
import { Element, Font as MusicFont, type FontInfo, VexFlow } from 'vexflow/core'
import type { Face } from './page'

/** Bytes of each face's file. */
export type FaceFiles = Readonly<Record<Face, Uint8Array>>

/** A letter or sign as an outline: its path for a size of one, y upward, and how far it goes on to the next. */
export interface Outline {
  readonly id: number
  readonly d: string
  readonly advance: number
}

export interface Faces {
  readonly files: FaceFiles
  /** A text in one face as outlines, where nobody has the face. */
  readonly outlines: (text: string, face: Face) => readonly Outline[]
  /** Width of a text in points. */
  readonly width: (text: string, face: Face, size: number) => number
}

/** Signs of music in words, which the faces of words lack. */
const SIGNS = /([♭♮♯×]+|♩)/u
/** The quarter of a metronome mark, in the music face. */
const QUARTER = '\uECA5'

const runOf = (sign: string): { text: string; face: Face } =>
  sign === '♩' ? { text: QUARTER, face: 'music' } : { text: sign, face: 'signs' }

/** A text in runs of one face each: signs of music have a face of their own. */
export const runsOf = (text: string, face: Face): { readonly text: string; readonly face: Face }[] =>
  text
    .split(SIGNS)
    .map((run, at) => (at % 2 === 1 ? runOf(run) : { text: run, face }))
    .filter((run) => run.text !== '')

/** Shaping a text takes its time, and pages hold the same few over and over. */
function remembered<T>(work: (text: string) => T): (text: string) => T {
  const known = new Map<string, T>()
  return (text) => {
    const found = known.get(text) ?? work(text)
    known.set(text, found)
    return found
  }
}

/** What VexFlow asks of a canvas: how large a text in the music face is, in pixels. */
function measuring(font: Font) {
  const laid = remembered((text) => font.layout(text))
  const context = {
    font: '',
    measureText(text: string) {
      const [, number = '30', unit = 'pt'] = /([\d.]+)(px|pt)/.exec(context.font) ?? []
      const scale = (Number(number) * (unit === 'pt' ? 4 / 3 : 1)) / font.unitsPerEm
      const run = laid(text)
      const { minX, maxX, minY, maxY } = run.bbox
      return {
        width: run.advanceWidth * scale,
        actualBoundingBoxLeft: -minX * scale,
        actualBoundingBoxRight: maxX * scale,
        actualBoundingBoxAscent: maxY * scale,
        actualBoundingBoxDescent: -minY * scale,
        fontBoundingBoxAscent: font.ascent * scale,
        fontBoundingBoxDescent: -font.descent * scale,
      }
    },
  }
  return { getContext: () => context }
}

/** Outlines in a thousand steps to the size: finer than a screen. */
const outlinesOf = (font: Font) =>
  remembered((text): readonly Outline[] => {
    const scale = 1000 / font.unitsPerEm
    const { glyphs, positions } = font.layout(text)
    return glyphs.map(({ id, path }, at) => ({
      id,
      d: path
        .scale(scale)
        .toSVG()
        .replaceAll(/-?\d+\.\d+/g, (number) => String(Math.round(Number(number)))),
      advance: (positions[at]!.xAdvance * scale) / 1000,
    }))
  })

/** A CSS font read without a browser: `italic bold 30pt Bravura,Academico`. */
function fontOf(css: string): Required<FontInfo> {
  const [, style = '', weight = '', size = '30pt', family = 'Bravura'] =
    /^(italic\s+|normal\s+)?(bold\s+|normal\s+|\d{3}\s+)?([\d.]+(?:px|pt))\s+(.*)$/.exec(css.trim()) ?? []
  return { family, size, weight: weight.trim() || 'normal', style: style.trim() || 'normal' }
}

/** Faces that can be measured; from then on notes are engraved in the music face. */
export function facesFrom(files: FaceFiles): Faces {
  const fonts = Object.fromEntries(
    Object.entries(files).map(([face, bytes]) => [face, create(Buffer.from(bytes)) as Font]),
  ) as Record<Face, Font>
  /** Widths for a size of one. */
  const ems = Object.fromEntries(
    Object.entries(fonts).map(([face, font]) => [
      face,
      remembered((text) => font.layout(text).advanceWidth / font.unitsPerEm),
    ]),
  ) as Record<Face, (text: string) => number>
  Element.setTextMeasurementCanvas(measuring(fonts.music) as never)
  MusicFont.fromCSSString = fontOf
  VexFlow.setFonts('Bravura')
  const width = (text: string, face: Face, size: number): number =>
    runsOf(text, face).reduce((sum, run) => {
      return sum + ems[run.face](run.text) * size
    }, 0)
  const outlined = Object.fromEntries(Object.entries(fonts).map(([face, font]) => [face, outlinesOf(font)])) as Record<
    Face,
    (text: string) => readonly Outline[]
  >
  return { files, width, outlines: (text, face) => outlined[face](text) }
}
