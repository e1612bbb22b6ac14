import { type MidiEvent, writeMidi } from 'midi-file'
import type { Hand } from '../../study'
import { familyOf } from '../../instrument'
import { type PlayedNote, playedNotes } from '../../playback'
import type { RealisedStudy } from '../../realise'
import { type Bundle, isMinor, type Piece } from '../piece'

/** Ticks of a quarter. */
export const TICKS = 480
const LOUDEST = 127
const MICROSECONDS = 60_000_000
const HANDS: readonly Hand[] = ['right', 'left']

export interface MidiOptions {
  /** Rolls stroke by stroke, as they sound; else each as one long note. */
  readonly strokes: boolean
}

/** Something at a tick of the file; what ends goes before what begins there. */
interface Timed {
  readonly at: number
  readonly order: number
  readonly event: MidiEvent
}

const meta = (at: number, event: object): Timed => ({
  at,
  order: 1,
  event: { deltaTime: 0, meta: true, ...event } as MidiEvent,
})

/** A track whose events lie so many ticks after one another. */
function trackOf(name: string, events: readonly Timed[]): MidiEvent[] {
  const sorted = events.toSorted((a, b) => a.at - b.at || a.order - b.order)
  let before = 0
  const placed = sorted.map(({ at, event }) => {
    const deltaTime = at - before
    before = at
    return { ...event, deltaTime }
  })
  return [
    { deltaTime: 0, meta: true, type: 'trackName', text: name },
    ...placed,
    { deltaTime: 0, meta: true, type: 'endOfTrack' },
  ]
}

const ticks = (beats: number): number => Math.round(beats * TICKS)

/** Beats up to the bar line on which a study ends. */
function lengthOf({ rhythm }: RealisedStudy): number {
  const ends = [...rhythm.notes, ...rhythm.rests].map(({ start, beats }) => start + beats)
  return Math.ceil(Math.max(...ends) / rhythm.beatsPerBar - 1e-6) * rhythm.beatsPerBar
}

/** Key, time and tempo of a study, and its title where it begins. */
function headOf({ title, study }: Piece, at: number): Timed[] {
  const { keySignature, rhythm, recipe } = study
  // the format has no more than seven signs
  const key = Math.abs(keySignature.fifths) > 7 ? 0 : keySignature.fifths
  return [
    meta(at, { type: 'marker', text: ascii(title) }),
    meta(at, { type: 'setTempo', microsecondsPerBeat: Math.round(MICROSECONDS / recipe.tempo.bpm) }),
    meta(at, { type: 'timeSignature', numerator: rhythm.beatsPerBar, denominator: 4, metronome: 24, thirtyseconds: 8 }),
    meta(at, { type: 'keySignature', key, scale: isMinor(study) ? 1 : 0 }),
  ]
}

/** Texts of the format are bytes: signs of pitch in letters. */
const ascii = (text: string): string =>
  text
    .replaceAll('♯', '#')
    .replaceAll('♭', 'b')
    .replace(/[^\x20-\x7e]/g, '?')

/** The sound that a hand’s channel has from a piece on. */
const soundOf = (programNumber: number, at: number, channel: number): Timed => ({
  at,
  order: 1,
  event: { deltaTime: 0, type: 'programChange', channel, programNumber },
})

function noteEvents({ midi, start, beats, strength }: PlayedNote, from: number, channel: number): Timed[] {
  const [on, off] = [from + ticks(start), from + Math.max(ticks(start) + 1, ticks(start + beats))]
  const velocity = Math.max(1, Math.round(strength * LOUDEST))
  return [
    { at: on, order: 2, event: { deltaTime: 0, type: 'noteOn', channel, noteNumber: midi, velocity } },
    { at: off, order: 0, event: { deltaTime: 0, type: 'noteOff', channel, noteNumber: midi, velocity: 0 } },
  ]
}

/** What a hand sounds twice at once, as chords that share a note do, goes into the file once. */
const eachOnce = (notes: readonly PlayedNote[]): PlayedNote[] => [
  ...new Map(notes.map((note) => [`${note.hand} ${note.start} ${note.midi}`, note])).values(),
]

/** A study, or a set one after another, as a MIDI file of type 1: a track of times and keys, a track for each hand. */
export function writeMidiFile(bundle: Bundle, { strokes }: MidiOptions = { strokes: true }): Uint8Array {
  const head: Timed[] = []
  const hands = new Map<Hand, Timed[]>(HANDS.map((hand) => [hand, []]))
  let from = 0
  for (const piece of bundle.pieces) {
    head.push(...headOf(piece, from))
    const sound = familyOf(piece.study.recipe).programOf(piece.study.recipe)
    HANDS.forEach((hand, channel) => hands.get(hand)!.push(soundOf(sound, from, channel)))
    for (const note of eachOnce(playedNotes(piece.study, { dips: false, strokes })))
      hands.get(note.hand)!.push(...noteEvents(note, from, HANDS.indexOf(note.hand)))
    from += ticks(lengthOf(piece.study) + piece.study.rhythm.beatsPerBar)
  }
  const used = HANDS.filter((hand) => hands.get(hand)!.some(({ event }) => event.type === 'noteOn'))
  const tracks = [trackOf(ascii(bundle.title), head), ...used.map((hand) => trackOf(hand, hands.get(hand)!))]
  const header = { format: 1 as const, numTracks: tracks.length, ticksPerBeat: TICKS }
  return Uint8Array.from(writeMidi({ header, tracks }))
}
