import { parsePlayed, type PlayedLine } from '../call'
import type { Place, Recipe, RecipeInput } from '../instrument'
import { KINDS } from '../material'
import { parseNote, pitchClass } from '../pitch'
import { type Hands, isFree } from '../study'
import type { Occasion } from './entry'
import type { Outcome } from './memory'

/** What a piece of the line says of one study. Tempo in beats a minute. */
export interface SpokenEntry {
  readonly typed: string
  readonly outcome: Outcome | null
  readonly bpm: number | null
  readonly hands: Hands | null
  readonly place: Place | null
  readonly kind: Occasion | null
  /** Studies that it may be about, the likeliest first; more than one: it does not say which. */
  readonly studies: readonly number[]
  /** Words that were not understood. */
  readonly unread: readonly string[]
}

function fitsKind(own: Recipe['material'], required: RecipeInput['material'], anyMinor: boolean): boolean {
  if (isFree(own) || isFree(required)) return false
  if (pitchClass(parseNote(own.tonic)) !== pitchClass(parseNote(required.tonic))) return false
  const [a, b] = [KINDS[own.kind], KINDS[required.kind as keyof typeof KINDS]]
  return own.kind === required.kind || (anyMinor && a.family === b.family && a.mode === b.mode && b.mode === 'minor')
}

/** Whether what a line says of hands, motion or touch rules a study out; a hand alone is played of both as well. */
function isRuledOut(own: Recipe, { motion, articulation }: RecipeInput, hands: Hands | null): boolean {
  if (motion !== undefined && own.motion !== motion) return true
  if (articulation !== undefined && own.articulation !== articulation) return true
  return hands !== null && own.hands !== hands && (own.hands !== 'together' || hands === 'together')
}

/** How far a study is from what was called: what nobody said is taken as usual. */
function distance(own: Recipe, { motion, articulation, octaves }: RecipeInput, hands: Hands | null): number {
  const apart: readonly (readonly [boolean, number])[] = [
    [hands !== null && own.hands !== hands, 4],
    [motion === undefined && own.motion === 'contrary', 2],
    [articulation === undefined && own.articulation !== 'legato', 2],
    [octaves !== undefined && own.octaves !== octaves, 1],
  ]
  return apart.reduce((sum, [is, far]) => sum + (is ? far : 0), 0)
}

function likeliest({ studies: named, hands, namesForm }: PlayedLine, studies: readonly Recipe[]): number[] {
  const [required] = named
  if (!required) return []
  const near = studies.flatMap((own, study) =>
    !fitsKind(own.material, required.material, !namesForm) || isRuledOut(own, required, hands)
      ? []
      : [{ study, far: distance(own, required, hands) }],
  )
  const least = Math.min(...near.map(({ far }) => far))
  return near.filter(({ far }) => far === least).map(({ study }) => study)
}

/**
 * Reads a line about what was played, as a teacher would say it: “G minor together 96 clean, D minor LH wrong at the
 * turn”. A new key or another hand begins a new piece; keys and hands are read as in the call line.
 * @param studies those that it can be about
 */
export const readSpokenLine = (line: string, studies: readonly Recipe[]): SpokenEntry[] =>
  parsePlayed(line).map((played) => {
    const { typed, outcome, bpm, hands, place, kind, unread } = played
    return { typed, outcome, bpm, hands, place: place ?? null, kind, studies: likeliest(played, studies), unread }
  })
