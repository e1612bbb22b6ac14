import type { Hand } from '../../study'
import { type MidiData, type MidiEvent, parseMidi } from 'midi-file'
import { chordsOf, type FoundNote, type FoundPiece, MAX_NOTES } from '../reading'
import { formatError } from '../messages'

type Placed = FoundNote & {
  readonly start: number
  readonly beats: number
  readonly line: string
  /** The name of its track. */
  readonly track: string
}

/** An event at its time, in beats. */
type Timed = readonly [at: number, event: MidiEvent]

function timed(track: readonly MidiEvent[], ticks: number): Timed[] {
  let at = 0
  return track.map((event) => [(at += event.deltaTime) / ticks, event] as const)
}

/** Notes of a track from their beginnings and ends; one that never ends is left out. */
function notesIn(events: readonly Timed[], track: number): Placed[] {
  const named = events.find(([, { type }]) => type === 'trackName')?.[1]
  const name = named && 'text' in named ? named.text : ''
  const open = new Map<string, number[]>()
  const notes: Placed[] = []
  for (const [at, event] of events) {
    if (event.type !== 'noteOn' && event.type !== 'noteOff') continue
    const key = `${event.channel} ${event.noteNumber}`
    if (event.type === 'noteOn' && event.velocity > 0) {
      open.set(key, [...(open.get(key) ?? []), at])
      continue
    }
    const start = open.get(key)?.shift()
    if (start === undefined) continue
    const line = `${track} ${event.channel}`
    notes.push({ midi: event.noteNumber, name: null, mark: null, start, beats: at - start, line, track: name })
  }
  return notes
}

/** Whose a track says that it is. */
const handNamed = (name: string): Hand | null =>
  /\b(left|l\.? ?h)\b/i.test(name) ? 'left' : /\b(right|r\.? ?h)\b/i.test(name) ? 'right' : null

const average = (notes: readonly Placed[]): number => notes.reduce((sum, { midi }) => sum + midi, 0) / notes.length

/** Notes by track and channel, the higher line first. */
function linesOf(notes: readonly Placed[]): Placed[][] {
  const lines = new Map<string, Placed[]>()
  for (const note of notes) lines.set(note.line, [...(lines.get(note.line) ?? []), note])
  return [...lines.values()].sort((a, b) => average(b) - average(a))
}

/** The last event of a sort up to a time. */
const lastAt = (events: readonly Timed[], type: string, time: number): MidiEvent | undefined =>
  events.findLast(([at, event]) => event.type === type && at <= time + 1e-6)?.[1]

const MICROSECONDS = 60_000_000

function pieceOf(events: readonly Timed[], notes: readonly Placed[], from: number, to: number): FoundPiece {
  const own = notes.filter(({ start }) => start >= from - 1e-6 && start < to - 1e-6)
  const begun = Math.min(...own.map(({ start }) => start))
  const key = lastAt(events, 'keySignature', begun)
  const tempo = lastAt(events, 'setTempo', begun)
  const marker = lastAt(events, 'marker', begun) ?? lastAt(events, 'trackName', begun)
  const lines = linesOf(own)
  const micro = tempo?.type === 'setTempo' ? tempo.microsecondsPerBeat : 0
  return {
    title: marker && 'text' in marker ? marker.text.slice(0, 200) : '',
    fifths: key?.type === 'keySignature' ? Math.max(-7, Math.min(7, key.key)) : 0,
    minor: key?.type === 'keySignature' && key.scale === 1,
    bpm: micro > 0 ? MICROSECONDS / micro : null,
    hands: lines.map(([note]) => handNamed(note!.track)),
    lines: lines.map((line) => chordsOf(line.map((note) => ({ ...note, start: note.start - begun })))),
    recipe: null,
  }
}

function parsed(bytes: Uint8Array): MidiData {
  try {
    return parseMidi(bytes)
  } catch {
    throw formatError('format.broken', { format: 'MIDI' }, 'file')
  }
}

/**
 * Pieces of a MIDI file: lines by track and channel, keys and tempo; a new piece at each marker.
 * @throws DomainError `format.broken`, `format.notes`, `format.empty`
 */
export function readMidiFile(bytes: Uint8Array): FoundPiece[] {
  const { header, tracks } = parsed(bytes)
  const { ticksPerBeat: ticks } = header
  // times in seconds tell no beats
  if (!ticks) throw formatError('format.broken', { format: 'MIDI' }, 'file')
  const all = tracks.map((track) => timed(track, ticks))
  const events = all.flat().sort(([a], [b]) => a - b)
  const notes = all.flatMap(notesIn)
  if (notes.length === 0) throw formatError('format.empty', {}, 'file')
  if (notes.length > MAX_NOTES) throw formatError('format.notes', { most: MAX_NOTES }, 'file')
  const markers = events.filter(([, { type }]) => type === 'marker').map(([at]) => at)
  const begins = markers.length > 0 ? [...new Set(markers)] : [-Infinity]
  return begins
    .map((from, at) => [at === 0 ? -Infinity : from, begins[at + 1] ?? Infinity] as const)
    .filter(([from, to]) => notes.some(({ start }) => start >= from - 1e-6 && start < to - 1e-6))
    .map(([from, to]) => pieceOf(events, notes, from, to))
}
