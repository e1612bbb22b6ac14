import { readFileSync } from 'node:fs'
import { create, type Font } from 'fontkit'
import type { Drawn, Face } from '#paper'

/** What a thing on a staff is, as an engraver would sort it. */
export type Kind =
  | 'head'
  | 'stem'
  | 'beam'
  | 'ledger'
  | 'sign'
  | 'signature'
  | 'clef'
  | 'time'
  | 'bar'
  | 'finger'
  | 'octave'
  | 'rest'
  | 'flag'
  | 'accent'
  | 'words'
  | 'staff'
  | 'other'
export interface Box {
  readonly kind: Kind
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
  /** Ends of a beam or its like, which lies aslant. */
  readonly slope: number
}

const file = (path: string): Font => create(readFileSync(`node_modules/${path}`)) as Font
const besley = (style: string): Font => file(`@fontsource/besley/files/besley-latin-${style}.woff`)
const FONTS: Partial<Record<Face, Font>> = {
  music: file('@vexflow-fonts/bravura/bravura.otf'),
  'serif-bold': besley('600-normal'),
  'serif-italic': besley('400-italic'),
  serif: besley('400-normal'),
}

/** Signs by their places in the standard table of music fonts (SMuFL 1.4). */
const GLYPHS: readonly (readonly [from: number, to: number, kind: Kind])[] = [
  [0xe050, 0xe07f, 'clef'],
  [0xe080, 0xe08f, 'time'],
  [0xe0a0, 0xe0ff, 'head'],
  [0xe220, 0xe23f, 'stem'],
  [0xe240, 0xe25f, 'flag'],
  [0xe260, 0xe26f, 'sign'],
  [0xe4a0, 0xe4bf, 'accent'],
  [0xe4e0, 0xe4ff, 'rest'],
]

type Text = Extract<Drawn, { kind: 'text' }>
function kindOfText({ text, face, size }: Text): Kind {
  if (face === 'music') {
    const code = text.codePointAt(0)!
    return GLYPHS.find(([from, to]) => code >= from && code <= to)?.[2] ?? 'other'
  }
  if (face === 'serif-bold' && size === 14.5) return 'finger'
  return face === 'serif-italic' && /^8v[ab]$/.test(text) ? 'octave' : 'words'
}

function textBox(text: Text): Box {
  const font = FONTS[text.face]!
  const { bbox, advanceWidth } = font.layout(text.text)
  const scale = text.size / font.unitsPerEm
  // words are as wide as they run, signs as their ink
  const [left, right] = text.face === 'music' ? [bbox.minX, bbox.maxX] : [0, advanceWidth]
  return {
    kind: kindOfText(text),
    left: text.x + left * scale,
    right: text.x + right * scale,
    top: text.y - bbox.maxY * scale,
    bottom: text.y - bbox.minY * scale,
    slope: 0,
  }
}

type Path = Extract<Drawn, { kind: 'path' }>
/** Corners of a path of straight lines; null where it is curved. */
function corners(d: string): [number, number][] | null {
  if (/[CQA]/.test(d)) return null
  const points: [number, number][] = []
  let [x, y] = [0, 0]
  for (const [, command, rest] of d.matchAll(/([MLHVhvZ])([^MLHVhvZ]*)/g)) {
    const [a = 0, b = 0] = rest!.trim().split(/[ ,]+/).map(Number)
    if (command === 'Z') continue
    if (command === 'H') x = a
    else if (command === 'V') y = a
    else if (command === 'h') x += a
    else if (command === 'v') y += a
    else [x, y] = [a, b]
    points.push([x, y])
  }
  return points
}

const WHOLE_LINE = 60
function kindOfLine(d: string, wide: number, tall: number): Kind {
  if (/V/.test(d) && !/H/.test(d)) return 'bar'
  if (wide < 0.5) return 'stem'
  if (tall < 0.5) return wide > WHOLE_LINE ? 'staff' : 'ledger'
  return /H/.test(d) ? 'octave' : 'other'
}

/** VexFlow fills the lines of its ledgers and stems as rectangles too. */
function kindOfShape(corners: number, wide: number, tall: number): Kind {
  if (tall < 2 && wide < WHOLE_LINE) return 'ledger'
  if (wide < 3) return 'stem'
  return corners >= 4 ? 'beam' : 'other'
}

function kindOfPath({ d, fill, stroke }: Path, points: readonly [number, number][]): Kind {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  const [wide, tall] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)]
  if (stroke) return kindOfLine(d, wide, tall)
  return fill ? kindOfShape(points.length, wide, tall) : 'other'
}

function pathBoxes(path: Path): Box[] {
  const points = corners(path.d)
  if (!points || points.length < 2) return []
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  const kind = kindOfPath(path, points)
  // an octave line has a hook at its end only
  if (kind === 'octave' && points.length > 2) {
    const [[x, y], [to], [, end]] = points as [[number, number], [number, number], [number, number]]
    const box = { kind, slope: 0 } as const
    return [
      { ...box, left: x, right: to, top: y - 0.5, bottom: y + 0.5 },
      { ...box, left: to - 0.5, right: to + 0.5, top: Math.min(y, end), bottom: Math.max(y, end) },
    ]
  }
  const half = path.stroke ? path.width / 2 : 0
  const [left, right] = [Math.min(...xs), Math.max(...xs)]
  const byLeft = points.toSorted(([a], [b]) => a - b)
  const slope = kind === 'beam' ? byLeft.at(-1)![1] - byLeft[0]![1] : 0
  const upright = kind === 'stem' || kind === 'bar' ? half : 0
  return [
    {
      ...{ kind, left: left - upright, right: right + upright, slope },
      ...{ top: Math.min(...ys) - (half - upright), bottom: Math.max(...ys) + (half - upright) },
    },
  ]
}

/** Boxes of everything that is drawn of a system; signs before the first note are its signature. */
export function boxesOf(drawn: readonly Drawn[], firstColumn: number): Box[] {
  const boxes = drawn.flatMap((one) => (one.kind === 'text' ? [textBox(one)] : pathBoxes(one)))
  const heads = boxes.filter(({ kind }) => kind === 'head').map(({ left }) => left)
  const begin = Math.min(firstColumn - 6, ...heads)
  return boxes.map((box) =>
    box.kind === 'sign' && box.right < begin - 12 && box.left < begin - 22 ? { ...box, kind: 'signature' } : box,
  )
}

/** Height of a beam's ink at an x, as far as it lies aslant. */
const spanAt = (box: Box, x: number): [number, number] => {
  if (box.kind !== 'beam' || box.slope === 0) return [box.top, box.bottom]
  const share = Math.min(1, Math.max(0, (x - box.left) / (box.right - box.left)))
  const thick = box.bottom - box.top - Math.abs(box.slope)
  const from = box.slope > 0 ? box.top + share * box.slope : box.top + (1 - share) * -box.slope
  return [from, from + thick]
}

/** Whether the ink of two boxes meets, by more than a hair. */
export function touch(one: Box, other: Box, hair = 0.3): boolean {
  if (one.right - hair <= other.left || other.right - hair <= one.left) return false
  const [from, to] = [Math.max(one.left, other.left), Math.min(one.right, other.right)]
  return [from, (from + to) / 2, to].some((x) => {
    const [a, b] = [spanAt(one, x), spanAt(other, x)]
    return a[1] - hair > b[0] && b[1] - hair > a[0]
  })
}
