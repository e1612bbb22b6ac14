import { tellCall } from './messages'
import { once } from './gather'
import type { Message } from '../message'
import { KINDS, type KindId } from '../material'
import { type Note, noteName } from '../pitch'
import { trebleOf } from '../surface'
import { ENTRY_DEFAULTS, type Entry, type EntryInput } from '../syllabus'
import {
  formFrom,
  handsFrom,
  keysFrom,
  kindsFrom,
  motionFrom,
  seventhFrom,
  spelled,
  tempoFrom,
  touchFrom,
} from './askedParts'
import { type Heard, hear } from './heard'
import { ASKED_RULES } from './lexiconAsked'
import type { Features } from './part'
import { readerFor, RULES, type Understood } from './read'

const read = readerFor([...ASKED_RULES, ...RULES])

/** How a printed requirement was understood. */
interface AskedLine {
  /** Entries that it comes to: more than one where keys differ in mode. */
  readonly entries: readonly Omit<EntryInput, 'id'>[]
  readonly understood: readonly Understood[]
  readonly problems: readonly Message[]
  readonly complete: boolean
}

/** Keys with their features: those of the next key that has any, or what stands for all. */
function filled({ named, common }: Heard): { tonic: Note; features: Features[] }[] {
  let next: Features[] = []
  const result = [...named].reverse().map(({ tonic, features }) => {
    if (features.length > 0) next = features
    return { tonic, features: [...common, ...next] }
  })
  return result.reverse()
}

/** Text in brackets is a condition: it is kept and shown, and not read. */
function bracketed(line: string): { plain: string; conditions: string[] } {
  const conditions: string[] = []
  const plain = line.replace(/['’]s\b/g, 's ').replace(/\(([^()]*)\)/g, (whole, text: string) => {
    if (text.trim()) conditions.push(text.trim())
    return ' '.repeat(whole.length)
  })
  return { plain, conditions }
}

/** What of a study a list does not ask. */
const NOT_ASKED = [
  'school',
  'pins',
  'handSize',
  'firstFinger',
  'leftArpeggio',
  'chromatic',
  'repeats',
  'signature',
  'startOctave',
  'instrument',
  'rudiment',
] as const

/** What is not said by silence. */
const without = (told: Partial<Entry>): Partial<EntryInput> =>
  Object.fromEntries(
    Object.entries(told).filter(
      ([field, own]) => JSON.stringify(own) !== JSON.stringify(ENTRY_DEFAULTS[field as keyof typeof ENTRY_DEFAULTS]),
    ),
  )

interface Rest {
  readonly words: string
  readonly conditions: readonly string[]
  readonly previous: string | null
}

/** What it says of an accordion: bass, bellows, keyboard, registers. */
function accordionFrom({ accordion: { left, bellows, treble, registers } = {} }: Heard['change']): Partial<Entry> {
  const told: { readonly [field in keyof Entry]?: Entry[field] | undefined } = {
    bass: left?.part && left.part !== 'none' ? left.part : undefined,
    bellows: bellows?.turn && bellows.turn !== 'free' ? bellows.turn : undefined,
    bellowsBeats: bellows?.beats,
    treble: treble && (trebleOf(treble).plays as Entry['treble']),
    registers,
  }
  return Object.fromEntries(Object.entries(told).filter(([, value]) => value !== undefined)) as Partial<Entry>
}

/** What an entry says of the playing itself. */
function playingFrom({ change, ask, leads, inversions }: Heard): Partial<Entry> {
  const { figure, walk } = change.pattern ?? {}
  const given: { readonly [field in keyof Entry]?: Entry[field] | undefined } = {
    inversions: inversions.length > 0 ? [...new Set(inversions)] : undefined,
    course: change.course,
    figure,
    walk,
    resolution: ask.resolution ?? (change.bookends?.after as Entry['resolution'] | undefined),
    lead: ask.lead ?? (new Set(leads).size > 1 ? 'both' : leads[0]),
    rolled: change.roll?.manner === undefined ? undefined : change.roll.manner !== 'none',
    mallets: change.mallets?.count,
    top: ask.top ?? change.tops,
    ...accordionFrom(change),
    memory: ask.memory,
    except: ask.except?.map(noteName),
  }
  return Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined))
}

const NO_KEY = tellCall('asked.no-key')
const NONE_ABOVE = tellCall('asked.none-above')

