import type { Related } from '../material'
import type { Message } from '../message'
import type { Note } from '../pitch'
import type { Articulation } from '../study'
import { overWhole, type RecipeInput } from '../instrument'
import type { Chooser } from '../syllabus'
import { echoOf } from './echo'
import { callMessage } from './messages'
import type { Ask, Features, Meaning, Part, Signs } from './part'
import type { Understood } from './read'
import { relatedTonic } from './relatedTonic'

type Change = Omit<RecipeInput, 'material'>

/** A key with what is said of it: before it, or after it. */
export interface Named {
  readonly tonic: Note
  readonly features: Features[]
}

/** Everything that stands in a line, sorted. */
export interface Heard {
  readonly named: Named[]
  readonly common: Features[]
  change: Change
  ask: Ask
  touches: Articulation[]
  hands: ('right' | 'left' | 'together')[]
  leads: ('right' | 'left')[]
  signs: Signs[]
  inversions: number[]
  /** Root position and all inversions. */
  positions: boolean
  all: boolean
  three: boolean
  two: boolean
  /** What is asked beyond the study: dynamics, swing; kept and shown. */
  conditions: string[]
  /** What the words leave open by themselves. */
  questions: string[]
  /** The very interval that hands lie apart, where it is said. */
  exact: 'major' | 'minor' | null
  /** What the keys that follow are related to. */
  through: { related: Related; all: boolean; features: Features[]; reached?: boolean } | null
  /** What cannot be meant. */
  problems: Message[]
  /** Who chooses, of what. */
  choosers: Partial<Record<Alternatives, Chooser>>
  /** What “or” stood between. */
  or: Set<Alternatives>
  of: 'of' | 'on' | 'in' | null
}
type Said<Is extends Part['is']> = Extract<Part, { is: Is }>
type Alternatives = 'forms' | 'hands' | 'touch' | 'keys'

function addChange(heard: Heard, { change, exact }: Said<'change'>): Alternatives | null {
  // a touch for both does not take back one for each: both were said
  const { articulation, hands, touch, ...rest } = change
  heard.exact = exact ?? heard.exact
  if (articulation) heard.touches.push(articulation)
  if (hands) heard.hands.push(hands)
  if (rest.lead) heard.leads.push(rest.lead)
  heard.change = overWhole(heard.change, touch ? { ...rest, touch } : rest)
  // both hands together are no choice
  return articulation ? 'touch' : hands && hands !== 'together' ? 'hands' : null
}

function addFeature(heard: Heard, { features, question, of }: Said<'feature'>): Alternatives | null {
  // of a key that another is related to it says nothing more
  if (heard.through) return null
  const own = heard.named.at(-1)?.features ?? heard.common
  own.push(features)
  if (question) heard.questions.push(question)
  if (of) heard.ask = { ...heard.ask, seventh: 'of' }
  return features.form ? 'forms' : null
}

/** What is being listened to: what the last words were about, and whether “or” stood before the next. */
interface Listening {
  last: Alternatives
  or: boolean
  /** The last words about hands. */
  hands: Part | null
}

const handsIn = (part: Part): string | undefined =>
  part.is === 'change' ? part.change.hands : part.is === 'ask' ? part.ask.hands : undefined
const isOneHand = (part: Part): boolean => ['right', 'left'].includes(handsIn(part) ?? '')

/** One hand or the other is a choice; hands together or apart are two requirements, of which no list is made. */
function hearHands({ problems }: Heard, listening: Listening, part: Part): void {
  if (handsIn(part) === undefined) return
  const { hands, or } = listening
  if (or && hands && !(isOneHand(hands) && isOneHand(part))) {
    problems.push(callMessage('asked.twice', { before: echoOf(hands)!, after: echoOf(part)! }))
  }
  listening.hands = part
}

/** Words before a key's name that say whether a chord is the key's, or stands on the note. */
const BEFORE_KEY: Readonly<Record<string, 'of' | 'on' | 'in'>> = {
  ...{ of: 'of', de: 'of', del: 'of', von: 'of' },
  ...{ on: 'on', sobre: 'on', auf: 'on', uber: 'on', in: 'in', en: 'in' },
}

function addKey(heard: Heard, tonic: Note, before: string): Alternatives {
  const { through, named, problems } = heard
  const link = BEFORE_KEY[before]
  // “the seventh of E flat, on B flat” names one chord twice
  const last = named.at(-1)
  const seventh = [...heard.common, ...(last?.features ?? [])].some(({ shape }) => shape === 'seventh')
  if (heard.of === 'of' && link === 'on' && last && seventh) problems.push(twoKeys(last.tonic, tonic))
  if (through) {
    addRelatedTo(heard, tonic, [], through.related, through.features)
    heard.through = { ...through, reached: true }
  } else heard.named.push({ tonic, features: [] })
  heard.of = link ?? heard.of
  return 'keys'
}

function twoKeys(one: Note, other: Note): Message {
  const said = (note: Note): Message => echoOf({ is: 'tonic', note })!
  return callMessage('asked.twice', { before: said(one), after: said(other) })
}

/** Whether a phrase still belongs to the keys that others are related to: “the relative minors of C and G major”. */
function staysThrough({ through, problems }: Heard, part: Part): boolean {
  if (!through) return false
  if (part.is === 'filler') return true
  if (part.is === 'tonic') return through.all || !through.reached
  const { quality, form, ...rest } = part.is === 'feature' ? part.features : {}
  const mode = form ? 'minor' : quality
  if (mode === undefined || Object.keys(rest).length > 0) return false
  if (mode === through.related.mode && quality && !form) problems.push(callMessage('asked.no-key'))
  return mode !== through.related.mode
}

