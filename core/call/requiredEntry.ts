import { echoOf } from './echo'
import { callMessage } from './messages'
import type { Message } from '../message'
import { inversionsOf, KINDS, type KindId } from '../material'
import { families, familyForList, familyOf, instrumentOf } from '../instrument'
import { noteName } from '../pitch'
import { SWING_RANGE } from '../study'
import { trebleOf } from '../surface'
import { ENTRY_DEFAULTS, type Entry, type EntryInput } from '../syllabus'
import { formFrom, handsFrom, motionFrom, seventhFrom, spelled, tempoFrom, touchFrom } from './requiredParts'
import type { Heard } from './heard'
import { fieldsOf } from './printed'

/** What is known of a list beside the line. */
export interface ListContext {
  /** Id of the entry above, for “the above keys”. */
  readonly previous?: string | null
  /** The group's title: hands, octaves, form and kind that the line leaves unsaid. */
  readonly title?: string
  /** What the list is for, as lists name it; where that is not known, words of every instrument are taken. */
  readonly instrument?: string
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
  'clefs',
  'startOctave',
  'instrument',
  'bookends.before',
  'pattern.accompaniment',
  'rhythm.ladder',
] as const

/** What is not said by silence. */
const without = (fields: Partial<Entry>): Partial<EntryInput> =>
  Object.fromEntries(
    Object.entries(fields).filter(
      ([field, own]) => JSON.stringify(own) !== JSON.stringify(ENTRY_DEFAULTS[field as keyof typeof ENTRY_DEFAULTS]),
    ),
  )

/** What an entry is given besides what was heard of it. */
export interface Rest {
  readonly words: string
  readonly conditions: readonly string[]
  readonly context: ListContext
  /** Whether a seventh is of the key, as the words have it. */
  readonly of: boolean
  readonly open: readonly string[]
}

/** What it says of an accordion: bass, bellows, keyboard, registers. */
function accordionFrom({ accordion: { left, bellows, treble, registers } = {} }: Heard['change']): Partial<Entry> {
  const fields: { readonly [field in keyof Entry]?: Entry[field] | undefined } = {
    bass: left?.part && left.part !== 'none' ? left.part : undefined,
    bellows: bellows?.turn && bellows.turn !== 'free' ? bellows.turn : undefined,
    bellowsBeats: bellows?.beats,
    treble: treble && (trebleOf(treble).plays as Entry['treble']),
    registers,
    board: left?.board,
  }
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as Partial<Entry>
}

/** What it says of sticks beyond lead, rolls and how many there are: a rudiment, strict alternation, a figure, an instrument. */
function sticksFrom({ rudiment, school, mallets, instrument }: Heard['change']): Entry['sticks'] | undefined {
  const bars = instrument && familyOf({ instrument }).examined.lists.includes(MALLET_LIST)
  const sticks = {
    ...(rudiment && rudiment !== 'none' ? { rudiment } : {}),
    ...(school === 'strict' ? { alternating: true as const } : {}),
    ...(mallets?.figure ? { figure: mallets.figure } : {}),
    ...(bars ? { make: instrumentOf({ instrument }).make } : {}),
  }
  return Object.keys(sticks).length > 0 ? sticks : undefined
}
const MALLET_LIST = 'mallets'

/** Buttons that sound a chord are named on their root, and have no octaves. */
export const isBoardChords = ({ change }: Heard): boolean => change.accordion?.left?.part === 'chords'

const positionsOf = (kinds: readonly KindId[]): number[] =>
  Array.from({ length: Math.min(...kinds.map((kind) => inversionsOf(KINDS[kind]))) }, (_, inversion) => inversion)

/** What it says of the line beyond figure and walk. */
function lineFrom(pattern: Heard['change']['pattern']): Entry['line'] | undefined {
  const { motif, sequence, journey, link } = pattern ?? {}
  const line = {
    ...(motif ? { motif, ...(sequence ? { sequence } : {}) } : {}),
    ...(journey && journey !== 'one-key' ? { journey, ...(link ? { link } : {}) } : {}),
  }
  return Object.keys(line).length > 0 ? line : undefined
}

/** What an entry says of the playing itself. */
function playingFrom({ change, ask, leads, inversions, positions }: Heard, kinds: readonly KindId[]): Partial<Entry> {
  const { figure, walk } = change.pattern ?? {}
  const given: { readonly [field in keyof Entry]?: Entry[field] | undefined } = {
    inversions: positions ? positionsOf(kinds) : inversions.length > 0 ? [...new Set(inversions)] : undefined,
    course: change.course,
    figure,
    walk,
    line: lineFrom(change.pattern),
    resolution: ask.resolution ?? (change.bookends?.after as Entry['resolution'] | undefined),
    lead: ask.lead ?? (new Set(leads).size > 1 ? 'both' : leads[0]),
    rolled: change.roll?.manner === undefined ? undefined : change.roll.manner !== 'none',
    mallets: change.mallets?.count,
    sticks: sticksFrom(change),
    top: ask.top ?? change.tops,
    ...accordionFrom(change),
    memory: ask.memory,
    except: ask.except?.map(noteName),
  }
  return Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined))
}

/** How many keys the candidate takes. */
const pickFrom = ({ ask, choosers }: Heard): Entry['pick'] => ask.pick ?? (choosers.keys === 'candidate' ? 1 : 'all')

const startsOpen = ({ ask, choosers }: Heard): string[] =>
  ask.starts && !ask.every && !choosers.keys && !ask.pick ? ['starts'] : []

