import { accidentalsOf, barOf, beamGroups, ledgerLines, restsAfter, type Writing, writingFor } from '#core/notation'
import { lineFor, playersIn, type RealisedStudy } from '#core/realise'
import type { Player } from '#core/instrument'
import { heldBeats, type LineNote, type Rhythm } from '#core/study'

/** Lengths in pixels; a staff space is ten of them. Half a head; a whole note's is wider. */
const [HEAD, WHOLE_HEAD] = [6, 8.5]
/** A ledger line stands out from its head; a stem on its edge. */
const [LEDGER, STEM] = [5.5, 1]
/** A head that stands beside another on its line or the next, and a whole note's. */
const [BESIDE, WHOLE_BESIDE] = [11.5, 16.5]
/** Widths of accidentals in the engraving face, with what stands between one and its head (double flats to sharps). */
const SIGN_WIDTH: Readonly<Record<number, number>> = { [-2]: 19.5, [-1]: 12, 0: 10, 1: 13, 2: 14 }
/** Accidentals of heads that are nearer than a sixth stand beside one another. */
const SIXTH = 5

/** What a step takes beside the middle of its column, and what stands before it. */
export interface Room {
  /** Ink left and right of the column's middle. */
  readonly left: number
  readonly right: number
  /** Whether a bar line stands before it, and whether a clef stands anew in some staff. */
  readonly bar: boolean
  readonly clef: boolean
  /** Rests after it. */
  readonly rests: number
}

/** A whole study as it is written, whatever its systems. */
export interface Sheet {
  /** How each step of each player is written. */
  readonly writing: ReadonlyMap<Player, readonly Writing[]>
  /** The sign before each note of a player's line. */
  readonly signs: ReadonlyMap<Player, readonly (number | null)[]>
  readonly rooms: readonly Room[]
}

/** Whether a bar line stands before a step. */
export const startsBar = (rhythm: Rhythm, step: number): boolean =>
  step > 0 && barOf(rhythm, rhythm.notes[step]!) !== barOf(rhythm, rhythm.notes[step - 1]!)

/** Notes of a player at each step. */
function chordsOf(study: RealisedStudy, player: Player): { note: LineNote; index: number }[][] {
  const chords: { note: LineNote; index: number }[][] = Array.from({ length: study.steps }, () => [])
  lineFor(study, player).notes.forEach((note, index) => chords[note.step]?.push({ note, index }))
  return chords
}

const stepsApart = (one: LineNote, other: LineNote): number =>
  Math.abs(
    one.pitch.octave * 7 +
      'CDEFGAB'.indexOf(one.pitch.letter) -
      (other.pitch.octave * 7 + 'CDEFGAB'.indexOf(other.pitch.letter)),
  )

/** What signs before the heads of one chord take: those of near heads beside one another, of far ones over one another. */
function signsTake(chord: readonly { note: LineNote; sign: number | null }[]): number {
  const signed = chord.filter(({ sign }) => sign !== null)
  let column: typeof signed = []
  let taken = 0
  for (const each of signed) {
    const near = column.some(({ note }) => stepsApart(note, each.note) < SIXTH)
    if (!near) column = []
    column.push(each)
    taken = Math.max(
      taken,
      column.reduce((sum, { sign }) => sum + SIGN_WIDTH[sign!]!, 0),
    )
  }
  return taken
}

interface Ink {
  readonly left: number
  readonly right: number
}
const NOTHING: Ink = { left: 0, right: 0 }

function inkOfChord(
  chord: readonly { note: LineNote; index: number }[],
  signs: readonly (number | null)[],
  writing: Writing,
  whole: boolean,
): Ink {
  if (chord.length === 0) return NOTHING
  const [head, beside] = whole ? [WHOLE_HEAD, WHOLE_BESIDE] : [HEAD, BESIDE]
  const second = chord.some(({ note }, at) => at > 0 && stepsApart(note, chord[at - 1]!.note) <= 1) ? beside : 0
  const ledger = chord.some(({ note }) => ledgerLines(note, writing) > 0) ? LEDGER : 0
  const take = signsTake(chord.map(({ note, index }) => ({ note, sign: signs[index] ?? null })))
  return {
    // the head beside the stem stands left of it or right, as the stem goes
    left: head + Math.max(ledger, take) + second,
    right: head + Math.max(ledger, STEM) + second,
  }
}

/** Whether what stands at a step is written as a whole note. */
const isWhole = (rhythm: Rhythm, step: number, note: LineNote | undefined): boolean =>
  rhythm.notes[step]!.written === 'whole' ||
  (note?.holds !== undefined && note.holds > 1 && heldBeats(rhythm, step, note.holds) >= 4)

const known = new WeakMap<RealisedStudy, Sheet>()

/** Clefs, signs and the room of every step, over the whole study: what a system is cut from. Worked out once for each. */
export function sheetOf(study: RealisedStudy): Sheet {
  const found = known.get(study)
  if (found) return found
  const { rhythm, steps } = study
  const groups = beamGroups(rhythm)
  const players = playersIn(study)
  const barAt = (step: number): number => barOf(rhythm, rhythm.notes[step]!)
  const chords = new Map(players.map((player) => [player, chordsOf(study, player)]))
  const signs = new Map(
    players.map((player) => [player, accidentalsOf(lineFor(study, player).notes, study.keySignature.fifths, barAt)]),
  )
  const writing = new Map(
    players.map((player) => {
      const notes = groups.map((group) => group.flatMap((step) => chords.get(player)![step]!.map(({ note }) => note)))
      const byGroup = writingFor(notes, player === 'left' ? 'bass' : 'treble', study.recipe.clefs)
      return [player, groups.flatMap((group, at) => group.map(() => byGroup[at]!))]
    }),
  )
  const rooms = Array.from({ length: steps }, (_, step): Room => {
    const inks = players.map((player) =>
      inkOfChord(
        chords.get(player)![step]!,
        signs.get(player)!,
        writing.get(player)![step]!,
        isWhole(rhythm, step, chords.get(player)![step]![0]?.note),
      ),
    )
    const changes = (player: Player): boolean =>
      step > 0 && writing.get(player)![step]!.clef !== writing.get(player)![step - 1]!.clef
    return {
      left: Math.max(HEAD, ...inks.map(({ left }) => left)),
      right: Math.max(HEAD, ...inks.map(({ right }) => right)),
      bar: startsBar(rhythm, step),
      clef: players.some(changes),
      rests: restsAfter(rhythm, step).length,
    }
  })
  const sheet = { writing, signs, rooms }
  known.set(study, sheet)
  return sheet
}
