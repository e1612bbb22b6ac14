import { parsePlayed, type PlayedLine, type SpokenDay } from '../call'
import {
  completeRecipe,
  familyOf,
  narrowed,
  type Place,
  playerSettingsOf,
  type Recipe,
  type RecipeInput,
} from '../instrument'
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
  readonly day: SpokenDay | null
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

type Tree = Readonly<Record<string, unknown>>
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value)

/** Whether a study is otherwise than words say of it, field by field. */
const differs = (own: unknown, said: unknown): boolean =>
  isTree(said) && isTree(own)
    ? Object.keys(said).some((field) => differs(own[field], said[field]))
    : said !== undefined && JSON.stringify(own) !== JSON.stringify(said)

/** What words say of a study besides its key, its length and how fast it went: what tells it from others of its key. */
const toldOf = ({ material: _, octaves: _octaves, tempo: _tempo, hands: _hands, ...rest }: RecipeInput): Tree => rest

/** Whether what a line says rules a study out; a hand alone is played of both as well. */
function isRuledOut(own: Recipe, required: RecipeInput, hands: Hands | null): boolean {
  if (differs(own, toldOf(required))) return true
  // one touch that is named is that of both hands
  if (required.articulation !== undefined && !required.touch && own.touch) return true
  return hands !== null && own.hands !== hands && (own.hands !== 'together' || hands === 'together')
}

/** What the words would mean by themselves, played by whoever plays a study; null where that cannot be. */
function asUsual(own: Recipe, required: RecipeInput): Recipe | null {
  const player = { ...playerSettingsOf(own), hands: own.hands }
  try {
    return completeRecipe(narrowed(player, { ...required, material: own.material, hands: own.hands }))
  } catch {
    return null
  }
}

/** How far a study is from what was called: what nobody said is taken as usual. */
function distance(own: Recipe, required: RecipeInput, hands: Hands | null): number {
  const { motion, articulation, touch, octaves } = required
  const usual = asUsual(own, required)
  const { tells } = familyOf(own).route
  const apart: readonly (readonly [boolean, number])[] = [
    [hands !== null && own.hands !== hands, 4],
    [motion === undefined && own.motion === 'contrary', 2],
    [articulation === undefined && touch === undefined && (own.articulation !== 'legato' || Boolean(own.touch)), 2],
    [octaves !== undefined && own.octaves !== octaves, 1],
    [usual !== null && String(tells(own)) !== String(tells(usual)), 2],
    [usual !== null && JSON.stringify(own.pattern) !== JSON.stringify(usual.pattern), 2],
  ]
  return apart.reduce((sum, [is, far]) => sum + (is ? far : 0), 0)
}

/** Where both hands share a line, the hand that is named is the one that leads. */
const asLed = (own: Recipe, required: RecipeInput, hands: Hands | null): [RecipeInput, Hands | null] =>
  hands === null || hands === 'together' || familyOf(own).examined.saysHands
    ? [required, hands]
    : [{ lead: hands, ...required }, null]

function likeliest({ studies: named, hands, namesForm }: PlayedLine, studies: readonly Recipe[]): number[] {
  const [required] = named
  if (!required) return []
  const near = studies.flatMap((own, study) => {
    if (!fitsKind(own.material, required.material, !namesForm)) return []
    const [said, by] = asLed(own, required, hands)
    return isRuledOut(own, said, by) ? [] : [{ study, far: distance(own, said, by) }]
  })
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
    const { typed, outcome, bpm, kind, day, unread, place = null } = played
    const found = likeliest(played, studies)
    const families = found.map((study) => familyOf(studies[study]!))
    const hasPlace = families.every(({ places }) => place === null || places.includes(place))
    return {
      ...{ typed, outcome, bpm, kind, day, studies: found },
      // a place that the instrument has not, and a hand where the hands share a line, are no part of the entry
      place: hasPlace ? place : null,
      hands: families.some(({ examined }) => !examined.saysHands) ? null : played.hands,
      unread: hasPlace || place === null ? unread : [...unread, place],
    }
  })
