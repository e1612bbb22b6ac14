import { type Called, parseCall } from '../call'
import type { Place, Recipe, RecipeInput } from '../instrument'
import { KINDS } from '../material'
import { parseNote, pitchClass } from '../pitch'
import { type Hands, isFree } from '../study'
import type { Occasion } from './entry'
import type { Outcome } from './memory'

/** Words of a line that say how it went, where, and on what occasion (ours; any of them serves). */
const OUTCOME_WORDS: Readonly<Record<Outcome, string>> = {
  right: 'clean|right|correct|good|fine|perfect|passed',
  hesitated: 'hesitated|hesitant|hesitating|shaky|stumbled|unsure|restarted',
  wrong: 'wrong|missed|failed|broke|lost',
}
const PLACE_WORDS: Readonly<Record<Place, string>> = {
  start: 'start|beginning',
  turn: 'turn|top|turning',
  crossing: 'crossing|thumb|cross',
  end: 'end|ending|close',
}
const OCCASION_WORDS: Readonly<Partial<Record<Occasion, string>>> = {
  'cold-test': 'cold',
  home: 'home',
}

/** What a piece of the line says of one study. Tempo in beats a minute. */
export interface Said {
  readonly typed: string
  readonly outcome: Outcome | null
  readonly bpm: number | null
  readonly hands: Hands | null
  readonly place: Place | null
  readonly kind: Occasion | null
  /** Studies that it may be about, the likeliest first; more than one: it does not say which. */
  readonly studies: readonly number[]
  /** Whether every word was understood. */
  readonly complete: boolean
}

/** Takes words out of a piece: what they say, and what is left. */
function taken<K extends string>(
  piece: string,
  words: Readonly<Partial<Record<K, string>>>,
  before = '',
): [K | null, string] {
  for (const [key, alternatives] of Object.entries(words) as [K, string][]) {
    const found = new RegExp(`(?:^|\\s)${before}(?:${alternatives})(?=\\s|$)`, 'i').exec(piece)
    if (found) return [key, piece.replace(found[0], ' ')]
  }
  return [null, piece]
}

const TEMPO = /(?:^|\s)(?:at\s+|[♩=]\s*)*(\d{2,3})(?:\s*bpm)?(?=\s|$)/i

/** A form of minor that nobody named may be any of them. */
const saysForm = ({ understood }: Called): boolean =>
  understood.some(({ said }) => said?.part.is === 'feature' && 'form' in said.part.features)

function fitsKind(own: Recipe['material'], asked: RecipeInput['material'], anyMinor: boolean): boolean {
  if (isFree(own) || isFree(asked)) return false
  if (pitchClass(parseNote(own.tonic)) !== pitchClass(parseNote(asked.tonic))) return false
  const [a, b] = [KINDS[own.kind], KINDS[asked.kind as keyof typeof KINDS]]
  return own.kind === asked.kind || (anyMinor && a.family === b.family && a.mode === b.mode && b.mode === 'minor')
}

/** Whether what a line says of hands, motion or touch rules a study out; a hand alone is played of both as well. */
function isRuledOut(own: Recipe, { hands, motion, articulation }: RecipeInput): boolean {
  if (motion !== undefined && own.motion !== motion) return true
  if (articulation !== undefined && own.articulation !== articulation) return true
  return hands !== undefined && own.hands !== hands && (own.hands !== 'together' || hands === 'together')
}

/** How far a study is from what was called: what nobody said is taken as usual. */
function distance(own: Recipe, { hands, motion, articulation, octaves }: RecipeInput): number {
  const apart: readonly (readonly [boolean, number])[] = [
    [hands !== undefined && own.hands !== hands, 4],
    [motion === undefined && own.motion === 'contrary', 2],
    [articulation === undefined && own.articulation !== 'legato', 2],
    [octaves !== undefined && own.octaves !== octaves, 1],
  ]
  return apart.reduce((sum, [is, far]) => sum + (is ? far : 0), 0)
}

function likeliest(called: Called, studies: readonly Recipe[]): number[] {
  const [asked] = called.studies
  if (!asked || called.studies.length > 1) return []
  const anyMinor = !saysForm(called)
  const near = studies.flatMap((own, study) =>
    !fitsKind(own.material, asked.material, anyMinor) || isRuledOut(own, asked)
      ? []
      : [{ study, far: distance(own, asked) }],
  )
  const least = Math.min(...near.map(({ far }) => far))
  return near.filter(({ far }) => far === least).map(({ study }) => study)
}

function pieceSaid(typed: string, studies: readonly Recipe[]): Said {
  const [place, withoutPlace] = taken(typed, PLACE_WORDS, '(?:(?:at|on|in|near)\\s+)?(?:the\\s+|a\\s+)?')
  const [kind, withoutKind] = taken(withoutPlace, OCCASION_WORDS, '(?:at\\s+)?')
  const [outcome, withoutOutcome] = taken(withoutKind, OUTCOME_WORDS)
  const tempo = TEMPO.exec(withoutOutcome)
  const rest = (tempo ? withoutOutcome.replace(tempo[0], ' ') : withoutOutcome).trim()
  const called = parseCall(rest)
  const hands = called.studies[0]?.hands ?? null
  return {
    ...{ typed: typed.trim(), outcome, place, kind, hands },
    bpm: tempo ? Number(tempo[1]) : null,
    studies: rest === '' ? [] : likeliest(called, studies),
    complete: called.complete,
  }
}

/**
 * Reads a line about what was played, as a teacher would say it: “G minor together 96 clean, D minor LH wrong at the
 * turn”. Commas and semicolons part studies; keys and hands are read as in the call line.
 * @param studies those that it can be about
 */
export const recordSaid = (line: string, studies: readonly Recipe[]): Said[] =>
  line
    .split(/[,;\n]/)
    .filter((piece) => piece.trim() !== '')
    .map((piece) => pieceSaid(` ${piece} `, studies))
