import { families, type RecipeInput } from '../instrument'
import { isCalledKey } from './keyWords'
import { KIND_RULES } from './lexiconKinds'
import { FILLERS, REST_RULES } from './lexiconRest'
import { CALLED_RULES } from './lexiconCalled'
import { BARE_NUMBERS, SHAPE_RULES } from './lexiconShape'
import { meantWord, nearestWord } from './nearest'
import { NOTE_WORDS, noteNameAt } from './noteNames'
import type { Meaning } from './part'
import { matches, numberWords, type Rule, rules } from './rules'
import { scan, type Token } from './scan'

type Changes = Omit<RecipeInput, 'material'>

/** What each family of instruments adds to the grammar. */
const FAMILY_RULES: readonly Rule[] = families()
  .flatMap(({ lexicon }) => lexicon)
  .flatMap(({ phrases, say }) =>
    rules(phrases, (taken): Meaning | null => {
      const meaning = say(taken)
      return meaning && { part: { is: 'change', ...(meaning as { change: Changes; usual?: Changes }) } }
    }),
  )

/** What called and printed lines share. */
export const RULES: readonly Rule[] = [...SHAPE_RULES, ...KIND_RULES, ...FAMILY_RULES, ...REST_RULES]

/** A stretch of the line and what it was understood to say; places in characters. */
export interface Understood {
  readonly from: number
  readonly to: number
  readonly typed: string
  readonly meaning: Meaning | null
  /** For what was not understood: the nearest word that would be. */
  readonly nearest: string | null
  /** Slips of typing in it, each with the word that it was read as. */
  readonly slips: readonly { readonly typed: string; readonly word: string }[]
}

/** A phrase costs one, however long, so the fewest phrases win; what is not understood costs more than any reading. */
const PHRASE = 1
const FILLER = 1.2
const UNKNOWN = 20

/** Words with which a rule can begin; null where a number or note may come first. */
function firstSlots({ slots }: Rule): string[] | null {
  const words: string[] = []
  for (const slot of slots) {
    if (slot.class !== null) return null
    words.push(...slot.words)
    if (!slot.optional) break
  }
  return words
}

interface Step {
  readonly cost: number
  readonly next: number
  readonly meaning: Meaning | null
}

/** Rules by the words that they can begin with; the others may begin with anything. */
interface Grammar {
  readonly rules: readonly Rule[]
  readonly byFirst: ReadonlyMap<string, readonly Rule[]>
  readonly anywhere: readonly Rule[]
}

function grammarOf(rules: readonly Rule[]): Grammar {
  const byFirst = new Map<string, Rule[]>()
  const anywhere: Rule[] = []
  for (const rule of rules) {
    const firsts = firstSlots(rule)
    if (firsts === null) anywhere.push(rule)
    else for (const word of firsts) byFirst.set(word, [...(byFirst.get(word) ?? []), rule])
  }
  return { rules, byFirst, anywhere }
}

interface Reading {
  readonly grammar: Grammar
  readonly tokens: readonly Token[]
  readonly german: boolean
  readonly isName: IsName
}
/** Whether a word that could be a note's name is one. */
type IsName = (tokens: readonly Token[], at: number) => boolean

function readingsAt({ grammar, tokens, german, isName }: Reading, at: number): Step[] {
  const { byFirst, anywhere } = grammar
  const steps: Step[] = [{ cost: UNKNOWN, next: at + 1, meaning: null }]
  const note = isName(tokens, at) ? noteNameAt(tokens, at, german) : null
  if (note) {
    const meaning: Meaning = { part: { is: 'tonic', note: note.note } }
    steps.push({ cost: PHRASE, next: note.next, meaning })
  }
  for (const rule of [...(byFirst.get(tokens[at]!.text) ?? []), ...anywhere]) {
    for (const { next, taken } of matches(rule, tokens, at, german)) {
      const meaning = rule.say(taken)
      if (meaning) steps.push({ cost: meaning.part.is === 'filler' ? FILLER : PHRASE, next, meaning })
    }
  }
  return steps
}

/** Whether the line speaks German, where B is B flat. */
const isGerman = (tokens: readonly Token[]): boolean => tokens.some(({ text }) => ['dur', 'moll'].includes(text))

