import type { Hand } from '../../study'
import { type MidiData, type MidiEvent, parseMidi } from 'midi-file'
import { chordsOf, type FoundNote, type FoundPiece, groupedBy, MAX_NOTES } from '../reading'
import { formatError } from '../messages'

type Placed = FoundNote & {
  readonly start: number
  readonly beats: number
  readonly line: string
  /** The name of its track. */
  readonly track: string
}

/** Beats within which two times are the same. */
const CLOSE = 1e-6

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
  // beginnings by channel and key, and how many of them have ended
  const open = new Map<string, { readonly starts: number[]; ended: number }>()
  const notes: Placed[] = []
  for (const [at, event] of events) {
    if (event.type !== 'noteOn' && event.type !== 'noteOff') continue
    const key = `${event.channel} ${event.noteNumber}`
    if (event.type === 'noteOn' && event.velocity > 0) {
      const begun = open.get(key)
      if (begun) begun.starts.push(at)
      else open.set(key, { starts: [at], ended: 0 })
      continue
    }
    const begun = open.get(key)
    const start = begun?.starts[begun.ended]
    if (start === undefined) continue
    begun!.ended++
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
  const lines = [...groupedBy(notes, ({ line }) => line).values()].map((line) => ({ line, height: average(line) }))
  return lines.sort((a, b) => b.height - a.height).map(({ line }) => line)
}

/** What stands at a time: the last event of each sort up to it. Asked from early to late, so that all are gone through once. */
function standing(events: readonly Timed[]) {
  const last = new Map<string, MidiEvent>()
  let next = 0
  return (time: number): ReadonlyMap<string, MidiEvent> => {
    for (; next < events.length && events[next]![0] <= time + CLOSE; next++)
      last.set(events[next]![1].type, events[next]![1])
    return last
  }
}

const MICROSECONDS = 60_000_000

/** @param own notes of the piece, in their order of time */
function pieceOf(last: ReadonlyMap<string, MidiEvent>, own: readonly Placed[]): FoundPiece {
  const begun = own[0]!.start
  const key = last.get('keySignature')
  const tempo = last.get('setTempo')
  const marker = last.get('marker') ?? last.get('trackName')
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

/** Notes from one beginning up to the next; where there are none, there is no part. */
function partedAt(notes: readonly Placed[], begins: readonly number[]): Placed[][] {
  let next = 0
  const parts = groupedBy(notes, ({ start }) => {
    while (next < begins.length && begins[next]! - CLOSE <= start) next++
    return next
  })
  return [...parts.values()]
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
  // what stands before the first marker belongs to its piece
  const begins = [...new Set(markers)].slice(1)
  const standsAt = standing(events)
  return partedAt(
    notes.toSorted((a, b) => a.start - b.start),
    begins,
  ).map((own) => pieceOf(standsAt(own[0]!.start), own))
}
