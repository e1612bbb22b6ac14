import { type Message, named } from '../message'
import { BASES, inversionsOf, KINDS, type KindId } from '../material'
import { modulo, type Note, noteName, pitchClass } from '../pitch'
import type { EntryInput } from '../syllabus'
import { alternativesIn } from './alternatives'
import { byKey } from './byKey'
import { ANY_START, keysFrom, startsAnywhere } from './requiredParts'
import { entryFrom, isBoardChords, type ListContext, type Rest } from './requiredEntry'
import { handsBegun } from './handsBegin'
import { type Heard, hear } from './heard'
import { keysHeard } from './keysHeard'
import { kindsFrom } from './kindsHeard'
import { fromTitle, withoutArticle } from './listTitle'
import { callMessage } from './messages'
import { once } from './once'
import type { Features } from './part'
import { normalised, subjectsOf, withBrackets } from './printed'
import type { Understood } from './read'
import { readPrinted } from './readPrinted'

/** How a printed requirement was understood. */
interface RequirementLine {
  /** Entries that it comes to: more than one where keys differ in mode, or hands in what they play. */
  readonly entries: readonly Omit<EntryInput, 'id'>[]
  readonly understood: readonly Understood[]
  readonly problems: readonly Message[]
  /** Words that were not understood. */
  readonly unread: readonly string[]
  readonly complete: boolean
}

/** An arpeggio that starts on another of its notes is an inversion. */
function inversionAt(start: Note, tonics: readonly Note[], kinds: readonly KindId[]): number | null {
  const [tonic, kind] = [tonics[0], kinds[0]]
  if (tonics.length !== 1 || kinds.length !== 1 || inversionsOf(KINDS[kind!]) === 1) return null
  const above = modulo(pitchClass(start) - pitchClass(tonic!), 12)
  const found = KINDS[kind!].up.findIndex(({ semitones }) => semitones === above)
  return found < 0 ? null : found
}

/** A list that says neither major nor minor is asked, whatever shape it names. */
function majorAssumed(features: readonly Features[], { two, three }: Heard, kinds: readonly KindId[]): string[] {
  const saysMode = two || three || features.some(({ quality, form }) => quality !== undefined || form !== undefined)
  const own = kinds.some((kind) => KINDS[kind].mode === 'major' && BASES[KINDS[kind].base!].phrases === 'by-grammar')
  return !saysMode && own ? ['assumed.major'] : []
}

const NO_KEY = callMessage('asked.no-key')
const NONE_ABOVE = callMessage('asked.none-above')

/** Keys of some kinds, and the inversion or the question that their first note makes; or why there are none. */
function requiredKeys(
  heard: Heard,
  tonics: readonly Note[],
  kinds: readonly KindId[],
  { previous = null }: ListContext,
) {
  const { start, above } = heard.ask
  const anywhere = startsAnywhere(kinds)
  const all = start && anywhere ? [start, ...tonics] : tonics
  const elsewhere = start && !anywhere && tonics.some((tonic) => noteName(tonic) !== noteName(start))
  const inversion = elsewhere ? inversionAt(start, tonics, kinds) : undefined
  if (inversion === null) return { keys: null, problem: callMessage('asked.start', { note: named(noteName(start!)) }) }
  const found = keysFrom(heard, all, previous)
  if (found === null && anywhere && !above) return { keys: [...ANY_START], open: ['start'] }
  if (found === null) return { keys: null, problem: above ? NONE_ABOVE : NO_KEY }
  return { keys: found, inversion }
}

/** A board's chords, by the row that sounds them. */
const CHORD_KINDS: Readonly<Partial<Record<NonNullable<Features['quality']>, KindId>>> = {
  major: 'major-arpeggio',
  minor: 'minor-arpeggio',
  dominant: 'dominant-seventh-arpeggio',
  diminished: 'diminished-arpeggio',
}

/** Kinds that some features come to; of chords on an accordion's board one for each row that is named. */
function kindsOf(features: readonly Features[], heard: Heard): ReturnType<typeof kindsFrom> {
  if (!isBoardChords(heard)) return kindsFrom(features, heard)
  const qualities = features.flatMap(({ quality }) => quality ?? [])
  // a board has one row of sevenths
  const sevenths = features.some(({ shape }) => shape === 'seventh') && !qualities.includes('diminished')
  const own: typeof qualities = qualities.length > 0 ? qualities : ['major']
  const named: typeof qualities = sevenths && !own.includes('dominant') ? ['dominant'] : own
  return { kinds: [...new Set(named.flatMap((quality) => CHORD_KINDS[quality] ?? []))], open: [], problems: [] }
}