const featuresOf = ({ mode, form }: Related): Features => ({ quality: mode ?? 'minor', ...(form ? { form } : {}) })

/** Keys that go with the last one that was named, or with all of them; or with those that follow. */
function addRelated(heard: Heard, { related, all, of }: Said<'related-keys'>): Alternatives {
  // what is said of them after is said of all
  const features = [featuresOf(related)]
  if (of) heard.through = { related, all: all === true, features }
  else {
    const to = all ? [...heard.named] : heard.named.slice(-1)
    if (to.length === 0) heard.problems.push(callMessage('asked.no-key'))
    for (const { tonic, features: own } of to) addRelatedTo(heard, tonic, own, related, features)
  }
  return 'keys'
}

/** The key that goes with one; no minor key has a relative minor. */
function addRelatedTo(
  { named, problems }: Heard,
  tonic: Note,
  own: readonly Features[],
  related: Related,
  features: Features[],
): void {
  const isOwn = ({ quality, form }: Features): boolean => (form ? 'minor' : quality) === related.mode
  const found = own.some(isOwn) ? null : relatedTonic(tonic, related)
  if (found) named.push({ tonic: found, features })
  else problems.push(callMessage('asked.no-key'))
}

function addForms(heard: Heard, part: Said<'two-minors'> | Said<'three-minors'>): Alternatives {
  if (part.is === 'three-minors') heard.three = true
  else {
    heard.two = true
    if (part.either) heard.or.add('forms')
    else heard.choosers.forms ??= 'both'
  }
  return 'forms'
}

/** Adds what one phrase says; returns what it is about, where alternatives can follow. */
function add(heard: Heard, { part }: Meaning, { last }: Listening, before: string): Alternatives | null {
  if (!staysThrough(heard, part)) heard.through = null
  switch (part.is) {
    case 'tonic':
      return addKey(heard, part.note, before)
    case 'related-keys':
      return addRelated(heard, part)
    case 'feature':
      return addFeature(heard, part)
    case 'change':
      return addChange(heard, part)
    case 'ask':
      return addAsk(heard, part.ask, last)
    case 'signs':
      heard.signs.push(part.signs)
      return 'keys'
    case 'inversion':
      heard.inversions.push(part.inversion, ...(part.more ?? []))
      return null
    case 'three-minors':
    case 'two-minors':
      return addForms(heard, part)
    case 'all':
      heard.all = true
      return 'keys'
    default:
      return null
  }
}

function addAsk(heard: Heard, { chooser, condition, question, ...rest }: Ask, last: Alternatives): Alternatives | null {
  if (chooser) heard.choosers[last] = chooser
  if (condition) heard.conditions.push(condition)
  if (question) heard.questions.push(question)
  if (rest.positions) heard.positions = true
  heard.ask = { ...heard.ask, ...rest }
  if (rest.hands === 'either') return 'hands'
  if (rest.scope) return 'forms'
  return rest.starts || rest.pick ? 'keys' : null
}

const isFeature = (item: Understood | undefined): boolean => item?.meaning?.part.is === 'feature'
const isBetween = (item: Understood | undefined): boolean =>
  item === undefined || item.meaning === null || ['filler', 'or'].includes(item.meaning.part.is)

/**
 * Features that stand before the key that they belong to: “harmonic A minor and melodic D minor”. Those before the first
 * key belong to all.
 */
function boundTo(understood: readonly Understood[]): Set<number> {
  const bound = new Set<number>()
  const isTonic = (item: Understood): boolean => item.meaning?.part.is === 'tonic'
  const first = understood.findIndex(isTonic)
  const bind = (at: number): void => {
    for (let place = at - 1; isFeature(understood[place]) && isBetween(understood[place - 1]);) {
      bound.add(place)
      do place--
      while (place > 0 && isBetween(understood[place]))
    }
  }
  understood.forEach((item, at) => {
    if (isTonic(item) && at !== first) bind(at)
  })
  // what stands before the first key is its own where later keys have theirs
  if (bound.size > 0) bind(first)
  return bound
}

/** Sorts what a line was understood to say. */
export function hear(understood: readonly Understood[]): Heard {
  const heard: Heard = {
    ...{ named: [], common: [], change: {}, ask: {}, touches: [], hands: [], leads: [], signs: [], inversions: [] },
    ...{
      all: false,
      positions: false,
      three: false,
      two: false,
      choosers: {},
      or: new Set(),
      of: null,
      exact: null,
      through: null,
      conditions: [],
      questions: [],
      problems: [],
    },
  }
  const listening: Listening = { last: 'forms', or: false, hands: null }
  const usual: Change[] = []
  const bound = boundTo(understood)
  let ahead: Features[] = []
  understood.forEach(({ meaning }, at) => {
    if (!meaning) return
    if (meaning.part.is === 'or') {
      listening.or = true
      return
    }
    hearHands(heard, listening, meaning.part)
    if (meaning.part.is === 'change') usual.push(meaning.part.usual ?? {})
    if (bound.has(at) && meaning.part.is === 'feature') ahead.push(meaning.part.features)
    const sort = bound.has(at) ? 'forms' : add(heard, meaning, listening, understood[at - 1]?.typed.toLowerCase() ?? '')
    if (meaning.part.is === 'tonic') {
      heard.named.at(-1)!.features.push(...ahead)
      ahead = []
    }
    if (sort !== null) {
      if (listening.or && sort === listening.last) heard.or.add(sort)
      listening.last = sort
    }
    if (meaning.part.is !== 'filler') listening.or = false
  })
  if (heard.hands.length === 0 && heard.ask.hands === undefined)
    heard.hands.push(...usual.flatMap(({ hands }) => (hands ? [hands] : [])))
  return heard
}
