import type { Hands } from '../study'
import type { RecipeInput } from '../instrument'
import { gather } from './gather'
import { RECORD_RULES } from './lexiconRecord'
import type { Features, Played, SpokenDay } from './part'
import { type Understood, readerFor, RULES } from './read'
import { FILLERS } from './lexiconRest'
import { BARE_NUMBERS } from './lexiconShape'
import { BEAT_RULES } from './lexiconTempo'
import type { Token } from './scan'

/** What one stretch of a line of the record says: of some studies, how they went. */
export interface PlayedLine {
  readonly typed: string
  readonly outcome: 'right' | 'hesitated' | 'wrong' | null
  readonly place: Played['place'] | null
  readonly kind: 'cold-test' | 'home' | null
  /** The day that was said of it, or of what was said before it; null where none was. */
  readonly day: SpokenDay | null
  /** Beats a minute, in quarters. */
  readonly bpm: number | null
  readonly hands: Hands | null
  /** The studies that were named. */
  readonly studies: readonly RecipeInput[]
  /** Whether the words name a form of minor. */
  readonly namesForm: boolean
  /** Words that were not understood, or that the record has no place for. */
  readonly unread: readonly string[]
}

const SYLLABLES = ['do', 'ut', 're', 'mi', 'fa', 'sol', 'la', 'si']
const ROMANCE =
  /^(mayor|menor|majeur|mineur|maggiore|minore|escala|arpegio|mano|manos|sostenido|bemol|derecha|izquierda)$/