/** Entries of some keys that have their kinds in common: one, or one for each mode where the keys are all keys. */
function entriesFrom(line: Heard, tonics: readonly Note[], said: readonly Features[], rest: Rest) {
  const begun = handsBegun(line, tonics, said)
  if (!begun)
    return {
      entries: [],
      problems: [
        callMessage('asked.start', { note: named(noteName((line.ask.handsOn!.right ?? line.ask.handsOn!.left)!)) }),
      ],
    }
  const { heard, features } = begun
  const { kinds, open: assumed, problems } = kindsOf(features, heard)
  const open = [...new Set([...assumed, ...majorAssumed(features, heard, kinds)])]
  const required = requiredKeys(heard, tonics, kinds, rest.context)
  const wrong = [...problems, ...(required.problem ? [required.problem] : [])]
  if (required.keys === null || kinds.length === 0) return { entries: [], problems: wrong }
  const every = heard.all || heard.ask.starts || heard.ask.signed
  const modes = every ? [...new Set(kinds.map((kind) => KINDS[kind].mode))] : [undefined]
  const own = required.inversion === undefined ? heard : { ...heard, inversions: [required.inversion] }
  const each = modes.map((mode) => {
    const some = mode === undefined ? kinds : kinds.filter((kind) => KINDS[kind].mode === mode)
    return entryFrom(own, { kinds: some, open }, required.keys, {
      ...rest,
      open: [...rest.open, ...(required.open ?? [])],
    })
  })
  return {
    entries: each.map(({ entry }) => entry),
    problems: [...wrong, ...once(each.flatMap((one) => one.problems))],
  }
}

/** Chords of a board are asked on every root that the line names. */
const boardKeys = ({ named, common }: Heard): ReturnType<typeof keysHeard> => ({
  groups: [
    { tonics: named.map(({ tonic }) => tonic), features: [...common, ...named.flatMap(({ features }) => features)] },
  ],
  of: false,
  open: [],
})

type Unnamed = Omit<EntryInput, 'id'>

/** Keys in major and in minor that are asked alike are one entry: “A major and A minor” is one line. */
function together(entries: readonly Unnamed[]): Unnamed[] {
  const joined: Unnamed[] = []
  for (const entry of entries) {
    const rest = ({ kinds: _, open: __, ...other }: Unnamed) => JSON.stringify(other)
    const modes = new Set(entry.kinds.map((kind) => KINDS[kind].mode))
    const at = joined.findIndex(
      (other) => rest(other) === rest(entry) && other.kinds.every((kind) => !modes.has(KINDS[kind].mode)),
    )
    if (at < 0) joined.push(entry)
    else {
      const other = joined[at]!
      const open = [...new Set([...(other.open ?? []), ...(entry.open ?? [])])]
      joined[at] = { ...other, kinds: [...other.kinds, ...entry.kinds], ...(open.length > 0 ? { open } : {}) }
    }
  }
  return joined
}

/** Entries of one subject of a line: one way for each study that its words tell apart. */
function subjectEntries(
  items: readonly Understood[],
  line: string,
  conditions: readonly string[],
  context: ListContext,
) {
  const own = withoutArticle(items)
  const keyed = byKey([...fromTitle(context.title, own), ...own])
  const alternatives = keyed.lines.map(alternativesIn)
  const problems = [...keyed.problems, ...alternatives.flatMap((each) => each.problems)]
  const each = alternatives
    .flatMap(({ lines }) => lines)
    .flatMap((alternative) => {
      const heard = hear(alternative)
      const { groups, of, open } = isBoardChords(heard) ? boardKeys(heard) : keysHeard(heard)
      const rest = { words: line.trim(), conditions, context, of, open }
      return [
        { entries: [], problems: heard.problems },
        ...groups.map(({ tonics, features }) => entriesFrom(heard, tonics, features, rest)),
      ]
    })
  return {
    entries: together(each.flatMap(({ entries }) => entries)),
    problems: [...problems, ...each.flatMap((one) => one.problems)],
  }
}

/** No board prints a line longer than this; what is longer is not read. */
export const MAX_LETTERS = 2000

const tooLong = (line: string): RequirementLine => ({
  entries: [],
  understood: [],
  problems: [callMessage('asked.long', { count: line.length, most: MAX_LETTERS })],
  unread: [line.slice(0, 40)],
  complete: false,
})

/**
 * Reads a requirement as a board prints it: keys, kinds, hands, octaves, touch, tempo, and who chooses what. What the
 * words leave open becomes a question with the interpretation taken; words that are not understood are named, and text in
 * brackets that is none of this is kept as a condition. Nothing is dropped without a word.
 */
export function parseRequirement(line: string, context: ListContext = {}): RequirementLine {
  if (line.length > MAX_LETTERS) return tooLong(line)
  const { plain, conditions } = withBrackets(normalised(line), readPrinted)
  const understood = readPrinted(plain)
  const found = subjectsOf(understood).map(({ items }) => subjectEntries(items, line, conditions, context))
  const unread = understood.filter(({ meaning, typed }) => !meaning && typed !== ';')
  const lost = unread.map(({ typed, nearest }) => callMessage('asked.lost', { typed, nearest: nearest ?? 'none' }))
  return {
    entries: found.flatMap((each) => each.entries),
    understood,
    problems: [...lost, ...once(found.flatMap((each) => each.problems))],
    unread: unread.map(({ typed }) => typed),
    complete: lost.length === 0,
  }
}
