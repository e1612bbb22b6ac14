import { familyOf, type PlacedSign, type Player, type StrokeMark } from '../instrument'
import type { Pitch } from '../pitch'
import { lineFor, marksOf, playersIn, type RealisedStudy, underlinedIn } from '../realise'
import { heldBeats, type Leg, type LineNote, type Meter, type Value, writtenOver } from '../study'
import { accidentalsOf, printedFifths } from './accidentals'
import { barOf, beamGroups } from './beams'
import { type BeamMark, beamMarks, tupletMarks } from './marks'
import { type Writing, writingFor } from './staff'
import { slashesOf, strokesAt } from './strokes'

export type { BeamMark }

/** A note head. */
export interface ScoreNote {
  readonly pitch: Pitch
  /** Its place in its player's line. */
  readonly index: number
  /** Finger or stick; nothing where it is only held on. */
  readonly mark: string | null
  /** The sign that must stand before it. */
  readonly sign: number | null
  readonly chord: LineNote['chord']
  /** What stands beneath it, such as the name of its chord. */
  readonly label?: string
  /** It sounds on from the note before, or into the next. */
  readonly tied: { readonly from: boolean; readonly to: boolean }
  /** Its mark is underlined: it is found in another row than is usual. */
  readonly underlined?: true
  /** What its stroke does beside sounding. */
  readonly strokeMarks?: readonly StrokeMark[]
  /** Steps that it rings on under what follows. */
  readonly rings?: number
}

/** What stands at a moment of a staff: notes struck together, or a rest. Times are in beats (quarters). */
export interface ScoreEvent extends Value {
  /** Lowest first; none for a rest. */
  readonly notes: readonly ScoreNote[]
  readonly step: number | null
  readonly leg: Leg | null
  /** One mark for each level of beams, the outermost first. */
  readonly beams: readonly BeamMark[]
  /** Where a group of three or six begins and ends. */
  readonly tuplet: 'begin' | 'end' | null
  readonly accent: boolean
  /** Strokes through the stem; 0 where it is not rolled. */
  readonly slashes: number
  readonly writing: Writing
}

export interface ScoreBar {
  readonly events: readonly ScoreEvent[]
}

export interface ScoreStaff {
  readonly player: Player
  readonly bars: readonly ScoreBar[]
}

/** A study written out, bar by bar, the upper staff first. */
export interface Score {
  /** Sharps or flats at the clef. */
  readonly fifths: number
  readonly beatsPerBar: Meter
  readonly staves: readonly ScoreStaff[]
  /** Signs over or under the whole, each before its step; after the last step where it is their count. */
  readonly signs: readonly PlacedSign[]
}

type Bare = Omit<ScoreEvent, 'beams' | 'tuplet' | 'slashes' | 'accent' | 'writing'>
const NEAR = 1e-6

/** Where a note struck at a step ends: it is held for some steps, but never into what its own hand strikes next. */
function endOf({ rhythm }: RealisedStudy, chord: readonly LineNote[], step: number, next: number): number {
  const value = rhythm.notes[step]!
  const holds = Math.max(1, ...chord.map((note) => note.holds ?? 1))
  const until = holds > 1 ? value.start + heldBeats(rhythm, step, holds) : value.start + value.beats
  return Math.min(until, next)
}

const withoutLabel = ({ label: _, ...note }: ScoreNote): ScoreNote => note

/** A chord in notes that can be written: as its step says, or tied over beats and bars. */
function struck(study: RealisedStudy, chord: readonly ScoreNote[], leg: Leg, step: number, end: number): Bare[] {
  const own = study.rhythm.notes[step]!
  const asItIs = Math.abs(own.start + own.beats - end) < NEAR
  const values = asItIs ? [own] : writtenOver(own.start, end, study.rhythm.beatsPerBar, own.triplet)
  return values.map((value, at) => ({
    ...value,
    step: at === 0 ? step : null,
    leg,
    notes: chord.map((note) => ({
      ...(at === 0 ? note : withoutLabel(note)),
      mark: at === 0 ? note.mark : null,
      sign: at === 0 ? note.sign : null,
      tied: { from: at > 0, to: at < values.length - 1 },
    })),
  }))
}

const silent = (value: Value): Bare => ({ ...value, step: null, leg: null, notes: [] })

const strokeMarked = (study: RealisedStudy, index: number): Pick<ScoreNote, 'strokeMarks'> => {
  const strokeMarks = familyOf(study.recipe).strokeMarksAt(study, index)
  return strokeMarks.length > 0 ? { strokeMarks } : {}
}