/** What makes a key of a word that a sentence could need as well. */
const AFTER_KEY =
  /^(major|minor|maj|min|flat|sharp|harmonic|melodic|natural|dur|moll|mayor|menor|bemol|sostenido|#|b|dorian|phrygian|lydian|mixolydian|aeolian|locrian|blues|arp\w*|scale|and|,)$/

/** `a`, `la`, `as`, `es` and the syllables are names of keys only where the line makes them so. */
function isKey(tokens: readonly Token[], at: number): boolean {
  const { text, typed } = tokens[at]!
  const next = tokens[at + 1]?.text ?? ','
  if (typed === 'a' || text === 'la') return AFTER_KEY.test(next)
  if (text === 'as' || text === 'es') return tokens.some((token) => ['dur', 'moll'].includes(token.text))
  return !SYLLABLES.includes(text) || tokens.some((token) => ROMANCE.test(token.text))
}

const read = readerFor([...RECORD_RULES, ...RULES, ...BEAT_RULES, ...BARE_NUMBERS, ...FILLERS], { isName: isKey })

const partOf = (item: Understood | undefined) => item?.meaning?.part
const isTonic = (item: Understood): boolean => partOf(item)?.is === 'tonic'
const isFeature = (item: Understood): boolean => partOf(item)?.is === 'feature'
const isComma = (item: Understood | undefined): boolean => item?.typed === ','
const playedIn = (item: Understood): Played => {
  const part = partOf(item)
  return part?.is === 'played' ? part.played : {}
}
const saysHands = (item: Understood): boolean => {
  const part = partOf(item)
  return (part?.is === 'change' && part.change.hands !== undefined) || playedIn(item).apart === true
}
const saysTempo = (item: Understood): boolean => {
  const part = partOf(item)
  return part?.is === 'change' && part.change.tempo?.bpm !== undefined
}
const saysOutcome = (item: Understood): boolean => playedIn(item).outcome !== undefined

/** Where the words begin that belong to what stands at a place: after the last comma, or before what describes it. */
function beginning(items: readonly Understood[], from: number, at: number): number {
  const comma = items.slice(from, at).findLastIndex(isComma)
  if (comma >= 0) return from + comma + 1
  let first = at
  while (first > from && (isFeature(items[first - 1]!) || partOf(items[first - 1])?.is === 'filler')) first--
  return first
}

/** Whether what stands at a place begins to tell of something else than the words before it. */
function beginsAnew(items: readonly Understood[], from: number, at: number): boolean {
  const before = items.slice(from, at)
  const item = items[at]!
  const key = before.findLastIndex(isTonic)
  if (key >= 0 && (isTonic(item) || isFeature(item))) {
    const since = before.slice(key)
    const separate = since.some(isComma) && since.some((each) => saysHands(each) || saysTempo(each))
    return since.some(saysOutcome) || (isTonic(item) && separate)
  }
  if (!saysHands(item)) return false
  const hasOutcome = before.some(saysOutcome)
  if (before.some(saysHands)) return hasOutcome || before.some(saysTempo)
  if (!hasOutcome) return false
  // “G minor clean, left hand wrong at the turn”: another hand's own outcome
  const start = beginning(items, from, at)
  const rest = items.slice(start)
  const end = rest.findIndex(isComma)
  return start > from && isComma(items[start - 1]) && (end < 0 ? rest : rest.slice(0, end)).some(saysOutcome)
}

/** Parts a line where it turns to another study or hand. */
function stretches(items: readonly Understood[]): Understood[][] {
  const found: Understood[][] = []
  let from = 0
  for (let at = 1; at < items.length; at++) {
    if (!beginsAnew(items, from, at)) continue
    const start = Math.max(from, beginning(items, from, at))
    if (start === from) continue
    found.push(items.slice(from, start))
    from = start
  }
  found.push(items.slice(from))
  return found
}

const only = <T>(values: readonly T[]): T | null => (new Set(values).size === 1 ? values[0]! : null)

/** How it went, of everything that was said of it; null where that does not come to one outcome. */
function outcomeOf(items: readonly Understood[]): PlayedLine['outcome'] {
  const outcomes = items.flatMap((item) => playedIn(item).outcome ?? [])
  const later = outcomes.includes('later')
  const clear = outcomes.filter((each) => each !== 'unclear' && each !== 'later')
  const [first] = clear
  if (first === undefined) return null
  const all = new Set(clear)
  // “right but hesitated” is hesitated, “wrong, hesitated” wrong
  if (!all.has('right')) return all.has('wrong') ? 'wrong' : 'hesitated'
  if (all.size === 1 && outcomes.includes('unclear')) return null
  // “second go right”: right, but not at the first try
  if (all.size === 1) return later ? 'hesitated' : 'right'
  if (!all.has('wrong')) return 'hesitated'
  const turns = items.flatMap((item) => playedIn(item).turns ?? [])
  // what counts is the first time; a limit makes it wrong
  if (turns.includes('then')) return first
  return turns.includes('but') || items.some(isComma) ? 'wrong' : null
}

const isWord = (text: string): boolean => /[\p{L}\p{N}]/u.test(text)

function unreadIn(items: readonly Understood[]): string[] {
  return items
    .filter((item) => (item.meaning === null || playedIn(item).beyond) && isWord(item.typed))
    .flatMap(({ typed }) => typed.split(/\s+/))
}

/** The key that was named before, for words that name none; its form and shape only where these name neither. */
function inherited(items: readonly Understood[], previous: readonly Understood[]): Understood[] {
  if (items.some(isTonic)) return []
  const own = items.some(isFeature)
  return previous.flatMap((item): Understood[] => {
    const part = partOf(item)
    if (part?.is === 'tonic' || part?.is === 'inversion') return [item]
    if (part?.is !== 'feature') return []
    const { quality } = part.features
    const features: Features = own ? (quality ? { quality } : {}) : part.features
    return [{ ...item, meaning: { part: { is: 'feature', features } } }]
  })
}

function playedLines(items: readonly Understood[], key: readonly Understood[]): PlayedLine[] {
  const all = [...key, ...items]
  const changes = items.flatMap((item) => {
    const part = partOf(item)
    return part?.is === 'change' ? [part.change] : []
  })
  const { studies } = gather(all.filter((item) => !saysTempo(item)))
  const tempi = changes.flatMap(({ tempo }) => tempo?.bpm ?? [])
  const unclear = new Set(tempi).size > 1 ? items.filter(saysTempo) : []
  const line = {
    typed: items
      .map(({ typed }) => typed)
      .join(' ')
      .replaceAll(/ (?=,)|,$/g, ''),
    outcome: outcomeOf(items),
    place: only(items.flatMap((item) => playedIn(item).place ?? [])),
    kind: only(items.flatMap((item) => playedIn(item).kind ?? [])),
    day: items.map((item) => playedIn(item).day).find((day) => day !== undefined) ?? null,
    bpm: only(tempi),
    hands: only(changes.flatMap(({ hands }) => hands ?? [])),
    studies,
    namesForm: all.some((item) => {
      const part = partOf(item)
      return part?.is === 'feature' && part.features.form !== undefined
    }),
    unread: [...unreadIn(items), ...unclear.map(({ typed }) => typed)],
  }
  const apart = items.some((item) => playedIn(item).apart)
  const hands = apart ? (['right', 'left'] as const) : [line.hands]
  const each = studies.length > 1 ? studies.map((study) => [study]) : [studies]
  return each.flatMap((some) => hands.map((hand) => ({ ...line, studies: some, hands: hand })))
}

/** What a sentence says; the key that was named last goes on until another is named. */
function sentenceRead(
  sentence: string,
  before: readonly Understood[],
): { lines: PlayedLine[]; key: readonly Understood[] } {
  const items = read(sentence).filter(({ typed }) => typed === ',' || isWord(typed))
  let key = before
  const lines = items.some(({ typed }) => isWord(typed))
    ? stretches(items).flatMap((stretch) => {
        const own = inherited(stretch, key)
        key = [...own, ...stretch]
        return playedLines(stretch, own)
      })
    : []
  return { lines, key }
}

/**
 * Reads lines about what was played, as a teacher would say it. Words for hands are taken before words for outcomes:
 * `right` by itself is an outcome, `right hand` and `RH` are a hand. What nobody said is null.
 */
export const parsePlayed = (text: string): PlayedLine[] => withDays(stretchesOf(text))

/** A day that is said once is that of the whole; of several each goes on until another is said. */
function withDays(lines: readonly PlayedLine[]): PlayedLine[] {
  const said = lines.filter(({ day }) => day !== null)
  let current = said.length === 1 ? said[0]!.day : null
  return lines.map((line) => ({ ...line, day: (current = line.day ?? current) })).filter(saysSomething)
}

/** A stretch of nothing but a day, “yesterday: …”, is no entry. */
const saysSomething = ({ studies, outcome, bpm, hands, place, kind, unread }: PlayedLine): boolean =>
  studies.length > 0 || unread.length > 0 || [outcome, bpm, hands, place, kind].some((each) => each !== null)

const stretchesOf = (text: string): PlayedLine[] =>
  text
    .replaceAll('’', "'")
    .split('\n')
    .flatMap((line) => {
      let key: readonly Understood[] = []
      return line.split(/;|(?<=\p{L}{2}|\d)[.!](?=\s|$)/u).flatMap((sentence) => {
        const found = sentenceRead(sentence, key)
        key = found.key
        return found.lines
      })
    })
