import { strFromU8, unzipSync } from 'fflate'
import { XMLParser } from 'fast-xml-parser'
import { type Letter, midiOf, pitchName } from '../../pitch'
import { chordsOf, type FoundNote, type FoundPiece, MAX_NOTES } from '../reading'
import { formatError } from '../messages'
import { RECIPE_FIELD } from './write'

type Tree = Readonly<Record<string, unknown>>

const parser = new XMLParser({
  preserveOrder: true,
  ignoreAttributes: false,
  attributeNamePrefix: '',
  parseTagValue: false,
  // names of entities that the document itself defines are refused before it is read
  processEntities: true,
})

const nameOf = (node: Tree): string => Object.keys(node).find((key) => key !== ':@') ?? ''
const inside = (node: Tree): readonly Tree[] => (node[nameOf(node)] as readonly Tree[] | undefined) ?? []
const all = (nodes: readonly Tree[], name: string): Tree[] => nodes.filter((node) => nameOf(node) === name)
const first = (nodes: readonly Tree[], name: string): Tree | undefined => nodes.find((node) => nameOf(node) === name)
const attribute = (node: Tree, name: string): string | undefined =>
  (node[':@'] as Record<string, string> | undefined)?.[name]
const text = (nodes: readonly Tree[], name: string): string | undefined => {
  const found = first(nodes, name)
  return (
    found &&
    inside(found)
      .map((child) => String(child['#text'] ?? ''))
      .join('')
      .trim()
  )
}
/** A number that is one; `usual` where nothing is said. */
function number(nodes: readonly Tree[], name: string, usual: number): number {
  const given = Number(text(nodes, name) ?? usual)
  return Number.isFinite(given) ? given : usual
}

type Placed = FoundNote & { readonly start: number; readonly beats: number }

/** A piece as it is read, measure by measure. */
interface Reading {
  divisions: number
  fifths: number
  minor: boolean
  bpm: number | null
  title: string
  /** Where the piece begins, and the measure that is being read, in beats. */
  begun: number
  bar: number
  at: number
  lines: Map<number, Placed[]>
  /** Of each line, where a height was last struck: there a tie goes on. */
  struck: Map<number, Map<number, number>>
  /** The first clef of each staff. */
  clefs: Map<number, string>
  count: number
}

/** Clefs of more staves are not asked for. */
const MAX_STAVES = 64
const LETTERS = 'CDEFGAB'

/** A note of the file. @throws DomainError naming the measure where its pitch is none */
function readNote(reading: Reading, nodes: readonly Tree[], measure: string): void {
  if (first(nodes, 'grace') || first(nodes, 'cue')) return
  const beats = number(nodes, 'duration', 0) / reading.divisions
  const chord = first(nodes, 'chord') !== undefined
  const start = chord ? reading.at : reading.bar
  if (!chord) {
    reading.at = reading.bar
    reading.bar += beats
  }
  const pitch = first(nodes, 'pitch')
  if (!pitch) return
  const staff = number(nodes, 'staff', 1)
  const line = reading.lines.get(staff) ?? []
  const struck = reading.struck.get(staff) ?? new Map<number, number>()
  reading.lines.set(staff, line)
  reading.struck.set(staff, struck)
  const spelled = pitchIn(inside(pitch), measure)
  const at = struck.get(midiOf(spelled))
  if (all(nodes, 'tie').some((tie) => attribute(tie, 'type') === 'stop')) return hold(line, at, beats)
  if (++reading.count > MAX_NOTES) throw formatError('format.notes', { most: MAX_NOTES }, `measure ${measure}`)
  const technical = all(nodes, 'notations').flatMap((each) => all(inside(each), 'technical'))
  const mark = technical.flatMap((each) => text(inside(each), 'fingering') ?? [])[0] ?? null
  const name = pitchName(spelled)
  struck.set(midiOf(spelled), line.length)
  line.push({ midi: midiOf(spelled), name, mark, start: start - reading.begun, beats })
}

function pitchIn(nodes: readonly Tree[], measure: string) {
  const letter = text(nodes, 'step') ?? ''
  const alteration = number(nodes, 'alter', 0)
  const octave = number(nodes, 'octave', NaN)
  const isPitch =
    letter.length === 1 && LETTERS.includes(letter) && Number.isInteger(octave) && Math.abs(alteration) <= 2
  if (!isPitch || !Number.isInteger(alteration)) throw formatError('format.pitch', { measure }, `measure ${measure}`)
  return { letter: letter as Letter, alteration, octave }
}

/** A tie makes the note before it longer. */
function hold(line: Placed[], at: number | undefined, beats: number): void {
  if (at !== undefined) line[at] = { ...line[at]!, beats: line[at]!.beats + beats }
}

function readAttributes(reading: Reading, nodes: readonly Tree[]): void {
  reading.divisions = Math.max(1, number(nodes, 'divisions', reading.divisions))
  for (const clef of all(nodes, 'clef')) {
    const staff = Number(attribute(clef, 'number') ?? 1)
    if (reading.count === 0 && staff <= MAX_STAVES) reading.clefs.set(staff, text(inside(clef), 'sign') ?? '')
  }
  const key = first(nodes, 'key')
  if (!key) return
  reading.fifths = Math.max(-7, Math.min(7, Math.trunc(number(inside(key), 'fifths', 0))))
  reading.minor = text(inside(key), 'mode') === 'minor'
}

function readDirection(reading: Reading, nodes: readonly Tree[]): void {
  const sound = first(nodes, 'sound')
  const tempo = Number(sound && attribute(sound, 'tempo'))
  if (tempo > 0 && reading.bpm === null) reading.bpm = tempo
  const words = all(nodes, 'direction-type').flatMap((each) => text(inside(each), 'words') ?? [])[0]
  if (words && reading.title === '' && reading.count === 0) reading.title = words
}

