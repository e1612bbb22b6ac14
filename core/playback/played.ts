import { familyOf, type HeardNote, type Player, type WrittenNote } from '../instrument'
import { inkOf, lineFor, playersIn, type RealisedStudy } from '../realise'
import { heldBeats, type Tempo, touchOf } from '../study'
import { ringing, swelling } from './shaped'

/** A note as it is heard. */
export type PlayedNote = HeardNote

const STRAIGHT = 50
const STRENGTH = { plain: 0.62, beat: 0.7, accent: 0.95 } as const
const STACCATO = 0.5
/** A legato note reaches the next one and lets go; the rest is the instrument's release. */
const LEGATO = 1

type PerBeat = Tempo['notesPerBeat']

/** Beats that two notes share. */
const pairOf = (perBeat: PerBeat): number => 2 / perBeat

/**
 * When something written at a beat sounds under swing.
 * @param percent the first note's share of a pair's time, 50 to 75
 */
export function swung(beat: number, perBeat: PerBeat, percent: number): number {
  if (percent === STRAIGHT || perBeat === 3 || perBeat === 6) return beat
  const pair = pairOf(perBeat)
  const share = percent / 100
  const into = beat / pair - Math.floor(beat / pair + 1e-9)
  const early = into < 0.5
  const moved = early ? into * 2 * share : share + (into - 0.5) * 2 * (1 - share)
  return beat + (moved - into) * pair
}

/** The other way round: where something that sounds at a beat is written. */
export function unswung(beat: number, perBeat: PerBeat, percent: number): number {
  if (percent === STRAIGHT || perBeat === 3 || perBeat === 6) return beat
  const pair = pairOf(perBeat)
  const share = percent / 100
  const into = beat / pair - Math.floor(beat / pair + 1e-9)
  const written = into < share ? into / (2 * share) : 0.5 + (into - share) / (2 * (1 - share))
  return beat + (written - into) * pair
}

/** Notes to the beat at a step. */
const perBeatAt = ({ recipe, sections = [] }: RealisedStudy, step: number): PerBeat =>
  sections.findLast(({ from }) => from <= step)?.notesPerBeat ?? recipe.tempo.notesPerBeat

/** Notes of one line in time: swung, accented, detached where the touch asks for it. */
function writtenNotes(study: RealisedStudy, player: Player): WrittenNote[] {
  const { rhythm, recipe } = study
  const accents = new Set(rhythm.accents)
  const { swing } = recipe.rhythm
  const { notes, midi } = lineFor(study, player)
  return notes.map(({ step, holds: own, rings = 0 }, index) => {
    // what rings on sounds under the notes that follow, as far as the study goes
    const through = Math.min((own ?? 1) + rings, rhythm.notes.length - step)
    const holds = own === undefined && rings === 0 ? undefined : through
    const value = rhythm.notes[step]!
    const perBeat = perBeatAt(study, step)
    const start = swung(value.start, perBeat, swing)
    const written = holds === undefined ? value.beats : heldBeats(rhythm, step, holds)
    const end = holds === undefined ? swung(value.start + value.beats, perBeat, swing) : value.start + written
    const beats = (end - start) * (touchOf(recipe, player) === 'staccato' ? STACCATO : LEGATO)
    const onBeat = Math.abs(value.start - Math.round(value.start)) < 1e-6
    const strength = accents.has(step) ? STRENGTH.accent : onBeat ? STRENGTH.beat : STRENGTH.plain
    return { index, step, midi: midi[index]!, start, beats, strength }
  })
}

/** What is heard of a note, by the hand that strikes it; a roll as one long note where its strokes are not wanted. */
function heardOf(study: RealisedStudy, player: Player, note: WrittenNote, strokes: boolean): readonly HeardNote[] {
  const family = familyOf(study.recipe)
  if (strokes || family.rollOf(study) === null) return family.heard(study, player, note)
  return [{ ...note, hand: inkOf(study, player, note.index) }]
}

/** How a study is listened to; all of it as it is usually heard where nothing is said. */
export interface Listening {
  /** Whether the sound dips and swells as the instrument lets it, as bellows do that turn. */
  readonly dips?: boolean
  /** Whether rolls are heard stroke by stroke, or as long notes. */
  readonly strokes?: boolean
}

/**
 * All notes of a study as they are heard; rolls stroke by stroke, each in the hand that strikes it. Sorted by time, the
 * right hand first. Nothing slows down at the end.
 */
export function playedNotes(study: RealisedStudy, listening: Listening = {}): PlayedNote[] {
  const { dips = true, strokes = true } = listening
  const family = familyOf(study.recipe)
  const notes = playersIn(study)
    .flatMap((player) => writtenNotes(study, player).flatMap((note) => heardOf(study, player, note, strokes)))
    .sort((a, b) => a.start - b.start)
  const pedal = family.pedalOf(study.recipe)
  if (pedal !== null && pedal !== 'note') {
    const end = Math.max(...notes.map(({ start, beats }) => start + beats))
    return ringing(notes, { beat: 1, bar: study.rhythm.beatsPerBar, down: end }[pedal])
  }
  const turns = dips ? family.dipsOf(study).map((step) => swungStart(study, step)) : []
  return turns.length > 0 ? swelling(notes, turns) : notes
}

const swungStart = (study: RealisedStudy, step: number): number =>
  swung(study.rhythm.notes[step]!.start, perBeatAt(study, step), study.recipe.rhythm.swing)