/** How many keys the candidate takes. */
const pickFrom = ({ ask, choosers }: Heard): Entry['pick'] => ask.pick ?? (choosers.keys === 'candidate' ? 1 : 'all')

const startsOpen = ({ ask, choosers }: Heard): string[] => (ask.starts && !choosers.keys && !ask.pick ? ['starts'] : [])

/** Entries of some keys that have their kinds in common: one, or one for each mode where the keys are all keys. */
function entriesFrom(heard: Heard, tonics: readonly Note[], features: readonly Features[], rest: Rest) {
  const { kinds, open, problems } = kindsFrom(features, heard.three)
  const keys = keysFrom(heard, tonics, rest.previous)
  const wrong = [...problems]
  if (keys === null) wrong.push(heard.ask.above ? NONE_ABOVE : NO_KEY)
  if (keys === null || kinds.length === 0) return { entries: [], problems: wrong }
  const modes = heard.all || heard.ask.starts ? [...new Set(kinds.map((kind) => KINDS[kind].mode))] : [undefined]
  const each = modes.map((mode) => {
    const own = mode === undefined ? kinds : kinds.filter((kind) => KINDS[kind].mode === mode)
    return entryFrom(heard, { kinds: own, open }, keys, rest)
  })
  return {
    entries: each.map(({ entry }) => entry),
    problems: [...wrong, ...once(each.flatMap((one) => one.problems))],
  }
}

function entryFrom(
  heard: Heard,
  kinds: { readonly kinds: KindId[]; readonly open: readonly string[] },
  keys: EntryInput['keys'],
  rest: Rest,
) {
  const hands = handsFrom(heard)
  const tempo = tempoFrom(heard)
  const asked = [
    kinds,
    formFrom(heard, kinds.kinds, keys),
    hands,
    touchFrom(heard),
    motionFrom(heard, hands.hands),
    seventhFrom(heard, kinds.kinds),
    { open: startsOpen(heard) },
    { open: tempo.open },
  ]
  const { kinds: _, ...told } = Object.assign({}, ...asked) as Partial<Entry>
  const { ask, change } = heard
  const conditions = [...rest.conditions, ...(ask.condition ? [ask.condition] : [])]
  const open = asked.flatMap((each) => each.open)
  const entry: Omit<EntryInput, 'id'> = {
    words: rest.words,
    keys: spelled(keys, kinds.kinds[0]!, heard),
    kinds: kinds.kinds,
    octaves: change.octaves ?? 1,
    tempo: tempo.tempo,
    ...without({ ...told, ...playingFrom(heard), pick: pickFrom(heard), conditions, open }),
  }
  // words of an accordion name it; a list is for its own instrument anyway
  const strange = NOT_ASKED.filter((field) => field in change && !(field === 'instrument' && change.accordion)).map(
    (field) => tellCall('asked.not-asked', { field }),
  )
  return { entry, problems: [...tempo.problems, ...strange] }
}

/**
 * Reads a requirement as a board prints it: keys, kinds, hands, octaves, touch, tempo, and who chooses what. What the
 * words leave open becomes a question with the interpretation taken. Text in brackets is kept as a condition.
 * @param previous id of the entry above, for “the above keys”
 */
export function parseRequirement(line: string, previous: string | null = null): AskedLine {
  const { plain, conditions } = bracketed(line)
  const understood = read(plain)
  const heard = hear(understood)
  const named = filled(heard)
  const groups = new Map<string, { tonics: Note[]; features: Features[] }>()
  for (const { tonic, features } of named) {
    const key = JSON.stringify(features)
    const group = groups.get(key) ?? { tonics: [], features }
    group.tonics.push(tonic)
    groups.set(key, group)
  }
  const parts = groups.size > 0 ? [...groups.values()] : [{ tonics: [], features: heard.common }]
  const rest = { words: line.trim(), conditions, previous }
  const found = parts.map(({ tonics, features }) => entriesFrom(heard, tonics, features, rest))
  const lost = understood
    .filter(({ said, typed }) => !said && typed !== ';')
    .map(({ typed, nearest }) => tellCall('asked.lost', { typed, nearest: nearest ?? 'none' }))
  return {
    entries: found.flatMap((each) => each.entries),
    understood,
    problems: [...lost, ...once(found.flatMap((each) => each.problems))],
    complete: lost.length === 0,
  }
}