/** The nearest word that means something; of a word that only part of a phrase means, the shortest such phrase. */
function nearestReading(text: string, rules: readonly Rule[], vocabulary: readonly string[]): string | null {
  if (!vocabulary.includes(text)) return nearestWord(text, vocabulary)
  const place = (shown: string): number => shown.split(' ').indexOf(text)
  const phrases = rules.map(({ shown }) => shown).filter((shown) => place(shown) >= 0)
  // one that begins with the word says most surely what was meant
  return phrases.toSorted((a, b) => place(a) - place(b) || a.length - b.length)[0] ?? null
}

/** Of so many words in a line that mean nothing it is told what they are like; a line with more is no list of studies. */
const LIKENED_IN_A_LINE = 12
const MAX_LIKENED = 5000

/** The cheapest row of phrases, exactly; from the end backwards, each place once. */
function cheapest({ grammar, tokens, german, isName }: Reading): Step[] {
  const best: Step[] = Array.from({ length: tokens.length + 1 })
  best[tokens.length] = { cost: 0, next: tokens.length, meaning: null }
  for (let at = tokens.length - 1; at >= 0; at--) {
    best[at] = readingsAt({ grammar, tokens, german, isName }, at)
      .map((step) => ({ ...step, cost: step.cost + best[step.next]!.cost }))
      .reduce((one, other) => (other.cost < one.cost ? other : one))
  }
  return best
}

/** Places of the phrases in the cheapest row. */
function phrasesOf(best: readonly Step[]): number[] {
  const places: number[] = []
  for (let at = 0; at < best.length - 1; at = best[at]!.next) places.push(at)
  return places
}

interface ReaderOptions {
  /** Whether a word that could be a note's name is one; every one unless said. */
  readonly isName?: IsName
  /** Whether a slip of typing is read as the word that was meant. */
  readonly mends?: boolean
}

/** A reader of lines. */
export function readerFor(
  rules: readonly Rule[],
  { isName = () => true, mends = false }: ReaderOptions = {},
): (line: string) => Understood[] {
  const grammar = grammarOf(rules)
  /** Every word that means something by itself. */
  const vocabulary = [
    ...new Set([...rules.flatMap(({ slots }) => slots.flatMap((slot) => slot.words)), ...NOTE_WORDS, ...numberWords]),
  ].filter((word) => word.length > 1)
  const known = new Map<string, string | null>()
  /** What was likened once is remembered, for a while: printed lists say the same again and again. */
  const likened = (text: string): string | null => {
    const found = known.get(text)
    if (found !== undefined) return found
    if (known.size >= MAX_LIKENED) known.clear()
    const nearest = nearestReading(text, rules, vocabulary)
    known.set(text, nearest)
    return nearest
  }
  /** Slips in words that nothing was made of, each with what is read instead. */
  const slipsIn = (tokens: readonly Token[], best: readonly Step[]): Map<Token, string> => {
    const unread = phrasesOf(best).filter((at) => best[at]!.meaning === null)
    const slips = unread.slice(0, LIKENED_IN_A_LINE).map((at) => [tokens[at]!, meantWord(tokens[at]!.text, vocabulary)])
    return new Map(slips.filter((slip): slip is [Token, string] => slip[1] !== null))
  }
  return (line) => {
    const typed = scan(line)
    const reading = { grammar, german: isGerman(typed), isName }
    const first = cheapest({ ...reading, tokens: typed })
    const slips = mends ? slipsIn(typed, first) : new Map<Token, string>()
    const tokens = typed.map((token) => ({ ...token, text: slips.get(token) ?? token.text }))
    const best = slips.size > 0 ? cheapest({ ...reading, tokens }) : first
    let likenings = 0
    return phrasesOf(best).map((at): Understood => {
      const { next, meaning } = best[at]!
      const [from, to] = [tokens[at]!.from, tokens[next - 1]!.to]
      const nearest = meaning || likenings++ >= LIKENED_IN_A_LINE ? null : likened(typed[at]!.text)
      const mended = typed.slice(at, next).filter((token) => meaning && slips.has(token))
      const read = mended.map((token) => ({ typed: token.typed, word: slips.get(token)! }))
      return { from, to, typed: line.slice(from, to), meaning, nearest, slips: read }
    })
  }
}

/** Reads what a teacher calls. */
export const read = readerFor([...CALLED_RULES, ...RULES, ...BARE_NUMBERS, ...FILLERS], {
  isName: isCalledKey,
  mends: true,
})
