import { type Faces, runsOf } from './faces'
import { INK, RULE, SOFT } from './inks'
import type { Drawn } from './page'

/** Letters and signs that pictures of one page share, each drawn once. */
export type Glyphs = Map<string, string>
export const newGlyphs = (): Glyphs => new Map()

/** Paper's inks are the page's own, by day and by night. */
const COLOURS: Readonly<Record<string, string>> = {
  [INK]: 'currentColor',
  black: 'currentColor',
  '#000000': 'currentColor',
  [SOFT]: 'var(--soft)',
  [RULE]: 'var(--rule)',
}
const inkOf = (colour: string): string => COLOURS[colour] ?? colour

/** A tenth of a unit is finer than a screen shows. */
const rounded = (text: string): string =>
  text.replaceAll(/-?\d+\.\d+(e-?\d+)?/g, (number) => String(Math.round(Number(number) * 10) / 10))

function textMarkup(
  { text, face, x, y, size, colour }: Extract<Drawn, { kind: 'text' }>,
  faces: Faces,
  glyphs: Glyphs,
) {
  let at = x
  const scale = Math.round(size * 100) / 100 / 1000
  return runsOf(text, face)
    .flatMap((run) =>
      faces.outlines(run.text, run.face).map(({ id, d, advance }) => {
        const name = `${run.face}-${id}`
        if (d) glyphs.set(name, d)
        const place = rounded(`translate(${at} ${y}) `) + `scale(${scale} -${scale})`
        at += advance * size
        return d ? `<use href="#${name}" transform="${place}" fill="${inkOf(colour)}"/>` : ''
      }),
    )
    .join('')
}

function pathMarkup({ d, fill, stroke, width, dash }: Extract<Drawn, { kind: 'path' }>): string {
  const look = [
    `fill="${fill ? inkOf(fill) : 'none'}"`,
    ...(stroke ? [`stroke="${inkOf(stroke)}" stroke-width="${Math.round(width * 100) / 100}"`] : []),
    ...(dash ? [`stroke-dasharray="${dash.join(' ')}"`] : []),
  ]
  return `<path d="${rounded(d)}" ${look.join(' ')}/>`
}

/** What is drawn, as markup of SVG; letters go into `glyphs`, which stand once on the page. */
export const svgOf = (drawn: readonly Drawn[], faces: Faces, glyphs: Glyphs): string =>
  drawn.map((one) => (one.kind === 'text' ? textMarkup(one, faces, glyphs) : pathMarkup(one))).join('')
