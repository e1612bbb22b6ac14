import { noteNameAt } from './noteNames'
import { numberWords } from './rules'
import type { Token } from './scan'

const SYLLABLES = ['do', 'ut', 're', 'mi', 'fa', 'sol', 'la', 'si']
const ROMANCE =
  /^(mayor(es)?|menor(es)?|majeur|mineur|maggiore|minore|escalas?|arpegios?|manos?|octavas?|sostenido|bemol|derecha|izquierda|movimiento|septima|desde|negra|corcheas?|semicorcheas?|cromatica|gamme|scala)$/
const GERMAN =
  /^(dur|moll|tonleiter|hande?|rechte|linke|oktaven?|gegenbewegung|dreiklang|viertel|achteln?|septakkord|dominantseptakkord)$/
/** What goes on from a key: its kind, the hands, how long. After anything else `a` is an article. */
const AFTER_KEY =
  /^(major|minor|maj|min|flat|sharp|harmonic|melodic|natural|dim|diminished|aug|augmented|dominant|dom|half|dur|moll|mayor|menor|bemol|sostenido|#|b|dorian|phrygian|lydian|mixolydian|aeolian|ionian|locrian|blues|pent\w*|chrom\w*|arp\w*|broken|cadence|five|scale|scales|and|&|,|;|or|to|rh|lh|hs|ht|right|left|hands|together|separate\w*|contrary|similar|legato|staccato|one|two|three|four|at|in|up|down|ascending|descending|from|on|with)$/
const PLURAL = /^(majors|minors|scales|keys|arpeggios|arps)$/
const AT_A_PLACE = /^(in|on|of)$/

const isLetterKey = (tokens: readonly Token[], at: number): boolean => {
  const { text, typed } = tokens[at]!
  if (typed === 'a' || SYLLABLES.includes(text) || text === 'as' || text === 'es') return false
  return noteNameAt(tokens, at, false) !== null
}
const otherKeys = (tokens: readonly Token[], at: number): number =>
  tokens.filter((_, other) => other !== at && isLetterKey(tokens, other)).length

/** “A major scale in D”: between the article and the key there is no other key, and a word that leads to it. */
function leadsToKey(tokens: readonly Token[], from: number): boolean {
  const key = tokens.findIndex((_, at) => at > from && isLetterKey(tokens, at))
  return (
    key > from + 1 &&
    AT_A_PLACE.test(tokens[key - 1]!.text) &&
    /^(scale|arp\w*|seventh|7th)$/.test(tokens[key - 2]!.text)
  )
}

/** “A D flat major scale”: the next key goes on to its kind; in “a d g” another key follows. */
function namesItsKind(tokens: readonly Token[], at: number): boolean {
  const after = tokens[noteNameAt(tokens, at, false)!.next]
  return after !== undefined && after.kind === 'word' && noteNameAt([after], 0, false) === null
}

const isRomance = (tokens: readonly Token[]): boolean => tokens.some(({ text }) => ROMANCE.test(text))
/** “A dos octavas”, “a 60”: in Spanish and its sisters `a` before a number says how far or how fast. */
const isPreposition = (tokens: readonly Token[], at: number): boolean => {
  const next = tokens[at + 1]
  return next !== undefined && isRomance(tokens) && (next.kind === 'number' || numberWords.includes(next.text))
}

/** “Up a fifth”, “a whole tone higher”: an interval by its name, and no key before it. */
const isInterval = (tokens: readonly Token[], at: number): boolean => {
  const words = tokens.slice(at + 1, at + 4).map(({ text }) => text)
  const name = words.findIndex((word) => INTERVAL.test(word))
  return name >= 0 && words.slice(0, name).every((word) => QUALITY.test(word)) && MOVES.test(around(tokens, at, name))
}
const around = (tokens: readonly Token[], at: number, name: number): string =>
  [tokens[at - 1], tokens[at + name + 2]].map((token) => token?.text ?? '').join(' ')
const INTERVAL = /^(second|third|fourth|fifth|sixth|tritone|semitone|tone|step)$/
const QUALITY = /^(major|minor|perfect|whole|half)$/
const MOVES = /\b(up|down|by|raise|raised|lower|lowered|higher)\b/

function isArticle(tokens: readonly Token[], at: number): boolean {
  if (isPreposition(tokens, at) || isInterval(tokens, at)) return true
  const others = otherKeys(tokens, at)
  const next = tokens[at + 1]
  if (others === 0 || !next || next.kind === 'number') return false
  if (isLetterKey(tokens, at + 1)) return namesItsKind(tokens, at + 1) && !tokens.some(({ text }) => PLURAL.test(text))
  return !AFTER_KEY.test(next.text) || leadsToKey(tokens, at)
}

/**
 * Whether a word that could be a key's name is one in a call: `a` may be an article, `do` a verb, `as` a conjunction,
 * wherever the line names its key in letters.
 */
export function isCalledKey(tokens: readonly Token[], at: number): boolean {
  const { text, typed } = tokens[at]!
  if (typed === 'a') return !isArticle(tokens, at)
  const speaks = (language: RegExp): boolean => tokens.some((token) => language.test(token.text))
  if (text === 'as' || text === 'es') return speaks(GERMAN) || otherKeys(tokens, at) === 0
  if (SYLLABLES.includes(text)) return speaks(ROMANCE) || otherKeys(tokens, at) === 0
  return true
}
