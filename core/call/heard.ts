import type { Note } from '../pitch'
import type { Articulation } from '../study'
import { overWhole, type RecipeInput } from '../instrument'
import type { Chooser } from '../syllabus'
import type { Ask, Features, Said, Signs } from './part'
import type { Understood } from './read'

type Change = Omit<RecipeInput, 'material'>

/** Everything that stands in a line, sorted. */
export interface Heard {
  readonly named: { readonly tonic: Note; readonly features: Features[] }[]
  readonly common: Features[]
  change: Change
  ask: Ask
  touches: Articulation[]
  hands: ('right' | 'left' | 'together')[]
  leads: ('right' | 'left')[]
  signs: Signs[]
  inversions: number[]
  all: boolean
  three: boolean
  /** Who chooses, of what. */
  choosers: Partial<Record<Alternatives, Chooser>>
  /** What “or” stood between. */
  or: Set<Alternatives>
  of: 'of' | 'on' | null
}
type Alternatives = 'forms' | 'hands' | 'touch' | 'keys'

function addChange(heard: Heard, { articulation, hands, ...rest }: Change): Alternatives | null {
  if (articulation) heard.touches.push(articulation)
  if (hands) heard.hands.push(hands)
  if (rest.lead) heard.leads.push(rest.lead)
  heard.change = overWhole(heard.change, rest)
  return articulation ? 'touch' : hands ? 'hands' : null
}

/** What is being listened to: what the last words were about, and whether “or” stood before the next. */
interface Listening {
  last: Alternatives
  or: boolean
}

/** Adds what one phrase says; returns what it is about, where alternatives can follow. */
function add(heard: Heard, { part }: Said, { last }: Listening, before: string): Alternatives | null {
  switch (part.is) {
    case 'tonic':
      heard.named.push({ tonic: part.note, features: [] })
      if (before === 'of' || before === 'on') heard.of = before
      return 'keys'
    case 'feature':
      ;(heard.named.at(-1)?.features ?? heard.common).push(part.features)
      return part.features.form ? 'forms' : null
    case 'change':
      return addChange(heard, part.change)
    case 'ask':
      return addAsk(heard, part.ask, last)
    case 'signs':
      heard.signs.push(part.signs)
      return 'keys'
    case 'inversion':
      heard.inversions.push(part.inversion)
      return null
    case 'three-minors':
      heard.three = true
      return 'forms'
    case 'all':
      heard.all = true
      return 'keys'
    default:
      return null
  }
}

function addAsk(heard: Heard, { chooser, ...rest }: Ask, last: Alternatives): Alternatives | null {
  if (chooser) heard.choosers[last] = chooser
  heard.ask = { ...heard.ask, ...rest }
  if (rest.hands === 'either') return 'hands'
  return rest.starts || rest.pick ? 'keys' : null
}

/** Sorts what a line was understood to say. */
export function hear(understood: readonly Understood[]): Heard {
  const heard: Heard = {
    ...{ named: [], common: [], change: {}, ask: {}, touches: [], hands: [], leads: [], signs: [], inversions: [] },
    ...{ all: false, three: false, choosers: {}, or: new Set(), of: null },
  }
  const listening: Listening = { last: 'forms', or: false }
  const usual: Change[] = []
  understood.forEach(({ said }, at) => {
    if (!said) return
    if (said.part.is === 'or') {
      listening.or = true
      return
    }
    if (said.part.is === 'change') usual.push(said.part.usual ?? {})
    const sort = add(heard, said, listening, understood[at - 1]?.typed.toLowerCase() ?? '')
    if (sort !== null) {
      if (listening.or && sort === listening.last) heard.or.add(sort)
      listening.last = sort
    }
    if (said.part.is !== 'filler') listening.or = false
  })
  if (heard.hands.length === 0 && heard.ask.hands === undefined)
    heard.hands.push(...usual.flatMap(({ hands }) => (hands ? [hands] : [])))
  return heard
}