function readMeasure(reading: Reading, measure: Tree): boolean {
  const number_ = attribute(measure, 'number') ?? '?'
  let ends = false
  let furthest = reading.bar
  for (const node of inside(measure)) {
    const nodes = inside(node)
    const name = nameOf(node)
    if (name === 'note') readNote(reading, nodes, number_)
    else if (name === 'backup') reading.bar -= number(nodes, 'duration', 0) / reading.divisions
    else if (name === 'forward') reading.bar += number(nodes, 'duration', 0) / reading.divisions
    else if (name === 'attributes') readAttributes(reading, nodes)
    else if (name === 'direction') readDirection(reading, nodes)
    else if (name === 'barline') ends ||= text(nodes, 'bar-style') === 'light-heavy'
    furthest = Math.max(furthest, reading.bar)
  }
  reading.bar = furthest
  return ends
}

const begin = (before: Reading | null): Reading => ({
  divisions: before?.divisions ?? 1,
  fifths: before?.fifths ?? 0,
  minor: before?.minor ?? false,
  bpm: null,
  title: '',
  begun: before?.bar ?? 0,
  bar: before?.bar ?? 0,
  at: before?.bar ?? 0,
  lines: new Map(),
  struck: new Map(),
  clefs: new Map(before?.clefs),
  count: 0,
})

function pieceOf(reading: Reading, title: string, recipe: unknown): FoundPiece {
  const staves = [...reading.lines.entries()].sort(([a], [b]) => a - b)
  const hands = { G: 'right', F: 'left' } as const
  return {
    title: reading.title || title,
    fifths: reading.fifths,
    minor: reading.minor,
    bpm: reading.bpm,
    lines: staves.map(([, notes]) => chordsOf(notes)),
    hands: staves.map(([staff]) => hands[reading.clefs.get(staff) as 'G' | 'F'] ?? null),
    recipe,
  }
}

/** Pieces of a part: each ends at a final bar line. */
function piecesOf(part: Tree, title: string, recipes: readonly unknown[]): FoundPiece[] {
  const pieces: FoundPiece[] = []
  let reading = begin(null)
  const close = (): void => {
    if (reading.lines.size > 0) pieces.push(pieceOf(reading, title, recipes[pieces.length] ?? null))
    reading = begin(reading)
  }
  for (const measure of all(inside(part), 'measure')) if (readMeasure(reading, measure)) close()
  close()
  return pieces
}

/** Recipes that the file keeps, in their order; what is no JSON is none. */
function recipesIn(root: readonly Tree[]): unknown[] {
  const fields = all(root, 'identification')
    .flatMap((each) => all(inside(each), 'miscellaneous'))
    .flatMap((each) => all(inside(each), 'miscellaneous-field'))
    .filter((field) => attribute(field, 'name')?.startsWith(RECIPE_FIELD))
  return fields.map((field) => {
    try {
      return JSON.parse(
        inside(field)
          .map((child) => String(child['#text'] ?? ''))
          .join(''),
      ) as unknown
    } catch {
      return null
    }
  })
}

/**
 * Pieces of a MusicXML document (score-partwise): notes, chords, fingerings, keys and tempo.
 * @throws DomainError `format.broken`, `format.entities`, `format.notes`, `format.pitch` naming the measure, `format.empty`
 */
export function readMusicXml(document: string): FoundPiece[] {
  if (/<!ENTITY/i.test(document)) throw formatError('format.entities', {}, 'file')
  let tree: readonly Tree[]
  try {
    tree = parser.parse(document, true) as readonly Tree[]
  } catch {
    throw formatError('format.broken', { format: 'MusicXML' }, 'file')
  }
  const score = first(tree, 'score-partwise')
  if (!score) throw formatError('format.broken', { format: 'MusicXML' }, 'file')
  const root = inside(score)
  const work = first(root, 'work')
  const title = (work && text(inside(work), 'work-title')) ?? text(root, 'movement-title') ?? ''
  const recipes = recipesIn(root)
  const parts = all(root, 'part')
  const pieces = parts.flatMap((part) => piecesOf(part, title, parts.length === 1 ? recipes : []))
  if (pieces.length === 0) throw formatError('format.empty', {}, 'file')
  return pieces
}

const [MAX_ENTRIES, MAX_UNPACKED] = [64, 10_000_000]

/**
 * The document in a packed file (.mxl): nothing larger than it may be is unpacked.
 * @throws DomainError `format.packed`, `format.size`, and as `readMusicXml`
 */
export function readMxl(bytes: Uint8Array): FoundPiece[] {
  let entries = 0
  let unpacked = 0
  let files: Record<string, Uint8Array>
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (!/\.(xml|musicxml)$/i.test(name)) return false
        unpacked += originalSize
        if (++entries > MAX_ENTRIES || unpacked > MAX_UNPACKED)
          throw formatError('format.size', { most: MAX_UNPACKED / 1_000_000 }, 'file')
        return true
      },
    })
  } catch (error) {
    if (error instanceof Error && error.name === 'DomainError') throw error
    throw formatError('format.packed', {}, 'file')
  }
  const container = files['META-INF/container.xml']
  const path = container && /full-path="([^"]+)"/.exec(strFromU8(container))?.[1]
  const own =
    Object.keys(files).find((name) => name === path) ?? Object.keys(files).find((name) => !name.startsWith('META-INF'))
  if (!own) throw formatError('format.packed', {}, 'file')
  return readMusicXml(strFromU8(files[own]!))
}