/** Keys between which “or” stands without a word of who chooses; or a choice among keys that “and” joins. */
function whichKeys({ or, choosers, ask }: Heard): string[] {
  if (ask.pick || ask.starts) return []
  return or.has('keys') !== (choosers.keys !== undefined) ? ['which-keys'] : []
}

/** Hands and octaves that nothing says: the interpretation taken is asked about. */
/** Whether lists for the instrument say which hands play. */
const saysHands = ({ instrument }: ListContext): boolean =>
  instrument === undefined || familyForList(instrument).examined.saysHands

function unsaid(heard: Heard, kinds: readonly KindId[], context: ListContext): string[] {
  const { hands, ask, change } = heard
  const shared =
    kinds.every((kind) => KINDS[kind].texture === 'tetrachords') ||
    // one hand moves neither with another nor against it
    change.motion !== undefined ||
    change.interval !== undefined ||
    Boolean(change.touch)
  const counted = kinds.some((kind) => ['run', 'chain'].includes(KINDS[kind].texture))
  return [
    ...(saysHands(context) && !shared && hands.length === 0 && ask.hands === undefined && change.mallets === undefined
      ? ['hands']
      : []),
    ...(counted && change.octaves === undefined && !isBoardChords(heard) ? ['octaves'] : []),
  ]
}

/** What was heard of some keys and kinds, as an entry with its open questions. */
export function entryFrom(
  heard: Heard,
  kinds: { readonly kinds: KindId[]; readonly open: readonly string[] },
  keys: EntryInput['keys'],
  rest: Rest,
) {
  const hands = handsFrom(heard)
  const tempo = tempoFrom(heard)
  const required = [
    kinds,
    formFrom(heard, kinds.kinds, keys),
    hands,
    touchFrom(heard),
    motionFrom(heard, hands.hands, kinds.kinds),
    isBoardChords(heard)
      ? { seventh: 'on' as const, open: [] }
      : rest.of
        ? { seventh: 'of' as const, open: [] }
        : seventhFrom(heard, kinds.kinds),
    { open: [...startsOpen(heard), ...whichKeys(heard)] },
    { open: [...rest.open, ...heard.questions, ...unsaid(heard, kinds.kinds, rest.context)] },
    { open: tempo.open },
  ]
  const { kinds: _, ...fields } = Object.assign({}, ...required) as Partial<Entry>
  const { change } = heard
  const conditions = [...rest.conditions, ...heard.conditions, ...rhythmFrom(change)]
  const open = [...new Set(required.flatMap((each) => each.open))]
  const entry: Omit<EntryInput, 'id'> = {
    words: rest.words,
    keys: spelled(keys, kinds.kinds[0]!, heard),
    kinds: kinds.kinds,
    octaves: change.octaves ?? 1,
    tempo: tempo.tempo,
    ...without({ ...fields, ...playingFrom(heard, kinds.kinds), pick: pickFrom(heard), conditions, open }),
  }
  return {
    entry,
    problems: [
      ...tempo.problems,
      ...problemsOf(change),
      ...touchedTwice(heard),
      ...askedElsewhere(heard, entry, rest.context),
    ],
  }
}

/** A touch for both hands beside one for each: which of them is meant is not taken from their order. */
function touchedTwice({ touches: [both], change: { touch } }: Heard): Message[] {
  if (!both || !touch) return []
  const [before, after] = [{ articulation: both }, { touch }].map((change) => echoOf({ is: 'change', change }))
  return [callMessage('asked.twice', { before: before!, after: after! })]
}

/** Rhythms are shown, not graded. */
function rhythmFrom({ rhythm }: Heard['change']): string[] {
  const { lengths, swing, accents } = rhythm ?? {}
  return [
    ...(lengths && lengths !== 'even' ? [lengths.replace('-', ' ')] : []),
    ...(swing && swing > SWING_RANGE.least ? ['swung'] : []),
    ...(accents ? [`accents every ${accents}`] : []),
  ]
}

/** What is asked of sticks or of a board, in a list for an instrument that has none. */
function askedElsewhere(heard: Heard, entry: Partial<EntryInput>, { instrument }: ListContext): Message[] {
  if (instrument === undefined) return onlyThere(heard)
  const own = familyForList(instrument).examined.asked
  const given = (field: string): unknown => entry[field as keyof EntryInput] ?? undefined
  const ofOne = families().flatMap(({ examined }) => examined.asked)
  const strange = ofOne.find((field) => !own.includes(field) && given(field) !== undefined)
  return strange ? [callMessage('asked.not-asked', { field: strange })] : []
}
/** Words that mean something only where the instrument is known: a hand that begins leads two sticks, and no two hands. */
const onlyThere = ({ ask, change }: Heard): Message[] => [
  ...(ask.lead === 'right' || ask.lead === 'left' ? [callMessage('asked.not-asked', { field: 'lead' })] : []),
  ...(change.accordion?.left?.part === 'chords' ? [callMessage('asked.not-asked', { field: 'bass' })] : []),
]

/** Fields of a study that no list asks for; a school only where it is more than strict alternation. */
function problemsOf(change: Heard['change']): Message[] {
  const changed = fieldsOf({ is: 'change', change }).filter(
    ([, value]) => !['none', 'one-key', 'straight'].includes(value as string),
  )
  const isRead = (field: string): boolean =>
    // words of an accordion name it, and a list is for its own instrument anyway
    (field === 'instrument' && (change.accordion !== undefined || sticksFrom(change)?.make !== undefined)) ||
    (field === 'school' && change.school === 'strict')
  return NOT_ASKED.filter(
    (field) => changed.some(([path]) => path === field || path.startsWith(`${field}.`)) && !isRead(field),
  ).map((field) => callMessage('asked.not-asked', { field }))
}
