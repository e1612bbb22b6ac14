import { familyOf, overWhole, type Player, type RecipeInput } from '../instrument'
import { KIND_IDS, type KindId, KINDS, signatureOf, usualTonics } from '../material'
import { DomainError, type Message } from '../message'
import { modulo, type Note, noteName, pitchClass } from '../pitch'
import { crossingsOf, lineFor, marksOf, playersIn, realise, type RealisedStudy } from '../realise'

/** Kinds of which a chart says something: runs of single notes. */
export const CHARTED: readonly KindId[] = KIND_IDS.filter((id) => KINDS[id].texture === 'run' && !KINDS[id].second)

/** What one player takes over an octave, going up. */
export interface ChartLine {
  readonly player: Player
  readonly marks: readonly string[]
  /** Notes, by their place, on which something crosses, and those whose mark is underlined. */
  readonly crossings: readonly number[]
  readonly underlined: readonly number[]
  /** The note, by its place, on which the fourth finger lies; null where it lies on none, or on several. */
  readonly fourth: number | null
  /** What it is remembered by. */
  readonly landmarks: readonly Message[]
}

/** One key. */
export interface ChartRow {
  readonly tonic: Note
  /** Sharps or flats of its signature. */
  readonly fifths: number
  readonly notes: readonly Note[]
  readonly lines: readonly ChartLine[]
  /** The octave that it says this of. */
  readonly study: RealisedStudy
}

/** Each key once, under its name of fewest signs, from no signs on by fifths upward. */
function tonicsRound(kind: KindId): Note[] {
  const signs = (tonic: Note): number => signatureOf(tonic, KINDS[kind])
  const best = new Map<number, Note>()
  for (const tonic of usualTonics(KINDS[kind])) {
    const known = best.get(pitchClass(tonic))
    if (!known || Math.abs(signs(tonic)) < Math.abs(signs(known))) best.set(pitchClass(tonic), tonic)
  }
  return [...best.values()].sort((a, b) => modulo(signs(a), 12) - modulo(signs(b), 12))
}

function rowOf(tonic: Note, kind: KindId, some: Omit<RecipeInput, 'material'>): ChartRow {
  const material = { tonic: noteName(tonic), kind }
  const family = familyOf(some)
  // where it stands is the instrument's to say
  const study = realise({ ...some, material, octaves: 1, course: 'up' } as RecipeInput, {}, 0)
  const lines = playersIn(study).map((player): ChartLine => {
    return {
      ...{ player, marks: marksOf(study, player), crossings: crossingsOf(study, player) },
      underlined: family.underlinedIn(study, player),
      fourth: family.fourthOf(study, player),
      landmarks: family.landmarksOf(study, player),
    }
  })
  const [upper] = playersIn(study)
  return {
    tonic,
    fifths: study.keySignature.fifths,
    notes: lineFor(study, upper!).notes.map(({ pitch }) => pitch),
    lines,
    study,
  }
}

/** Why an instrument has no line in a key: a board of few columns, a short keyboard. */
const LACKING: readonly string[] = ['bass.lacks', 'free.lacks', 'range']

/**
 * A key as the family charts it; where the instrument has not all notes of that, as it is usually played; null where it
 * has not those either.
 */
function rowOrNone(tonic: Note, kind: KindId, some: Omit<RecipeInput, 'material'>): ChartRow | null {
  for (const asked of [overWhole(some, familyOf(some).charted), some]) {
    try {
      return rowOf(tonic, kind, asked)
    } catch (error) {
      if (!(error instanceof DomainError) || !LACKING.includes(error.code)) throw error
    }
  }
  return null
}

/** Keys of a kind that some rows leave out, since the instrument has not all of their notes. */
export const keysLeftOut = (kind: KindId, rows: readonly ChartRow[]): Note[] =>
  tonicsRound(kind).filter((tonic) => !rows.some((row) => noteName(row.tonic) === noteName(tonic)))

/**
 * A kind in all its keys that the instrument has, round the circle.
 * @param some what else the studies have: instrument, school, size of hands
 * @throws DomainError where the instrument does not take the kind
 */
export const chartOf = (kind: KindId, some: Omit<RecipeInput, 'material'> = {}): ChartRow[] =>
  tonicsRound(kind).flatMap((tonic) => rowOrNone(tonic, kind, some) ?? [])
