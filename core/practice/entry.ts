import { familyOf, instrumentOf, type Place, type Player, type Recipe } from '../instrument'
import { parseNote, pitchClass } from '../pitch'
import { type Hands, isFree, NO_BOOKENDS, usualLink } from '../study'
import type { Date } from './days'
import type { Outcome } from './memory'

/** On what occasion something was played. */
export const OCCASIONS = ['lesson', 'home', 'cold-test', 'mock-exam', 'take'] as const
export type Occasion = (typeof OCCASIONS)[number]

/** Where it went wrong: a note of a player's line, counted from 0, or a place by its name, and with whom where that is known. */
export type Where =
  { readonly player: Player; readonly index: number } | { readonly place: Place; readonly player?: Player }

/** One thing that happened. Entries are only added; what was wrong is put right by another that names it. */
export interface Entry {
  /** The study as it then stood. */
  readonly study: Recipe
  readonly date: Date
  readonly kind: Occasion
  readonly outcome: Outcome
  /** Reached, notes a minute. */
  readonly tempo: number
  /** What of the study was played. */
  readonly hands: Hands
  readonly octaves: number
  readonly minutes: number
  readonly where?: Where
  /** The stage of the route, where one was practised that hands and octaves do not tell. */
  readonly stage?: string
  readonly id?: string
  /** The entry that this one stands for instead; `withdrawn`: that one does not count, and nothing stands for it. */
  readonly corrects?: string
  readonly withdrawn?: boolean
}

/** Entries that count: of what was corrected the last word. In order of days, those of one day as they were added. */
export function currentEntries<E extends Entry>(entries: readonly E[]): E[] {
  const replaced = new Set(entries.flatMap(({ corrects }) => corrects ?? []))
  return entries
    .filter(({ id, withdrawn }) => !withdrawn && (id === undefined || !replaced.has(id)))
    .map((entry, at) => ({ entry, at }))
    .sort((a, b) => (a.entry.date < b.entry.date ? -1 : a.entry.date > b.entry.date ? 1 : a.at - b.at))
    .map(({ entry }) => entry)
}

const LINES = new WeakMap<Recipe, string>()
const NOTES = new WeakMap<Recipe, string>()

/** What makes a line the same whoever fingers it, at whatever tempo, by whichever hand, over so many octaves. */
export function studyKeyOf(recipe: Recipe): string {
  let line = LINES.get(recipe)
  if (line === undefined) LINES.set(recipe, (line = lineMessage(recipe)))
  return line
}

/** What makes the notes and their fingers the same, whatever the touch: who has them in one has them in the other. */
export function notesKeyOf(recipe: Recipe): string {
  let notes = NOTES.get(recipe)
  if (notes === undefined) NOTES.set(recipe, (notes = lineMessage({ ...recipe, articulation: 'legato', touch: null })))
  return notes
}

function lineMessage(recipe: Recipe): string {
  const { material, motion, interval, contraryFrom, articulation, touch, course } = recipe
  const notes = isFree(material)
    ? material.pitches
    : [pitchClass(parseNote(material.tonic)), material.kind, material.inversion ?? 0]
  const shared = motion === 'contrary' ? contraryFrom : interval
  // field by field: a database keeps them in an order of its own
  const { figure, walk, journey, accompaniment, ...line } = recipe.pattern
  const { ladder, lengths, swing, accents } = recipe.rhythm
  const { before, after, chords, voicing } = recipe.bookends
  const shape = [figure, walk, journey, accompaniment, ladder, lengths, swing, accents, before, after]
  const moved = line.motif || line.link !== usualLink(journey) ? [[line.motif, line.sequence, line.link]] : []
  const closed = chords || voicing !== NO_BOOKENDS.voicing ? [[chords, voicing]] : []
  const own = familyOf(recipe).route.tells(recipe)
  return JSON.stringify([
    instrumentOf(recipe).make,
    notes,
    motion,
    shared,
    touch ? [touch.right, touch.left] : articulation,
    course,
    ...shape,
    ...own,
    ...moved,
    ...closed,
  ])
}
