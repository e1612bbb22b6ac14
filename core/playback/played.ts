import type { RealisedStudy } from '../realise'
import { type Hand, heldBeats, type Recipe } from '../study'

/** A note as it is heard. Times are in beats (quarters) from the first note. */
export interface PlayedNote {
  readonly hand: Hand
  /** Its place in the hand's line, and its step. */
  readonly index: number
  readonly step: number
  readonly midi: number
  readonly start: number
  readonly beats: number
  /** From 0 to 1. */
  readonly strength: number
}

const STRAIGHT = 50
const STRENGTH = { plain: 0.62, beat: 0.7, accent: 0.95 } as const
const STACCATO = 0.5
/** A legato note reaches the next one and lets go; the rest is the instrument's release. */
const LEGATO = 1

type PerBeat = Recipe['tempo']['notesPerBeat']

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
export const perBeatAt = ({ recipe, sections = [] }: RealisedStudy, step: number): PerBeat =>
  sections.findLast(({ from }) => from <= step)?.notesPerBeat ?? recipe.tempo.notesPerBeat

/**
 * All notes of a study as they are heard: swung, accented, detached where the touch asks for it. Sorted by time, the
 * right hand first. Nothing slows down at the end.
 */
export function playedNotes(study: RealisedStudy): PlayedNote[] {
  const { rhythm, recipe } = study
  const accents = new Set(rhythm.accents)
  const { swing } = recipe.rhythm
  const notes = (['right', 'left'] as const).flatMap((hand) =>
    (study.hands[hand]?.notes ?? []).map(({ midi, step, holds }, index): PlayedNote => {
      const value = rhythm.notes[step]!
      const perBeat = perBeatAt(study, step)
      const start = swung(value.start, perBeat, swing)
      const written = holds === undefined ? value.beats : heldBeats(rhythm, step, holds)
      const end = holds === undefined ? swung(value.start + value.beats, perBeat, swing) : value.start + written
      const length = (end - start) * (recipe.articulation === 'staccato' ? STACCATO : LEGATO)
      const onBeat = Math.abs(value.start - Math.round(value.start)) < 1e-6
      const strength = accents.has(step) ? STRENGTH.accent : onBeat ? STRENGTH.beat : STRENGTH.plain
      return { hand, index, step, midi, start, beats: length, strength }
    }),
  )
  return notes.sort((a, b) => a.start - b.start)
}
