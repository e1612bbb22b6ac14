import { writeAbc } from './abc'
import { writeStudiesCsv } from './csv'
import { writeJson } from './json'
import { writeLilyPond } from './lilypond'
import { readMidiFile, writeMidiFile } from './midi'
import { readMusicXml, readMxl, writeMusicXml, writeMxl } from './musicxml'
import type { Bundle } from './piece'
import type { FoundPiece } from './reading'

/** How a file is written that may be written in more than one way. */
export interface WriteOptions {
  /** Rolls stroke by stroke; else as long notes. */
  readonly strokes?: boolean
}

/** One format of music: what its files are called, and which ways it goes. */
export interface Format {
  readonly id: string
  /** Extensions without the dot, the usual one first. */
  readonly extensions: readonly string[]
  readonly mediaType: string
  /** Bytes that a file may have that is read. */
  readonly most: number
  readonly write: (bundle: Bundle, options: WriteOptions) => string | Uint8Array
  /** Nothing for a format that only goes out. @throws DomainError */
  readonly read: ((bytes: Uint8Array) => FoundPiece[]) | null
}

const MAX = 10_000_000
const textOf = (bytes: Uint8Array): string => {
  const wide =
    bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : 'utf-8'
  return new TextDecoder(wide).decode(bytes)
}

/** Every format of music that comes in or goes out. */
export const FORMATS = [
  {
    id: 'musicxml',
    extensions: ['musicxml', 'xml'],
    mediaType: 'application/vnd.recordare.musicxml+xml',
    most: MAX,
    write: (bundle: Bundle) => writeMusicXml(bundle),
    read: (bytes: Uint8Array) => readMusicXml(textOf(bytes)),
  },
  {
    id: 'mxl',
    extensions: ['mxl'],
    mediaType: 'application/vnd.recordare.musicxml',
    most: MAX,
    write: (bundle: Bundle) => writeMxl(bundle),
    read: (bytes: Uint8Array) => readMxl(bytes),
  },
  {
    id: 'midi',
    extensions: ['mid', 'midi'],
    mediaType: 'audio/midi',
    most: MAX,
    write: (bundle: Bundle, { strokes = true }: WriteOptions) => writeMidiFile(bundle, { strokes }),
    read: (bytes: Uint8Array) => readMidiFile(bytes),
  },
  {
    id: 'abc',
    extensions: ['abc'],
    mediaType: 'text/vnd.abc',
    most: 0,
    write: (bundle: Bundle) => writeAbc(bundle),
    read: null,
  },
  {
    id: 'lilypond',
    extensions: ['ly'],
    mediaType: 'text/x-lilypond',
    most: 0,
    write: (bundle: Bundle) => writeLilyPond(bundle),
    read: null,
  },
  {
    id: 'json',
    extensions: ['json'],
    mediaType: 'application/json',
    most: MAX,
    write: (bundle: Bundle) => writeJson(bundle),
    // whoever reads it checks it against its schema
    read: null,
  },
  {
    id: 'csv',
    extensions: ['csv'],
    mediaType: 'text/csv; charset=utf-8',
    most: 0,
    write: (bundle: Bundle) => writeStudiesCsv(bundle),
    read: null,
  },
] as const satisfies readonly Format[]

export type FormatId = (typeof FORMATS)[number]['id']
export const FORMAT_IDS: readonly FormatId[] = FORMATS.map(({ id }) => id)
export const formatOf = (id: FormatId): Format => FORMATS.find((each) => each.id === id)!

const STARTS: readonly (readonly [FormatId, readonly number[]])[] = [
  ['midi', [0x4d, 0x54, 0x68, 0x64]],
  ['mxl', [0x50, 0x4b, 0x03, 0x04]],
]

/** The format of a file, by its first bytes and its text, whatever it is called; null where it is none of ours. */
export function formatIn(bytes: Uint8Array): FormatId | null {
  const found = STARTS.find(([, start]) => start.every((byte, at) => bytes[at] === byte))
  if (found) return found[0]
  return /<score-(partwise|timewise)|<!DOCTYPE score-/.test(textOf(bytes.slice(0, 4000))) ? 'musicxml' : null
}