/** What a player strikes at each step, with the signs it needs. */
function chordsOf(study: RealisedStudy, player: Player): (ScoreNote & LineNote)[][] {
  const { rhythm, steps } = study
  const { notes } = lineFor(study, player)
  const marks = marksOf(study, player)
  const under = new Set(underlinedIn(study, player))
  const signs = accidentalsOf(notes, study.keySignature.fifths, (step) => barOf(rhythm, rhythm.notes[step]!))
  const chords: (ScoreNote & LineNote)[][] = Array.from({ length: steps }, () => [])
  notes.forEach((note, index) =>
    chords[note.step]!.push({
      ...note,
      ...{ index, mark: marks[index] ?? null, sign: signs[index]!, chord: note.chord },
      ...(under.has(index) ? { underlined: true as const } : {}),
      ...strokeMarked(study, index),
      tied: { from: false, to: false },
    }),
  )
  return chords
}

/** Rests over a stretch of time: as the rhythm writes them, and what it leaves open in rests of our own. */
function restsOver(from: number, to: number, known: readonly Value[], meter: Meter): Value[] {
  const rests: Value[] = []
  let at = from
  const fill = (until: number): void => {
    rests.push(...writtenOver(at, until, meter, false))
    at = until
  }
  for (const rest of known) {
    const end = rest.start + rest.beats
    if (rest.start < at - NEAR || end > to + NEAR) continue
    if (rest.start - at > NEAR) fill(rest.start)
    rests.push(rest)
    at = end
  }
  if (to - at > NEAR) fill(to)
  return rests
}

/** Notes and rests of one player, without a gap from the first beat to the last bar line. */
function eventsOf(study: RealisedStudy, player: Player): Bare[] {
  const { rhythm } = study
  const chords = chordsOf(study, player)
  const events: Bare[] = []
  let at = 0
  const restTo = (time: number, own: readonly Value[] = []): void => {
    events.push(...restsOver(at, time, [...own, ...rhythm.rests], rhythm.beatsPerBar).map(silent))
    at = Math.max(at, time)
  }
  const starts = chords.flatMap((chord, step) => (chord.length > 0 ? [rhythm.notes[step]!.start] : []))
  chords.forEach((chord, step) => {
    const value = rhythm.notes[step]!
    if (chord.length === 0) return restTo(value.start + value.beats, [value])
    restTo(value.start)
    const next = starts.find((start) => start > value.start + NEAR) ?? Infinity
    const own = struck(study, chord, chord[0]!.leg, step, endOf(study, chord, step, next))
    events.push(...own)
    at = own.at(-1)!.start + own.at(-1)!.beats
  })
  restTo(Math.max(at, ...rhythm.rests.map(({ start, beats }) => start + beats)))
  restTo(Math.ceil(at / rhythm.beatsPerBar - NEAR) * rhythm.beatsPerBar)
  return events
}

/** In which clef each event stands: chosen by beams, as on the page; rests go on as before. */
function writings(study: RealisedStudy, player: Player, events: readonly Bare[]): Writing[] {
  const { notes } = lineFor(study, player)
  const groups = beamGroups(study.rhythm)
  const byGroup = writingFor(
    groups.map((group) => notes.filter(({ step }) => group.includes(step))),
    player === 'left' ? 'bass' : 'treble',
    study.recipe.clefs,
  )
  const byStep = new Map(groups.flatMap((group, at) => group.map((step) => [step, byGroup[at]!] as const)))
  let last = byGroup[0]!
  return events.map(({ step }) => (last = (step === null ? undefined : byStep.get(step)) ?? last))
}

function staffOf(study: RealisedStudy, player: Player): ScoreStaff {
  const { rhythm } = study
  const bare = eventsOf(study, player)
  const beams = beamMarks(rhythm, bare)
  const tuplets = tupletMarks(bare)
  const written = writings(study, player, bare)
  const accents = new Set(rhythm.accents)
  const events = bare.map((event, at): ScoreEvent => {
    const isStruck = event.step !== null
    return {
      ...event,
      beams: beams[at]!,
      tuplet: tuplets[at]!,
      accent: isStruck && accents.has(event.step),
      slashes: isStruck ? slashesOf(strokesAt(study, event.step), event) : 0,
      writing: written[at]!,
    }
  })
  const last = events.at(-1)!
  const count = barOf(rhythm, { start: last.start }) + 1
  const bars = Array.from({ length: count }, (_, bar) => ({
    events: events.filter((event) => barOf(rhythm, event) === bar),
  }))
  return { player, bars }
}

/** A realised study as bars of notes and rests. */
export const scoreOf = (study: RealisedStudy): Score => ({
  fifths: printedFifths(study.keySignature.fifths),
  beatsPerBar: study.rhythm.beatsPerBar,
  staves: playersIn(study).map((player) => staffOf(study, player)),
  signs: familyOf(study.recipe).signsOf(study),
})
