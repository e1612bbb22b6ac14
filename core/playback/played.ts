import { lineFor, type Player, type RealisedStudy } from '../realise'
import { type Hand, heldBeats, type Recipe, type Stick } from '../study'

/** A note as it is heard. Times are in beats (quarters) from the first note. */
export interface PlayedNote {
  readonly hand: Hand
  /** Its place in its line, and its step. */
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

/** A written note as it will be heard, whoever strikes it. */
type Written = Omit<PlayedNote, 'hand'>

/** Notes of one line in time: swung, accented, detached where the touch asks for it. */
function writtenNotes(study: RealisedStudy, player: Player): Written[] {
  const { rhythm, recipe } = study
  const accents = new Set(rhythm.accents)
  const { swing } = recipe.rhythm
  const { notes, midi } = lineFor(study, player)
  return notes.map(({ step, holds }, index) => {
    const value = rhythm.notes[step]!
    const perBeat = perBeatAt(study, step)
    const start = swung(value.start, perBeat, swing)
    const written = holds === undefined ? value.beats : heldBeats(rhythm, step, holds)
    const end = holds === undefined ? swung(value.start + value.beats, perBeat, swing) : value.start + written
    const beats = (end - start) * (recipe.articulation === 'staccato' ? STACCATO : LEGATO)
    const onBeat = Math.abs(value.start - Math.round(value.start)) < 1e-6
    const strength = accents.has(step) ? STRENGTH.accent : onBeat ? STRENGTH.beat : STRENGTH.plain
    return { index, step, midi: midi[index]!, start, beats, strength }
  })
}

const handOf = (stick: Stick): Hand => (stick === 'R' ? 'right' : 'left')
/** A released roll leaves its last part silent before the next note. */
const RELEASED = 0.85
/** Strokes inside a roll are even, and softer than the one that begins it. */
const WITHIN_ROLL = 0.9

/** Single strokes, hand to hand, for as long as a note is rolled; over a double stop each stick keeps its bar. */
function rolled(
  note: Written,
  strokes: number,
  stick: Stick,
  both: boolean,
  ending: 'tied' | 'released',
): PlayedNote[] {
  const beats = note.beats * (ending === 'released' ? RELEASED : 1)
  return Array.from({ length: strokes }, (_, at) => at)
    .filter((at) => !both || (at % 2 === 0) === (stick === 'L'))
    .map((at): PlayedNote => ({
      ...note,
      hand: handOf(at % 2 === 0 || both ? stick : stick === 'R' ? 'L' : 'R'),
      start: note.start + (at * beats) / strokes,
      beats: beats / strokes,
      strength: at === 0 ? note.strength : note.strength * WITHIN_ROLL,
    }))
}

function struckNotes(study: RealisedStudy): PlayedNote[] {
  const { sticks, roll, notes } = study.sticking!
  const together = (index: number): boolean =>
    notes[index - 1]?.step === notes[index]!.step || notes[index + 1]?.step === notes[index]!.step
  return writtenNotes(study, 'sticks').flatMap((note) => {
    const stick = sticks[note.index]!
    if (!roll) return [{ ...note, hand: handOf(stick) }]
    return rolled(note, roll.perNote[note.index]!, stick, together(note.index), roll.ending)
  })
}

/**
 * All notes of a study as they are heard; rolls stroke by stroke, each in the hand that strikes it. Sorted by time, the
 * right hand first. Nothing slows down at the end.
 */
export function playedNotes(study: RealisedStudy): PlayedNote[] {
  const hands = (['right', 'left'] as const).filter((hand) => study.hands[hand])
  const notes = study.sticking
    ? struckNotes(study)
    : hands.flatMap((hand) => writtenNotes(study, hand).map((note): PlayedNote => ({ ...note, hand })))
  return notes.sort((a, b) => a.start - b.start)
}
